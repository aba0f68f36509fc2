import { describe, expect, it } from 'vitest';
import { disturbFoot, doubtOf, FOOT_CAUSES, sampleOf, SHOE_CAUSES } from '../src/fit/doubt';
import { footAsWorn, ORDINARY_WEAR, completeShoe, targetsFor, type WornFoot } from '../src/fit';
import { completeFoot, type FootInput } from '../src/measure';

const POINTS = 4096;
const footOf = (side: 'left' | 'right', values: FootInput['values'] = {}): WornFoot =>
  footAsWorn(completeFoot({ side, values: { lengthMm: { mm: 250 }, ...values } }), ORDINARY_WEAR);
const pairOf = (values: FootInput['values'] = {}): WornFoot[] => [footOf('left', values), footOf('right', values)];
type Dim = 'ballGirthMm' | 'instepGirthMm' | 'ballWidthMm' | 'lengthMm' | 'heelWidthMm';

/** A measure of one foot of a pair at every point of its doubt. */
function drawn(feet: readonly WornFoot[], f: number, dim: Dim): number[] {
  const d = SHOE_CAUSES + FOOT_CAUSES * feet.length;
  const { z } = sampleOf(feet, POINTS);
  return Array.from({ length: POINTS }, (_, n) => disturbFoot(feet[f], z, n * d + SHOE_CAUSES + f * FOOT_CAUSES)[dim]);
}
const mean = (xs: readonly number[]): number => xs.reduce((s, x) => s + x, 0) / xs.length;
const sdOf = (xs: readonly number[]): number => Math.sqrt(mean(xs.map((x) => (x - mean(xs)) ** 2)));
const correlation = (xs: readonly number[], ys: readonly number[]): number => {
  const [mx, my] = [mean(xs), mean(ys)];
  return mean(xs.map((x, i) => (x - mx) * (ys[i] - my))) / (sdOf(xs) * sdOf(ys));
};

describe('what is not known errs as it does in people', () => {
  it('every measure has its own mean and its own deviation, measured or filled in', () => {
    for (const feet of [pairOf(), pairOf({ ballGirthMm: { mm: 236 }, instepGirthMm: { mm: 238 } })]) {
      for (const f of [0, 1]) {
        for (const dim of ['ballGirthMm', 'instepGirthMm', 'ballWidthMm', 'lengthMm', 'heelWidthMm'] as const) {
          const xs = drawn(feet, f, dim);
          expect(mean(xs)).toBeCloseTo(feet[f].dims[dim], 0);
          expect(sdOf(xs) / feet[f].sd[dim]).toBeCloseTo(1, 1);
        }
      }
    }
  });
  it('left and right of one person, filled in from proportions, err together; measured, each on its own', () => {
    const filled = pairOf();
    expect(correlation(drawn(filled, 0, 'ballGirthMm'), drawn(filled, 1, 'ballGirthMm'))).toBeGreaterThan(0.85);
    const taped = pairOf({ ballGirthMm: { mm: 230 } });
    expect(Math.abs(correlation(drawn(taped, 0, 'ballGirthMm'), drawn(taped, 1, 'ballGirthMm')))).toBeLessThan(0.1);
    expect(Math.abs(correlation(drawn(filled, 0, 'lengthMm'), drawn(filled, 1, 'lengthMm')))).toBeLessThan(0.1);
  });
  it('a foot fuller at the ball than its length lets expect is fuller over the instep, unless that was taped', () => {
    const filled = pairOf();
    expect(correlation(drawn(filled, 0, 'ballGirthMm'), drawn(filled, 0, 'instepGirthMm'))).toBeGreaterThan(0.7);
    const taped = pairOf({ instepGirthMm: { mm: 232 } });
    expect(Math.abs(correlation(drawn(taped, 0, 'ballGirthMm'), drawn(taped, 0, 'instepGirthMm')))).toBeLessThan(0.1);
  });
  it('so a pair known by length alone has nearly the chance of either foot, not the product of both', () => {
    const feet = pairOf();
    const shoe = completeShoe({
      kind: 'oxford',
      insoleLengthMm: 272,
      toeShape: 'round',
      ballGirthMm: 228,
      instepGirthMm: 230,
      ballWidthMm: 88,
      toeDepthMm: 27
    });
    const targets = targetsFor(shoe, ORDINARY_WEAR);
    const one = doubtOf(feet.slice(0, 1), shoe, ORDINARY_WEAR, targets, 1024).probability;
    const both = doubtOf(feet, shoe, ORDINARY_WEAR, targets, 1024).probability;
    expect(both).toBeLessThanOrEqual(one + 0.02);
    expect(both).toBeGreaterThan(1.4 * one * one);
  });
  it('the points are the same every time they are asked for', () => {
    const feet = pairOf();
    expect(sampleOf(feet, 64)).toBe(sampleOf(feet, 64));
    expect([...sampleOf(pairOf(), 64).z]).toEqual([...sampleOf(feet, 64).z]);
  });
});
