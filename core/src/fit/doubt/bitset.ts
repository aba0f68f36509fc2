/** Points of doubt that still stand, a bit each, thirty-two in a word. */
export type Standing = Int32Array;

/** How far a number of a fit lies off what it is told as, at every point of doubt, and between what, mm. */
export interface Noise {
  at: Float64Array;
  least: number;
  most: number;
  /** Worked out when first asked for. */
  run: Run | null;
}

/** A noise in rising order: the points up to each place in it are at hand as bits, so that what lies between two numbers is found at once. */
interface Run {
  sorted: Float64Array;
  /** The points of the first none, one, two and so on, a row each. */
  upTo: Int32Array;
}

/** A noise of nought, to be added to. */
export const noNoise = (points: number): Noise => ({ at: new Float64Array(points), least: 0, most: 0, run: null });

const wordsFor = (points: number): number => (points + 31) >> 5;
export const blankStanding = (points: number): Standing => new Int32Array(wordsFor(points));

/** Stands every point up. */
export function standAll(set: Standing, points: number): void {
  set.fill(-1);
  if (points & 31) set[set.length - 1] = (1 << (points & 31)) - 1;
}

/** How many points stand. */
export function countStanding(set: Standing): number {
  let count = 0;
  for (let w = 0; w < set.length; w++) {
    let bits = set[w] - ((set[w] >>> 1) & 0x55555555);
    bits = (bits & 0x33333333) + ((bits >>> 2) & 0x33333333);
    count += (((bits + (bits >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
  }
  return count;
}

/** Lists the points that stand, in order. @returns how many */
export function listStanding(set: Standing, into: Int16Array): number {
  let many = 0;
  for (let w = 0; w < set.length; w++) {
    for (let bits = set[w]; bits !== 0; bits &= bits - 1) into[many++] = 32 * w + 31 - Math.clz32(bits & -bits);
  }
  return many;
}

/** Leaves standing only the points at which a noise lies between two numbers, these included. */
export function keepBetween(low: number, high: number, noise: Noise, set: Standing): void {
  if (noise.least >= low && noise.most <= high) return;
  const { sorted, upTo } = (noise.run ??= inOrder(noise.at));
  const words = set.length;
  const from = words * below(sorted, low, false);
  const to = words * below(sorted, high, true);
  for (let w = 0; w < words; w++) set[w] &= upTo[to + w] & ~upTo[from + w];
}

/** How many numbers of a rising run lie below one, or are that one as well. */
function below(sorted: Float64Array, mm: number, orAt: boolean): number {
  let from = 0;
  let to = sorted.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    if (sorted[middle] < mm || (orAt && sorted[middle] === mm)) from = middle + 1;
    else to = middle;
  }
  return from;
}

function inOrder(at: Float64Array): Run {
  const words = wordsFor(at.length);
  const order = Array.from(at.keys()).sort((p, q) => at[p] - at[q]);
  const upTo = new Int32Array((at.length + 1) * words);
  order.forEach((n, i) => {
    const row = (i + 1) * words;
    upTo.copyWithin(row, row - words, row);
    upTo[row + (n >> 5)] |= 1 << (n & 31);
  });
  return { sorted: Float64Array.from(order, (n) => at[n]), upTo };
}
