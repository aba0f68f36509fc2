import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  cellOf,
  CLOSURE_IDS,
  completeShoe,
  FLAG_IDS,
  footAsWorn,
  KIND,
  KINDS,
  ORDINARY_WEAR,
  stateOf,
  targetsFor,
  UPPERS,
  ZONE,
  ZONE_AT,
  ZONES,
  clearanceAt,
  zoneState
} from '../src/fit';
import { girthGrowthMm, PREFERENCE_SHIFT } from '../src/fit/tables';
import { judge, scoreOf, zonesOf } from '../src/fit/judge';
import {
  compileInsole,
  compileShoe,
  fallAt,
  frontAt,
  frontsAt,
  innerWall,
  outerWall,
  planWidth,
  planWidthsAt,
  shoePolygon,
  TOE_FAMILIES,
  TOE_FAMILY,
  TOE_FAMILY_IDS,
  type Last
} from '../src/last';
import { completeFoot } from '../src/measure';
import { pchipInto, SEGMENT, segmentSlope, segmentValue } from '../src/shape';

const insideOf = (toeShape: (typeof TOE_FAMILY_IDS)[number], insoleLengthMm = 262) =>
  completeShoe({ kind: 'flat', insoleLengthMm, toeShape, madeForFootMm: 240 }).inside;

describe('the smooth curve between stations', () => {
  it('passes through its knots and never overshoots them', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 10, max: 60, noNaN: true }), { minLength: 4, maxLength: 4 }), (ys) => {
        const xs = [40, 100, 175, 220];
        const c = new Float64Array(3 * SEGMENT);
        pchipInto(xs, ys, 4, 0, 0, c);
        for (let s = 0; s < 3; s++) {
          expect(segmentValue(c, s, xs[s])).toBeCloseTo(ys[s], 6);
          expect(segmentValue(c, s, xs[s + 1])).toBeCloseTo(ys[s + 1], 6);
          const [low, high] = [Math.min(ys[s], ys[s + 1]), Math.max(ys[s], ys[s + 1])];
          for (let t = 0; t <= 1; t += 0.05) {
            const y = segmentValue(c, s, xs[s] + t * (xs[s + 1] - xs[s]));
            expect(y).toBeGreaterThanOrEqual(low - 1e-9);
            expect(y).toBeLessThanOrEqual(high + 1e-9);
          }
        }
      })
    );
  });
  it('has no kink at a knot: the slopes of both sides agree', () => {
    const xs = [0, 50, 120, 170];
    const c = new Float64Array(3 * SEGMENT);
    pchipInto(xs, [20, 24, 41, 38], 4, 0, -0.1, c);
    for (const s of [0, 1]) expect(segmentSlope(c, s, xs[s + 1])).toBeCloseTo(segmentSlope(c, s + 1, xs[s + 1]), 9);
  });
});

