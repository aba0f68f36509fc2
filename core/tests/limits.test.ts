import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allWithin, distanceOf, judge, leastMargin, limitsOf, scoreOf, zonesOf, type Targets } from '../src/fit/judge';
import { KIND_IDS, ORDINARY_WEAR, stateOf, targetsFor, UPPER_IDS, ZONE, ZONE_IDS, zoneState } from '../src/fit';

/** Limits, margins and distances once more, zone by zone and straight from their definitions. */
const anyTargets: fc.Arbitrary<Targets> = fc
  .record({ kind: fc.constantFrom(...KIND_IDS), upper: fc.constantFrom(...UPPER_IDS), preference: fc.constantFrom('snug' as const, 'regular', 'generous') })
  .map(({ kind, upper, preference }) => targetsFor({ kind, upper, closure: 'lace' }, { ...ORDINARY_WEAR, preference }));
const anyZones: fc.Arbitrary<Float64Array> = fc
  .array(fc.oneof({ weight: 9, arbitrary: fc.double({ min: -30, max: 40, noNaN: true }) }, { weight: 1, arbitrary: fc.constant(NaN) }), {
    minLength: ZONE_IDS.length,
    maxLength: ZONE_IDS.length
  })
  .map((mm) => Float64Array.from(mm));

/** Deciding zones of a shoe with their clearances and cuts. */
const deciding = (zone: Float64Array, targets: Targets) =>
  zonesOf(targets)
    .inOrder.filter(({ id, at }) => ZONE[id].decides && !Number.isNaN(zone[at]))
    .map(({ id, at }) => ({ id, v: zone[at], ...targets[id]! }));

describe('what lies within its limits', () => {
  it('is every deciding zone the shoe has between its first and its last cut; comfort zones and missing ones do not count', () => {
    fc.assert(
      fc.property(anyTargets, anyZones, (targets, zone) => {
        const plain = deciding(zone, targets).every(({ v, a, d }) => v >= a && v <= d);
        expect(allWithin(zone, limitsOf(targets))).toBe(plain);
      })
    );
  });
  it('the margin is that of the worst deciding zone, in half bands; a heel that does not lift is no misfit', () => {
    fc.assert(
      fc.property(anyTargets, anyZones, (targets, zone) => {
        const margins = deciding(zone, targets).map(({ id, v, a, d }) => ({
          id,
          margin: (id === 'heel-slip' ? d - v : Math.min(v - a, d - v)) / ((d - a) / 2)
        }));
        const worst = margins.reduce((w, m) => (m.margin < w.margin ? m : w), { id: 'toe-room' as (typeof ZONE_IDS)[number], margin: Infinity });
        const judged = judge(zone, targets);
        expect(leastMargin(zone, limitsOf(targets))).toBeCloseTo(worst.margin, 9);
        expect(judged.margin).toBeCloseTo(worst.margin, 9);
        if (margins.length > 0) expect(judged.decidedBy).toBe(worst.id);
        expect(judged.fits).toBe(worst.margin >= 0);
        expect(judged.zones).toBe(margins.length);
      })
    );
  });
  it('the distance is the sum over deciding zones from the middle of right, and the score falls with it', () => {
    fc.assert(
      fc.property(anyTargets, anyZones, (targets, zone) => {
        const plain = deciding(zone, targets).reduce(
          (sum, { id, v, a, b, c, d }) => sum + (id === 'heel-slip' ? Math.max(0, v - c) : Math.abs(v - (b + c) / 2)) / ((d - a) / 2),
          0
        );
        expect(distanceOf(zone, limitsOf(targets))).toBeCloseTo(plain, 9);
        expect(judge(zone, targets).distance).toBeCloseTo(plain, 9);
        const n = deciding(zone, targets).length;
        expect(scoreOf(plain, n)).toBeGreaterThanOrEqual(scoreOf(plain + 1, n));
        expect(scoreOf(0, n)).toBe(1);
      })
    );
  });
  it('a zone moved towards the middle of right never makes a fit worse', () => {
    fc.assert(
      fc.property(anyTargets, anyZones, fc.nat(ZONE_IDS.length - 1), fc.double({ min: 0, max: 1, noNaN: true }), (targets, zone, n, share) => {
        const { inOrder } = zonesOf(targets);
        const { id, at: i } = inOrder[n % inOrder.length];
        const { b, c } = targets[id]!;
        const nearer = Float64Array.from(zone);
        nearer[i] = zone[i] + share * ((b + c) / 2 - zone[i]);
        const [before, after] = [judge(zone, targets), judge(nearer, targets)];
        expect(after.distance).toBeLessThanOrEqual(before.distance + 1e-9);
        if (before.fits) expect(after.fits).toBe(true);
      })
    );
  });
});

describe('the word for a place among four cuts', () => {
  it('changes at each cut and nowhere else; right is closed at both ends', () => {
    fc.assert(
      fc.property(anyTargets, fc.constantFrom(...ZONE_IDS.filter((id) => id !== 'flex-point')), (targets, id) => {
        const t = targets[id];
        if (!t) return;
        const at = (mm: number) => zoneState(id, mm, targets);
        expect([at(t.a - 0.01), at(t.a), at(t.b), at(t.c), at(t.c + 0.01), at(t.d), at(t.d + 0.01)]).toEqual([
          'too-tight',
          'snug',
          'right',
          'right',
          'roomy',
          'roomy',
          'too-loose'
        ]);
        expect(stateOf((t.b + t.c) / 2, t)).toBe('right');
      })
    );
  });
  it('a shoe that bends behind or ahead of the joint has words of its own', () => {
    fc.assert(
      fc.property(anyTargets, (targets) => {
        expect(zoneState('flex-point', -5.1, targets)).toBe('behind');
        expect(zoneState('flex-point', 5.1, targets)).toBe('ahead');
        expect(zoneState('flex-point', 0, targets)).toBe('right');
      })
    );
  });
});
