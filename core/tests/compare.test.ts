import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bestEquivalent,
  compareShoes,
  equivalentSize,
  feltOf,
  FELT_WEIGHTS,
  frontView,
  insideMeasures,
  layOver,
  overlayDistance,
  sideView,
  usableLengthOf,
  type ComparedShoe
} from '../src/compare';
import { compileShoe, gradeLast, innerWall, outerWall, TOE_FAMILY_IDS, type Inside, type Last, type ToeFamilyId } from '../src/last';
import type { FootPlan } from '../src/shape';
import { anyLast } from './arbitrary';

const foot = (lengthMm: number, ballWidthMm: number): FootPlan => ({
  lengthMm,
  ballLengthMm: 0.725 * lengthMm,
  outerBallLengthMm: 0.635 * lengthMm,
  ballWidthMm,
  heelWidthMm: 0.258 * lengthMm,
  toeShape: 'egyptian',
  bunionMm: 0,
  littleToeBunionMm: 0
});
const plain: Last = fc.sample(anyLast, { numRuns: 1, seed: 11 })[0];
const inside = (family: ToeFamilyId, more: Partial<Inside> = {}): Inside => ({
  ...gradeLast({ ...plain, family, taperShiftMm: 0 }, 6, 0),
  madeForFootMm: 245,
  flexLineMm: 177.6,
  insoleLengthMm: 270,
  ballWidthMm: 88.6,
  heelWidthMm: 60,
  ballGirthMm: 231,
  ...more
});
const shoe = (it: Inside, name = 'shoe'): ComparedShoe => ({ name, inside: it, girthShare: 0.5 });
const tip = (family: ToeFamilyId, who: FootPlan, it: Partial<Inside> = {}): number => {
  const made = inside(family, it);
  return made.insoleLengthMm - usableLengthOf(who, compileShoe(made, 0.5));
};

describe('two shoes laid over each other', () => {
  it('a last lies on itself without distance, and the distance is the same from either side', () => {
    fc.assert(
      fc.property(anyLast, anyLast, fc.constantFrom('heel' as const, 'ball' as const), (a, b, at) => {
        const [p, q] = [shoe(gradeLast(a, 6, 0)), shoe(gradeLast(b, 7, 0))];
        expect(overlayDistance(p, p, at)).toBe(0);
        expect(overlayDistance(p, q, at)).toBeCloseTo(overlayDistance(q, p, at), 6);
        expect(overlayDistance(p, q, at)).toBeGreaterThan(0);
      })
    );
  });
  it('laid at the ball their flex lines stand on each other, at the heel their heels', () => {
    const [small, large] = [shoe(gradeLast(plain, 5, 0)), shoe(gradeLast(plain, 9, 0))];
    const at = layOver([small, large], 'ball');
    expect(small.inside.flexLineMm + at[0].forwardMm).toBeCloseTo(large.inside.flexLineMm + at[1].forwardMm, 9);
    expect(layOver([small, large], 'heel').map((l) => Math.min(...l.outline.map((p) => p.x)))).toEqual([0, 0]);
  });
  it('pointed, almond, chisel, square and round on the same base agree behind the toe box', () => {
    const compiled = TOE_FAMILY_IDS.map((family) => compileShoe(inside(family, { insoleLengthMm: 275 }), 0.5));
    for (let x = 4; x <= 0.6 * 245; x += 4) {
      for (const wall of [innerWall, outerWall]) {
        const widths = compiled.map((s) => wall(s, x));
        expect(Math.max(...widths) - Math.min(...widths)).toBeLessThan(1.2);
      }
    }
  });
  it('is read out alike first, then what differs, largest first, in words with millimetres', () => {
    const a = shoe(inside('round'), 'Tarn');
    const b = shoe(inside('round', { insoleLengthMm: 274.5, waistGirthMm: a.inside.waistGirthMm - 6, taperShiftMm: 3 }), 'Rill');
    const { alike, differ, sentences } = compareShoes(a, b, null);
    expect(alike.map((d) => d.measure.id)).toEqual(expect.arrayContaining(['ball-width', 'ball-girth', 'heel', 'instep']));
    expect(differ.map((d) => d.words)).toEqual(expect.arrayContaining(['4.5 mm longer', 'taper starts 7.5 mm later', '6 mm tighter in the waist']));
    const weight = differ.map((d) => Math.abs(d.by) * d.measure.weight);
    expect([...weight].sort((p, q) => q - p)).toEqual(weight);
    expect(sentences[0]).toMatch(/^Alike: /);
    expect(sentences[1]).toMatch(/^Rill against Tarn: /);
    expect(compareShoes(a, a, null).differ).toEqual([]);
  });
  it('what differs one way differs the other way by as much', () => {
    fc.assert(
      fc.property(anyLast, anyLast, (a, b) => {
        const [p, q] = [shoe(gradeLast(a, 6, 0)), shoe(gradeLast(b, 6, 0))];
        const [there, back] = [compareShoes(p, q, null), compareShoes(q, p, null)];
        there.all.forEach((d, i) => expect(d.by).toBeCloseTo(-back.all[i].by, 9));
      })
    );
  });
  it('toe widths are read at this customer’s toes, and beyond the shoe there are none', () => {
    const made = shoe(inside('pointed'));
    const [short, long] = [insideMeasures(made, foot(235, 90)), insideMeasures(made, foot(255, 90))];
    expect(long.toe10).toBeLessThan(short.toe10);
    expect(insideMeasures(made, foot(290, 100)).toe10).toBeNaN();
    expect(insideMeasures({ ...made, form: { heelHeightMm: 70 } }, null).pitch).toBeGreaterThan(15);
  });
});

