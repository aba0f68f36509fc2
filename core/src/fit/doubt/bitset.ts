/** A set of sample points, a bit each, thirty-two in a word. */
export type Bitset = Int32Array;

const wordsFor = (points: number): number => (points + 31) >> 5;
/** An empty set. */
export const blankBitset = (points: number): Bitset => new Int32Array(wordsFor(points));

/** Puts every point into a set. */
export function fillBitset(set: Bitset, points: number): void {
  set.fill(-1);
  if (points & 31) set[set.length - 1] = (1 << (points & 31)) - 1;
}

/** Keeps of a set the points that are in any of some others. */
export function keepAny(set: Bitset, others: readonly Bitset[]): void {
  for (let w = 0; w < set.length; w++) set[w] &= others.reduce((any, other) => any | other[w], 0);
}

/** How many points are in a set. */
export function countBits(set: Bitset): number {
  let count = 0;
  for (let w = 0; w < set.length; w++) {
    let bits = set[w] - ((set[w] >>> 1) & 0x55555555);
    bits = (bits & 0x33333333) + ((bits >>> 2) & 0x33333333);
    count += (((bits + (bits >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
  }
  return count;
}

/** Lists the points of a set in order. @returns how many */
export function listBits(set: Bitset, into: Int16Array): number {
  let many = 0;
  for (let w = 0; w < set.length; w++) {
    for (let bits = set[w]; bits !== 0; bits &= bits - 1) into[many++] = 32 * w + 31 - Math.clz32(bits & -bits);
  }
  return many;
}
