/** One thing that may be sent: at which draws of all that is not known it comes out. */
export interface Sendable {
  id: string;
  /** A bit a draw, in words of 32. */
  bits: Uint32Array;
}
/** The best set of some size: which, and the chance that one of them comes out. */
export interface BestSet {
  ids: string[];
  chance: number;
}
/** So many are sent at most: beyond, nobody carries them back. */
export const MOST_SENT = 3;
const ones = (word: number): number => {
  let n = word - ((word >>> 1) & 0x55555555);
  n = (n & 0x33333333) + ((n >>> 2) & 0x33333333);
  return (((n + (n >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
};
const count = (bits: Uint32Array): number => bits.reduce((sum, word) => sum + ones(word), 0);
const union = (a: Uint32Array, b: Uint32Array): Uint32Array => a.map((word, i) => word | b[i]);

/** The chance of one thing by itself. */
export const chanceOf = ({ bits }: Sendable, draws: number): number => count(bits) / draws;

/**
 * For one, two and three things the set with the best chance that at least one comes out, exactly: candidates are tried in the order of their
 * own chances, and a branch ends where even the next ones by themselves could add no more. The best two need not hold the best one.
 * @param draws how many bits count
 */
export function bestSets(candidates: readonly Sendable[], draws: number, most = MOST_SENT): BestSet[] {
  const own = candidates.map((c) => ({ ...c, n: count(c.bits) })).sort((a, b) => b.n - a.n || (a.id < b.id ? -1 : 1));
  return Array.from({ length: Math.min(most, own.length) }, (_, i) => {
    const size = i + 1;
    let best: { ids: string[]; n: number } = { ids: [], n: -1 };
    const look = (from: number, ids: string[], bits: Uint32Array | null, n: number): void => {
      if (ids.length === size) {
        if (n > best.n) best = { ids, n };
        return;
      }
      for (let c = from; c <= own.length - (size - ids.length); c++) {
        // Nothing behind adds more than its own chance.
        let bound = n;
        for (let k = 0; k < size - ids.length; k++) bound += own[c + k].n;
        if (bound <= best.n) return;
        const both = bits ? union(bits, own[c].bits) : own[c].bits;
        look(c + 1, [...ids, own[c].id], both, count(both));
      }
    };
    look(0, [], null, 0);
    return { ids: best.ids, chance: best.n / draws };
  });
}
/** What another pair in the post costs and brings. */
export interface Post {
  marginEach: number;
  out: number;
  back: number;
}
/** Whether a pair more is worth its way: what it gains in chance, times what a kept pair brings, over its way out and back. */
export const worthSending = (gain: number, { marginEach, out, back }: Post): boolean => gain * marginEach > out + back * (1 - gain);
