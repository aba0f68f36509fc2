import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankBitset, countBits, keepBetween, listBits, noNoise, fillBitset, type Noise } from '../src/fit/doubt';

/** A noise of whole and half millimetres, so that limits fall on it as well as between. */
const noises = fc.array(fc.integer({ min: -8, max: 8 }), { minLength: 1, maxLength: 150 }).map((halves): Noise => {
  const at = Float64Array.from(halves, (h) => h / 2);
  return { ...noNoise(0), at, least: Math.min(...at), most: Math.max(...at) };
});
const limits = fc.tuple(fc.integer({ min: -10, max: 10 }), fc.integer({ min: -10, max: 10 })).map(([p, q]) => [Math.min(p, q) / 4, Math.max(p, q) / 4]);

const listed = (set: Int32Array, points: number): number[] => {
  const into = new Int16Array(points);
  return [...into.subarray(0, listBits(set, into))];
};

describe('a set of sample points', () => {
  it('holds all once it is filled, however many there are', () => {
    for (const points of [1, 31, 32, 33, 64, 128, 200]) {
      const set = blankBitset(points);
      fillBitset(set, points);
      expect(countBits(set)).toBe(points);
      expect(listed(set, points)).toEqual(Array.from({ length: points }, (_, n) => n));
    }
  });
  it('keeps those at which every number lies between its limits, these included', () => {
    fc.assert(
      fc.property(noises, limits, limits, (noise, [low, high], [low2, high2]) => {
        const points = noise.at.length;
        const other: Noise = { ...noise, at: noise.at.map((mm) => -mm).reverse(), least: -noise.most, most: -noise.least };
        const set = blankBitset(points);
        fillBitset(set, points);
        keepBetween(low, high, noise, set);
        keepBetween(low2, high2, other, set);
        const expected = [...noise.at.keys()].filter((n) => noise.at[n] >= low && noise.at[n] <= high && other.at[n] >= low2 && other.at[n] <= high2);
        expect(listed(set, points)).toEqual(expected);
        expect(countBits(set)).toBe(expected.length);
      }),
      { numRuns: 500 }
    );
  });
  it('keeps none where nothing lies between the limits, and all where there are none', () => {
    const noise = { ...noNoise(0), at: Float64Array.of(-1, 0, 1), least: -1, most: 1 };
    const set = blankBitset(3);
    fillBitset(set, 3);
    keepBetween(-Infinity, Infinity, noise, set);
    expect(countBits(set)).toBe(3);
    keepBetween(0.2, 0.8, noise, set);
    expect(countBits(set)).toBe(0);
  });
});
