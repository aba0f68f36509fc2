import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkFit, KIND_IDS, ORDINARY_WEAR, ownTarget, KIND, ZONE, ROOM_SCHOOLS, SHARED_TARGETS, targetsFor, type Cuts } from '../src/fit';
import { fitted } from './arbitrary';

const shoe = (kind: (typeof KIND_IDS)[number]) => ({ kind, closure: 'none' as const, upper: 'smooth-leather' as const });
const rises = (t: Cuts): boolean => t.a < t.b && t.b < t.c && t.c < t.d;

describe('targets a shop sets, and schools of room', () => {
  it('without any they are ours; the school between the schools moves nothing', () => {
    for (const kind of KIND_IDS) expect(targetsFor(shoe(kind), { ...ORDINARY_WEAR, roomSchool: 'middle' })).toEqual(targetsFor(shoe(kind), ORDINARY_WEAR));
  });
  it('the runner’s school asks for more room and the clinic’s allows less, in kinds that are walked in and nowhere else', () => {
    for (const kind of KIND_IDS) {
      const [middle, runner, clinic] = ROOM_SCHOOLS.map(({ id }) => targetsFor(shoe(kind), { ...ORDINARY_WEAR, roomSchool: id })['toe-room']);
      if (KIND[kind].roomSchools) {
        expect(runner.b).toBeGreaterThan(middle.b);
        expect(clinic.d).toBeLessThan(middle.d);
      } else expect([runner, clinic]).toEqual([middle, middle]);
      for (const t of [runner, clinic]) expect(rises(t)).toBe(true);
    }
  });
  it('a shop’s own stand in place of ours for its kind and zone, and for nothing else', () => {
    const own = { a: 2, b: 5, c: 9, d: 14 };
    const wear = { ...ORDINARY_WEAR, shopTargets: { kinds: { sneaker: { 'toe-room': own } }, shared: { waist: { a: -4, b: -2, c: 2, d: 4 } } } };
    expect(targetsFor(shoe('sneaker'), wear)['toe-room']).toEqual(own);
    expect(targetsFor(shoe('sneaker'), wear)['ball-girth']).toEqual(targetsFor(shoe('sneaker'), ORDINARY_WEAR)['ball-girth']);
    expect(targetsFor(shoe('loafer'), wear)['toe-room']).toEqual(ownTarget('loafer', 'toe-room'));
    expect(targetsFor(shoe('loafer'), wear).waist).not.toEqual(SHARED_TARGETS.waist);
  });
  it('no shop and no school lowers a child’s growth room', () => {
    const wear = {
      ...ORDINARY_WEAR,
      age: 8,
      roomSchool: 'clinic' as const,
      shopTargets: { kinds: { sneaker: { 'toe-room': { a: 0, b: 1, c: 2, d: 3 } } }, shared: {} }
    };
    expect(targetsFor(shoe('sneaker'), wear)['toe-room']).toEqual(ZONE['toe-room'].childCuts);
  });
  it('targets change what is said, never what is measured', () => {
    fc.assert(
      fc.property(fitted, fc.double({ min: -3, max: 3, noNaN: true }), ({ foot, shoe: made, wear }, by) => {
        const t = ownTarget(made.kind, 'ball-girth');
        const moved = { a: t.a + by, b: t.b + by, c: t.c + by, d: t.d + by };
        const own = { ...wear, shopTargets: { kinds: { [made.kind]: { 'ball-girth': moved } }, shared: {} } };
        const [ours, theirs] = [wear, own].map((w) => checkFit([foot], made, w, [], 16).feet[0].zones);
        expect(theirs.map((z) => z.clearanceMm)).toEqual(ours.map((z) => z.clearanceMm));
        expect(theirs.find((z) => z.zone === 'ball-girth')!.target.b - ours.find((z) => z.zone === 'ball-girth')!.target.b).toBeCloseTo(by, 9);
      }),
      { numRuns: 60 }
    );
  });
});
