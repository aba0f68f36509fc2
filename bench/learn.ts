/** Learning: how long two feet behind six shoes take, told zone by zone, with a tape. */
import { allStyles } from '../demo/lasts';
import { madeUpShop } from '../core/tests/made-up-shop';
import { ORDINARY_WEAR, shoeOf, sizesOf } from '../core/src/fit';
import { learnChannel, learnFeet, sendPlan, type KnownPair } from '../core/src/learn';

const ZONES = { 'toe-room': 'right', 'ball-girth': 'snug', instep: 'right', 'heel-width': 'right', 'ball-width': 'right' } as const;
const RUNS = 10;
const FOOT_MM = 250;
/** @returns the best and the middle of ten, ms */
export function learnFigures(): { shoes: number; words: number; bestMs: number; medianMs: number } {
  const near = (of: { inside: { madeForFootMm: number } }): number => Math.abs(of.inside.madeForFootMm - FOOT_MM);
  const pairs: KnownPair[] = allStyles()
    .filter((s) => ['oxford', 'sneaker', 'lace-boot'].includes(s.kind))
    .slice(0, 6)
    .map((style, i) => {
      const [shoe] = sizesOf(style)
        .map((size) => shoeOf(style, size, style.widths[0]))
        .sort((a, b) => near(a) - near(b));
      return {
        id: String(i),
        shoe,
        lastId: style.last.id,
        mark: style.last.evidence.mark,
        wear: ORDINARY_WEAR,
        zones: { left: ZONES, right: ZONES },
        worn: true
      };
    });
  const tape = { lengthMm: { mm: FOOT_MM, sdMm: 1.5 }, ballGirthMm: { mm: 232, sdMm: 3 } };
  let words = 0;
  const runs = Array.from({ length: RUNS }, () => {
    const started = performance.now();
    words = learnFeet({ pairs, tape: { left: tape, right: tape }, preference: 'regular' }).words.length;
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return { shoes: pairs.length, words, bestMs: runs[0], medianMs: runs[RUNS / 2] };
}

/** A shop's people and lasts, one channel: how long a whole reckoning takes, and a tenth of its people. */
export function shopFigures(): { people: number; pairs: number; lasts: number; sweeps: number; ms: number; tenthMs: number } {
  const timed = (people: number): { ms: number; sweeps: number } => {
    const shop = madeUpShop({ people, lasts: 300 });
    const started = performance.now();
    const { sweeps } = learnChannel('length', shop);
    return { ms: performance.now() - started, sweeps };
  };
  timed(200);
  const tenth = timed(1000);
  const whole = timed(10_000);
  return { people: 10_000, pairs: 30_000, lasts: 300, sweeps: whole.sweeps, ms: whole.ms, tenthMs: tenth.ms };
}
/** Which pairs to send of all styles of a kind, and of one of them. */
export function planFigures(): { styles: number; manyMs: number; oneMs: number } {
  const tape = { lengthMm: { mm: FOOT_MM, sdMm: 1.5 }, ballGirthMm: { mm: 232, sdMm: 3 } };
  const ask = { pairs: [], tape: { left: tape, right: tape }, preference: 'regular' as const };
  const styles = allStyles().filter((s) => s.kind === 'sneaker' || s.kind === 'walking');
  const timed = (of: typeof styles): number => {
    const started = performance.now();
    sendPlan(ask, of, ORDINARY_WEAR);
    return performance.now() - started;
  };
  timed(styles.slice(0, 1));
  const oneMs = timed(styles.slice(0, 1));
  return { styles: styles.length, manyMs: timed(styles), oneMs };
}
