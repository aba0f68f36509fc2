import { describe, expect, it } from 'vitest';
import { checkFit, completeShoe, fitOnce, footAsWorn, ORDINARY_WEAR, targetsFor, ZONE, ZONE_AT, type ShoeInput } from '../src/fit';
import { disturbFoot, disturbInside } from '../src/fit/doubt';
import { zonesOf } from '../src/fit/judge';
import { completeFoot } from '../src/measure';
import { seeded } from '../src/learn';

/** A plain pseudo-random normal source, unlike the engine's own points. */
const normals = (seed: number): (() => number) => seeded(seed).normal;

/** How many random numbers the stated error model takes: six of the last, eleven of one foot and its shoe. */
const OF_THE_LAST = 6;
const OF_THE_FOOT = 11;

function simulate(input: ShoeInput, lengthMm: number, samples: number): number {
  const wear = { ...ORDINARY_WEAR, sockMm: 1 };
  const foot = footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: lengthMm }, ballGirthMm: { mm: 0.92 * lengthMm } } }), wear);
  const shoe = completeShoe(input);
  const targets = targetsFor(shoe, wear);
  const next = normals(4711);
  const z = new Float64Array(OF_THE_LAST + OF_THE_FOOT);
  let inside = 0;
  for (let n = 0; n < samples; n++) {
    for (let i = 0; i < z.length; i++) z[i] = next();
    const fit = fitOnce(disturbFoot(foot, z, OF_THE_LAST), { ...shoe, inside: disturbInside(shoe.inside, shoe.sd, z, 0, OF_THE_LAST) }, wear);
    fit.zone[ZONE_AT['toe-room']] += ((fit.slide.highMm - fit.slide.lowMm) / 4) * z[OF_THE_LAST + 10];
    const all = zonesOf(targets).ids.every(
      (id, i) => !ZONE[id].decides || Number.isNaN(fit.zone[i]) || (fit.zone[i] >= targets[id]!.a && fit.zone[i] <= targets[id]!.d)
    );
    if (all) inside++;
  }
  return inside / samples;
}

describe('the chance that every zone sits within its limits', () => {
  it.each([
    ['a sneaker that fits', { kind: 'sneaker', insoleLengthMm: 263, toeShape: 'round' }, 250],
    ['an almond oxford at its limit', { kind: 'oxford', insoleLengthMm: 268, toeShape: 'almond', ballGirthMm: 225 }, 250],
    ['a pointed pump', { kind: 'pump', insoleLengthMm: 262, toeShape: 'pointed', heelHeightMm: 70 }, 238]
  ] as const)('%s agrees with a plain simulation of the stated errors, 100,000 samples, within 0.02', { timeout: 60_000 }, (_, input, lengthMm) => {
    const foot = footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: lengthMm }, ballGirthMm: { mm: 0.92 * lengthMm } } }), {
      ...ORDINARY_WEAR,
      sockMm: 1
    });
    const told = checkFit([foot], completeShoe(input), { ...ORDINARY_WEAR, sockMm: 1 }).probability;
    expect(Math.abs(told - simulate(input, lengthMm, 100_000))).toBeLessThan(0.02);
  });
});