describe('a shoe’s inner silhouette', () => {
  it('is widest at the ball, closed at the tip, and inside out nowhere, in every toe family', () => {
    for (const family of TOE_FAMILY_IDS) {
      const shoe = compileShoe(insideOf(family), 0.5);
      const points = shoePolygon(shoe);
      expect(points.every((p) => Number.isFinite(p.x) && Number.isFinite(p.y))).toBe(true);
      expect(Math.max(...points.map((p) => p.x))).toBeCloseTo(262, 6);
      for (let x = 60; x < shoe.insoleMm - 1; x += 2) {
        expect(innerWall(shoe, x) + outerWall(shoe, x)).toBeGreaterThan(-1e-9);
        expect(innerWall(shoe, x)).toBeLessThanOrEqual(innerWall(shoe, shoe.ballMm) + 1e-6);
      }
    }
  });
  it('its front and its walls are one curve: the wall at the front’s place stands there', () => {
    const at = new Float64Array(2);
    for (const family of TOE_FAMILY_IDS) {
      const shoe = compileShoe(insideOf(family), 0.5);
      for (let y = shoe.innerTip + 1; y < shoe.innerConeW; y += 3) {
        frontAt(shoe, y, at);
        expect(Math.abs(innerWall(shoe, at[0]) - y)).toBeLessThan(0.35);
      }
    }
  });
  it('the front is concave across: no dent a toe could hang in', () => {
    const at = new Float64Array(2);
    const front = (shoe: ReturnType<typeof compileShoe>, y: number) => {
      frontAt(shoe, y, at);
      return at[0];
    };
    for (const family of TOE_FAMILY_IDS) {
      const shoe = compileShoe(insideOf(family), 0.5);
      for (let y = -40; y < 36; y += 2) expect(front(shoe, y)).toBeGreaterThanOrEqual((front(shoe, y - 2) + front(shoe, y + 2)) / 2 - 0.05);
    }
  });
  it('stands outside its insole, and a softer upper lets girth decide more of the width', () => {
    const inside = insideOf('round');
    const [shoe, insole] = [compileShoe(inside, 0.5), compileInsole(inside)];
    expect(shoe.planWidthMm).toBeGreaterThan(insole.planWidthMm);
    const roomy = { ...inside, ballGirthMm: inside.ballGirthMm + 12 };
    expect(planWidth(roomy, 0.9) - planWidth(inside, 0.9)).toBeGreaterThan(planWidth(roomy, 0.25) - planWidth(inside, 0.25));
    expect(planWidth({ ...inside, widthBasis: 'inside' }, 0.9)).toBe(inside.ballWidthMm);
  });
  it('read at many places in one pass, fronts and plan widths are those read one by one', () => {
    const one = new Float64Array(2);
    const places = Float64Array.from({ length: 90 }, (_, i) => i - 48);
    const fronts = new Float64Array(places.length);
    for (const family of TOE_FAMILY_IDS) {
      const shoe = compileShoe(insideOf(family), 0.5);
      frontsAt(shoe, places, places.length, fronts);
      places.forEach((y, i) => {
        frontAt(shoe, y, one);
        expect(fronts[i]).toBeCloseTo(one[0], 12);
      });
    }
    // At some of the points, in any order; the others are left as they were.
    const width = Float64Array.from(places, (y) => y / 8);
    const girth = Float64Array.from(places, (y) => 20 - y / 2);
    const points = Int16Array.from([7, 3, 80, 12, 45, 9, 60]);
    for (const widthBasis of ['footbed', 'feather-edge', 'inside'] as const)
      for (const share of [0.25, 0.5, 0.9]) {
        const inside = { ...insideOf('round'), widthBasis };
        const widths = new Float64Array(places.length);
        planWidthsAt(inside, share, { width, girth }, points, 5, widths);
        widths.forEach((mm, n) => {
          const asked = points.subarray(0, 5).includes(n);
          const alone = planWidth({ widthBasis, ballWidthMm: inside.ballWidthMm + width[n], ballGirthMm: inside.ballGirthMm + girth[n] }, share);
          expect(mm).toBeCloseTo(asked ? alone : 0, 12);
        });
      }
  });
  it('a toe curve falls from whole to nought, steeper in a point than in a square', () => {
    for (const { id } of TOE_FAMILIES) expect(TOE_FAMILY[id].innerTaper).toBeLessThan(TOE_FAMILY[id].outerTaper);
    const middle = (id: (typeof TOE_FAMILY_IDS)[number]) => fallAt(compileShoe(insideOf(id), 0.5).innerTable, 0.6);
    expect(middle('pointed')).toBeLessThan(middle('almond'));
    expect(middle('almond')).toBeLessThan(middle('square'));
    const { innerTable: table } = compileShoe(insideOf('chisel'), 0.5);
    expect([fallAt(table, 0), fallAt(table, 1), fallAt(table, NaN)]).toEqual([1, 0, 1]);
  });
});

describe('the tables of the fit', () => {
  it('every kind has ordered cuts, a closure there is, a toe there is, and marks of where they come from', () => {
    for (const kind of KINDS) {
      for (const cuts of Object.values(kind.cuts)) expect(cuts.a < cuts.b && cuts.b <= cuts.c && cuts.c < cuts.d).toBe(true);
      expect(CLOSURE_IDS).toContain(kind.usual.closure);
      expect(TOE_FAMILY_IDS).toContain(kind.usual.toe);
      expect(kind.marks.length).toBeGreaterThan(0);
    }
    expect(new Set(KINDS.map((k) => k.id)).size).toBe(KINDS.length);
  });
  it('targets of every kind, closure and taste keep their order', () => {
    for (const { id } of KINDS) {
      for (const closure of CLOSURE_IDS) {
        for (const preference of Object.keys(PREFERENCE_SHIFT) as (keyof typeof PREFERENCE_SHIFT)[]) {
          const targets = targetsFor({ kind: id, closure, upper: 'smooth-leather' }, { preference, breakIn: 'mould' });
          for (const { a, b, c, d } of Object.values(targets)) expect(a <= b && b <= c && c <= d).toBe(true);
        }
      }
    }
  });
  it('a clearance has its state, the flex line its own words', () => {
    const t = { a: -4, b: -1, c: 6, d: 12 };
    expect([-5, -4, -2, -1, 0, 6, 7, 12, 13].map((mm) => stateOf(mm, t))).toEqual([
      'too-tight',
      'snug',
      'snug',
      'right',
      'right',
      'right',
      'roomy',
      'roomy',
      'too-loose'
    ]);
    const targets = targetsFor({ kind: 'oxford', closure: 'lace', upper: 'suede' }, ORDINARY_WEAR);
    expect([-8, 0, 8].map((mm) => zoneState('flex-point', mm, targets))).toEqual(['behind', 'right', 'ahead']);
  });
  it('uppers grow toward their limit and never past it', () => {
    for (const upper of UPPERS) {
      let before = 0;
      for (const hours of [0, 5, 20, 80, 400]) {
        const grown = girthGrowthMm(upper.id, hours);
        expect(grown).toBeGreaterThanOrEqual(before);
        expect(grown).toBeLessThanOrEqual(upper.growMm);
        before = grown;
      }
    }
    expect(FLAG_IDS.length).toBeGreaterThan(5);
    expect(ZONES.filter((z) => !z.decides).map((z) => z.id)).toEqual(['vamp', 'flex-point', 'waist', 'arch', 'instep-height', 'ankle-bone']);
    expect(ZONE.throat.tooLittle).toMatch(/fight to get in/);
  });
});