describe('the tip no toe reaches', () => {
  it('a small pointed flat hides 20 to 30 mm, a round one up to 5 (common practice, no source)', () => {
    const small = { insoleLengthMm: 247.7, madeForFootMm: 222, flexLineMm: 161, ballWidthMm: 84, heelWidthMm: 57, ballGirthMm: 219 };
    expect(tip('pointed', foot(222, 89), small)).toBeGreaterThan(20);
    expect(tip('pointed', foot(222, 89), small)).toBeLessThan(30);
    const round = tip('round', foot(222, 86), { ...small, insoleLengthMm: 238.1 });
    expect(round).toBeGreaterThanOrEqual(0);
    expect(round).toBeLessThanOrEqual(5);
  });
  it('4.5 mm longer with a later taper gives more than its rounder predecessor had, the same length with an early taper less (common practice, no source)', () => {
    const who = foot(245, 92);
    const usable = (family: ToeFamilyId, more: Partial<Inside>) => usableLengthOf(who, compileShoe(inside(family, more), 0.5));
    const before = usable('almond', { insoleLengthMm: 262 });
    expect(usable('almond', { insoleLengthMm: 266.5, taperShiftMm: 4.5 })).toBeGreaterThan(before + 3);
    expect(usable('soft-chisel', { insoleLengthMm: 266.5, taperShiftMm: 5 })).toBeGreaterThan(before);
    expect(usable('almond', { insoleLengthMm: 262, taperShiftMm: -6 })).toBeLessThan(before - 2);
  });
});

