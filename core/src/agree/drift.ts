import { meanOf, type Difference } from './agreement';

/** Two-sided cumulated sums, in deviations: what is forgiven a pair, and what calls out (Page 1954, from memory) [model]. */
const FORGIVEN = 0.5;
export const CALLS_AT = 5;

/** Sums that were cumulated pair by pair, in deviations, and the pair at which one of them called out. */
export interface Drift {
  up: number[];
  down: number[];
  /** Index of the pair at which it was found; null while none was. */
  foundAt: number | null;
  /** It reads more than it did, or less. */
  way: 'more' | 'less' | null;
}

/**
 * Whether an instrument has drifted from what was accepted of it: small shifts add up until they call out.
 * @param all differences, in any order; both feet of one visit count as one
 * @param biasMm accepted, or that of the first ones; @param sdMm deviation of one difference
 */
export function driftOf(all: readonly Difference[], { biasMm, sdMm }: { biasMm: number; sdMm: number }): Drift & { pairs: Difference[] } {
  const pairs = visitsOf(all);
  const drift: Drift & { pairs: Difference[] } = { up: [], down: [], foundAt: null, way: null, pairs };
  let [up, down] = [0, 0];
  pairs.forEach(({ d }, i) => {
    const z = (d - biasMm) / sdMm;
    up = Math.max(0, up + z - FORGIVEN);
    down = Math.max(0, down - z - FORGIVEN);
    drift.up.push(up);
    drift.down.push(down);
    if (drift.foundAt !== null || Math.max(up, down) <= CALLS_AT) return;
    drift.foundAt = i;
    drift.way = up > down ? 'more' : 'less';
  });
  return drift;
}

/** One difference a person and day, in the order of time. */
function visitsOf(all: readonly Difference[]): Difference[] {
  const own = new Map<string, Difference[]>();
  for (const pair of all) {
    const key = `${pair.person} ${pair.at.slice(0, 10)}`;
    own.set(key, [...(own.get(key) ?? []), pair]);
  }
  const byTime = (a: Difference, b: Difference): number => a.at.localeCompare(b.at);
  return [...own.values()]
    .map((feet) => ({ ...feet.sort(byTime).at(-1)!, d: meanOf(feet.map((f) => f.d)), mean: meanOf(feet.map((f) => f.mean)) }))
    .sort(byTime);
}