describe('judging', () => {
  const targets = targetsFor({ kind: 'oxford', closure: 'lace', upper: 'smooth-leather' }, ORDINARY_WEAR);
  const right = () => Float64Array.from(zonesOf(targets).ids, (id) => (targets[id]!.b + targets[id]!.c) / 2);
  it('the zone furthest outside decides; comfort-only zones never do', () => {
    const zone = right();
    zone[ZONE_AT['ball-girth']] = targets['ball-girth'].a - 3;
    zone[ZONE_AT.waist] = targets.waist.a - 30;
    expect(judge(zone, targets)).toMatchObject({ fits: false, decidedBy: 'ball-girth' });
    expect(judge(right(), targets).fits).toBe(true);
  });
  it('a heel that does not lift is as good as one that lifts a little', () => {
    const still = right();
    still[ZONE_AT['heel-slip']] = -0.5;
    expect(judge(still, targets).distance).toBeCloseTo(judge(right(), targets).distance, 9);
  });
  it('a score falls as the zones leave the middle', () => {
    expect(scoreOf(0, 9)).toBe(1);
    expect(scoreOf(4, 9)).toBeGreaterThan(scoreOf(8, 9));
  });
  it('a cell of the grid tells both feet’s zones in brief', () => {
    // prettier-ignore
    const last: Last = {
      id: 'x', maker: 'y', name: 'X', family: 'round', taperShiftMm: 0, widthBasis: 'footbed',
      base: { size: 8, width: 'F', forFootMm: 262, insoleMm: 276, ballWidthMm: 92, heelWidthMm: 64, ballGirthMm: 238, waistGirthMm: 231, instepGirthMm: 243, toeDepthMm: 27, littleToeDepthMm: 21 },
      grade: { lengthPerSizeMm: 8.467, girthPerSizeMm: 6.35, girthPerWidthMm: 6.35, bottomShare: 0.33, toeExtension: 'fixed', halves: 'full' },
      evidence: { mark: 'measured', lengthSdMm: 0.6, widthSdMm: 0.8, girthSdMm: 1.5, note: '' }
    };
    const style = {
      id: 's',
      name: 'S',
      maker: { id: 'y', name: 'Y' },
      last,
      kind: 'oxford' as const,
      forWhom: 'men' as const,
      scale: 'uk' as const,
      school: 'standard',
      step: 0.5,
      from: 6,
      to: 12,
      widths: ['F'],
      letters: ['E', 'F', 'G'],
      upper: 'smooth-leather' as const,
      closure: 'lace' as const,
      soleStiffness: 3,
      heelHeightMm: 25,
      platformMm: 0,
      removableInsoleMm: 0,
      toeStructure: 'structured' as const,
      stock: {}
    };
    const feet = (['left', 'right'] as const).map((side) => footAsWorn(completeFoot({ side, values: { lengthMm: { mm: 262 } } }), ORDINARY_WEAR));
    const cell = cellOf(style, 8, 'F', feet, ORDINARY_WEAR);
    expect(cell.spoken.map((f) => f.side)).toEqual(['left', 'right']);
    expect(clearanceAt(cell.spoken[0].zone, cell.targets, 'toe-room')).toBeGreaterThan(0);
    expect(cellOf(style, 9, 'F', feet, ORDINARY_WEAR).tightness).toBeGreaterThan(cell.tightness);
    expect(() => cellOf(style, 8, 'Z', feet, ORDINARY_WEAR)).toThrow(/no width Z/);
    expect(KIND.oxford.basis).toBe('usable');
  });
});