describe('which size of another last feels the same', () => {
  const sized = (last: Last) => ({ last, girthShare: 0.5 });
  it('is its own inverse within a millimetre before it is rounded to a label', () => {
    fc.assert(
      fc.property(anyLast, anyLast, fc.double({ min: 5, max: 8, noNaN: true }), (a, b, at) => {
        const first = { inside: gradeLast(a, at, 0), girthShare: 0.5 };
        const there = equivalentSize(first, sized(b), 0);
        const back = equivalentSize({ inside: gradeLast(b, there.exact, 0), girthShare: 0.5 }, sized(a), 0);
        expect(Math.abs(back.footMm - first.inside.madeForFootMm)).toBeLessThan(1);
        expect(Math.abs((back.exact - at) * a.grade.lengthPerSizeMm)).toBeLessThan(1);
      }),
      { numRuns: 60 }
    );
  });
  it('on the same last it is the same size and nothing is left over', () => {
    const same = equivalentSize({ inside: gradeLast(plain, 7, 1), girthShare: 0.5 }, sized(plain), 1);
    expect(same.exact).toBeCloseTo(7, 4);
    expect(same.offMm).toBeLessThan(0.01);
    expect(bestEquivalent({ inside: gradeLast(plain, 7, 1), girthShare: 0.5 }, sized(plain), [-1, 0, 1, 2]).widthSteps).toBe(1);
  });
  it('a longer last answers with a smaller size; what is left is said, largest first', () => {
    const longer: Last = { ...plain, base: { ...plain.base, insoleMm: plain.base.insoleMm + 6, forFootMm: plain.base.forFootMm + 6 } };
    const found = equivalentSize({ inside: gradeLast(plain, 7, 0), girthShare: 0.5 }, sized(longer), 0);
    expect(found.exact).toBeLessThan(7);
    expect(found.residual.find((r) => r.id === 'length')!.mm).toBeGreaterThan(0);
    expect(found.residual.find((r) => r.id === 'ball-girth')!.words).toMatch(/tighter at the ball/);
    const weight = found.residual.map((r) => FELT_WEIGHTS[r.id] * Math.abs(r.mm));
    expect([...weight].sort((p, q) => q - p)).toEqual(weight);
  });
  it('with length alone counting it is the size of the same usable length', () => {
    const only = { length: 1, 'ball-girth': 0, instep: 0, heel: 0, 'toe-width': 0 };
    const first = { inside: gradeLast(plain, 6, 0), girthShare: 0.5 };
    const pointed: Last = { ...plain, family: 'pointed', base: { ...plain.base, insoleMm: plain.base.insoleMm + 22 } };
    const found = equivalentSize(first, sized(pointed), 0, null, only);
    expect(feltOf(gradeLast(pointed, found.exact, 0), 0.5, null).length).toBeCloseTo(feltOf(first.inside, 0.5, null).length, 3);
    expect(() => equivalentSize(first, sized(pointed), 0, null, { ...only, length: 0 })).toThrow(/length must count/);
  });
});

describe('the views from the side and in front', () => {
  it('the section has the girth it was asked for, higher where the girth is fuller', () => {
    fc.assert(
      fc.property(anyLast, (last) => {
        const made = shoe(gradeLast(last, 6, 0));
        const section = frontView(made);
        expect(section.girthMm).toBeCloseTo(made.inside.ballGirthMm, 3);
        expect(frontView({ ...made, inside: { ...made.inside, ballGirthMm: made.inside.ballGirthMm + 6 } }).heightMm).toBeGreaterThan(section.heightMm);
      })
    );
  });
  it('from the side the seat stands on its drop, the ball on the ground, and the bottom never rises towards the ball', () => {
    for (const dropMm of [0, 25, 50, 75, 100]) {
      const view = sideView({ ...shoe(inside('almond')), dropMm });
      expect(view.bottom[0].y).toBeCloseTo(dropMm, 6);
      expect(view.ball.y).toBeCloseTo(0, 6);
      const behind = view.bottom.filter((p) => p.x <= view.ball.x);
      behind.slice(1).forEach((p, i) => expect(p.y).toBeLessThanOrEqual(behind[i].y + 1e-6));
      expect(view.top.every((p) => p.y >= 0)).toBe(true);
    }
    const flat = sideView({ ...shoe(inside('round')), form: { toeSpringMm: 12 } });
    expect(flat.bottom.at(-1)!.y).toBeCloseTo(12, 6);
  });
});
