import type { Bitset } from './bitset';

/** How far a number lies off what it is told as, at every sample point, mm. */
export interface Noise {
  at: Float64Array;
  least: number;
  most: number;
  /** Worked out when it is first asked for. */
  ordered: Ordered | null;
}

/** The noise in rising order. The points up to each place in that order are at hand as a bitset, so that those between two numbers are found at once. */
interface Ordered {
  sorted: Float64Array;
  /** The first none, one, two and so on, a row of words each. */
  upTo: Int32Array;
}

/** A noise of nought, to be added to. */
export const noNoise = (points: number): Noise => ({ at: new Float64Array(points), least: 0, most: 0, ordered: null });

/** Tells a noise its ends, once nothing is added to it any more. */
export function withEnds(noise: Noise): Noise {
  for (const mm of noise.at) {
    if (mm < noise.least) noise.least = mm;
    if (mm > noise.most) noise.most = mm;
  }
  return noise;
}

/** Keeps of a set the points at which a noise lies between two numbers, these included. */
export function keepBetween(low: number, high: number, noise: Noise, set: Bitset): void {
  if (noise.least >= low && noise.most <= high) return;
  const { sorted, upTo } = (noise.ordered ??= inOrder(noise.at, set.length));
  const words = set.length;
  const from = words * countBelow(sorted, low, false);
  const to = words * countBelow(sorted, high, true);
  for (let w = 0; w < words; w++) set[w] &= upTo[to + w] & ~upTo[from + w];
}

/** How many numbers of a rising run lie below one, or are that one as well: by bisection. */
function countBelow(sorted: Float64Array, mm: number, orAt: boolean): number {
  let from = 0;
  let to = sorted.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    if (sorted[middle] < mm || (orAt && sorted[middle] === mm)) from = middle + 1;
    else to = middle;
  }
  return from;
}

function inOrder(at: Float64Array, words: number): Ordered {
  const order = Array.from(at.keys()).sort((p, q) => at[p] - at[q]);
  const upTo = new Int32Array((at.length + 1) * words);
  order.forEach((n, i) => {
    const row = (i + 1) * words;
    upTo.copyWithin(row, row - words, row);
    upTo[row + (n >> 5)] |= 1 << (n & 31);
  });
  return { sorted: Float64Array.from(order, (n) => at[n]), upTo };
}
