import { gradeLast, outlineOfTracings, type Inside, type Last } from '@chiave/core/last';
import { thinned } from '@chiave/core/shape';
import { LASTS, MAKERS, type LastDesign } from './design';
import { lastOf } from './lasts';
import { insoleLine, tremor } from './lines';
import { seeded } from './random';

const HANDS = ['Nerina', 'Tobiah'];
const tenth = (mm: number): number => Math.round(mm * 10) / 10;

/** An insole's line as a hand draws it. */
const drawnInsole = (inside: Inside, seed: number): [number, number][] =>
  thinned(
    tremor(
      insoleLine(inside, 250).points.map(([x, y]) => ({ x, y })),
      0.4,
      5,
      seed
    ),
    0.1
  ).map(({ x, y }) => [tenth(x), tenth(y)]);

/** A last along the mean of its tracings, where they were taken over. */
export function alongItsLine(design: LastDesign): Last {
  const last = lastOf(design);
  if (!design.traced?.taken) return last;
  const lines = readings()
    .filter((r) => r.last === last.id)
    .map(({ outline, who, size }) => ({
      points: outline!.map(([x, y]) => ({ x, y })),
      who,
      forFootMm: gradeLast(last, size, 0).madeForFootMm
    }));
  return { ...last, outline: outlineOfTracings(lines, last.taperShiftMm)! };
}

interface DemoReading {
  last: string;
  size: number;
  who: string;
  outline?: [number, number][];
}

/** Pairs of some lasts measured by two hands, each with its own way, in a few sizes; one reading is a slip. */
export function readings(): DemoReading[] {
  return LASTS.filter((l, i) => l.mark === 'measured' && i % 2 === 0).flatMap((design, index) => {
    const last = lastOf(design);
    const letters = MAKERS.find((m) => m.id === design.maker)!.letters;
    const random = seeded(7000 + index);
    const ways = HANDS.map(() => 0.4 * random.normal());
    return [-1, 0, 1, 2].map((step, k) => {
      const size = last.base.size + step;
      const inside = gradeLast(last, size, 0);
      const hand = k % 2;
      const off = (sd: number): number => ways[hand] + sd * random.normal();
      const slip = index === 2 && k === 3 ? 9 : 0;
      return {
        last: design.id,
        size,
        width: letters.includes(last.base.width) ? last.base.width : letters[0],
        side: k < 2 ? 'left' : 'right',
        who: HANDS[hand],
        takenOn: `2026-0${3 + (index % 6)}-1${k}`,
        lengthMm: tenth(inside.insoleLengthMm + off(0.7) + slip),
        ballMm: tenth(inside.ballWidthMm + off(0.6)),
        narrowMm: tenth(0.705 * inside.ballWidthMm + off(0.8)),
        heelMm: tenth(inside.heelWidthMm + off(0.6)),
        ballGirthMm: k % 2 === 0 ? tenth(inside.ballGirthMm + off(1.5)) : null,
        ...(design.traced ? { outline: drawnInsole({ ...inside, taperShiftMm: inside.taperShiftMm + design.traced.laterMm }, 100 * index + k) } : {}),
        note: ''
      };
    });
  });
}
