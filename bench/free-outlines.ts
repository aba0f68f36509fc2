import { completeShoe, footAsWorn, ORDINARY_WEAR, placeFoot, rankAll, type Style } from '../core/src/fit';
import { compileShoe, gradeLast } from '../core/src/last';
import { completeFoot } from '../core/src/measure';
import { compileFootShape, contourOf } from '../core/src/shape';
import { footLine, insoleLine } from '../demo/lines';

export interface FreeOutlineFigures {
  /** Microseconds a placement along families and along free outlines, both feet and shoes, in one interleaved run. */
  familyUs: number;
  freeUs: number;
  /** Ranking of the same styles, by family and with a third of the lasts traced, ms. */
  rankedMs: number;
  tracedRankedMs: number;
}

const ROUNDS = 9;
const PLACEMENTS = 20_000;
const middle = (times: number[]): number => times.sort((a, b) => a - b)[times.length >> 1];
const timed = (work: () => void): number => {
  const started = performance.now();
  work();
  return performance.now() - started;
};

/** How long placing and ranking along free outlines take beside families. */
export function freeOutlineFigures(styles: readonly Style[]): FreeOutlineFigures {
  const foot = (free: boolean, side: 'left' | 'right') => {
    const own = completeFoot({ side, values: { lengthMm: { mm: 247 }, ballWidthMm: { mm: 94 }, ballGirthMm: { mm: 233 } } });
    const plain = footAsWorn(own, ORDINARY_WEAR);
    return free ? footAsWorn({ ...own, contour: contourOf(footLine(plain.dims, 3)) }, ORDINARY_WEAR) : plain;
  };
  const shoe = completeShoe({ kind: 'pump', insoleLengthMm: 268, madeForFootMm: 246, toeShape: 'almond', ballWidthMm: 90, ballGirthMm: 232 });
  const pairs = [false, true].map((free) => ({
    shape: compileFootShape(foot(free, 'left').dims, 0.3),
    shoe: compileShoe(free ? { ...shoe.inside, outline: insoleLine(shoe.inside) } : shoe.inside, 0.5)
  }));
  const times: [number[], number[]] = [[], []];
  for (let round = 0; round < ROUNDS; round++)
    pairs.forEach((pair, which) =>
      times[which].push(
        timed(() => {
          for (let i = 0; i < PLACEMENTS; i++) placeFoot(pair.shape, pair.shoe, 0.3 + (i % 7) * 0.1);
        })
      )
    );
  const traced = styles.map((s, i): Style => (i % 3 ? s : { ...s, last: { ...s.last, outline: insoleLine(gradeLast(s.last, s.last.base.size, 0), 200) } }));
  const ranked: [number[], number[]] = [[], []];
  for (let round = 0; round < 5; round++)
    [styles, traced].forEach((list, which) => {
      const feet = (['left', 'right'] as const).map((side) => foot(false, side));
      ranked[which].push(timed(() => void rankAll(list, feet, ORDINARY_WEAR)));
    });
  const each = (ms: number[]): number => (middle(ms) * 1000) / PLACEMENTS;
  return { familyUs: each(times[0]), freeUs: each(times[1]), rankedMs: middle(ranked[0]), tracedRankedMs: middle(ranked[1]) };
}
