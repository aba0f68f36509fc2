import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compileShoe, innerWall, outerWall, shoeAbove, type Inside } from '../src/last';
import { compileFootShape, footOutline, footPolygon, smoothClosed, smoothOpen, type FootPlan, type Point } from '../src/shape';
import { planOf } from '../src/fit';
import { completeFoot } from '../src/measure';
import { anyFootInput } from './arbitrary';

const footPlan = anyFootInput.map((input) => planOf(completeFoot(input)));

const crosses = (a: Point, b: Point, c: Point, d: Point): boolean => {
  const turn = (p: Point, q: Point, r: Point): number => (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
};
const crossings = (line: readonly Point[]): number => {
  let n = 0;
  for (let i = 0; i < line.length; i++)
    for (let j = i + 2; j < line.length; j++) {
      if (i === 0 && j === line.length - 1) continue;
      if (crosses(line[i], line[i + 1], line[j], line[(j + 1) % line.length])) n++;
    }
  return n;
};
const area = (points: readonly Point[]): number =>
  Math.abs(points.reduce((sum, p, i) => sum + p.x * points[(i + 1) % points.length].y - points[(i + 1) % points.length].x * p.y, 0)) / 2;

describe('a foot drawn from above', () => {
  it('has the same number of knots for every foot, reaches as far as its longest toe and never crosses itself', () => {
    const count = footOutline(compileFootShape(ordinary, 0)).knots.length;
    fc.assert(
      fc.property(footPlan, fc.double({ min: 0, max: 1.5, noNaN: true }), (plan, sock) => {
        const shape = compileFootShape(plan, sock);
        const { knots, toes, webs } = footOutline(shape);
        expect(knots).toHaveLength(count);
        const line = smoothClosed(knots, 3);
        expect(Math.max(...line.map((p) => p.x))).toBeCloseTo(Math.max(...Array.from(shape.tip)), 0);
        expect(crossings(line)).toBe(0);
        // Every web lies behind both of its toes, every nail on its toe.
        webs.forEach((web, i) => expect(web.x).toBeLessThan(Math.min(toes[i].tip.x, toes[i + 1].tip.x)));
        for (const [i, toe] of toes.entries())
          for (const p of toe.nail) expect(Math.abs(p.y - shape.centre[i])).toBeLessThan(shape.radius[i] + 0.03 * shape.plainWidthMm);
      }),
      { numRuns: 600 }
    );
  });
  it('covers what the engine compares: its area differs from the compared outline by little', () => {
    fc.assert(
      fc.property(footPlan, (plan) => {
        const shape = compileFootShape(plan, 0);
        expect(area(smoothClosed(footOutline(shape).knots)) / area(footPolygon(shape))).toBeGreaterThan(0.94);
        expect(area(smoothClosed(footOutline(shape).knots)) / area(footPolygon(shape))).toBeLessThan(1.04);
      }),
      { numRuns: 80 }
    );
  });
  it('a bunion stands out of the drawn line as far as it was told', () => {
    const at = (bunionMm: number): number => {
      const plan = { ...ordinary, ballWidthMm: ordinary.ballWidthMm + bunionMm, bunionMm };
      return Math.max(...smoothClosed(footOutline(compileFootShape(plan, 0)).knots).filter((p) => p.x < 0.8 * plan.lengthMm).map((p) => p.y)); // prettier-ignore
    };
    expect(at(8) - at(0)).toBeGreaterThan(6.5);
    expect(at(8) - at(0)).toBeLessThan(8.5);
  });
});

describe('a smooth line', () => {
  it('goes through every knot, open and closed', () => {
    const knots = [{ x: 0, y: 0 }, { x: 9, y: 4 }, { x: 20, y: 3 }, { x: 24, y: -8 }]; // prettier-ignore
    for (const line of [smoothClosed(knots, 5), smoothOpen(knots, 5)])
      for (const k of knots) expect(Math.min(...line.map((p) => Math.hypot(p.x - k.x, p.y - k.y)))).toBeLessThan(1e-9);
    expect(smoothOpen(knots, 5).at(-1)).toEqual(knots[3]);
  });
});

describe('a shoe drawn from above', () => {
  const inside: Inside = {
    madeForFootMm: 243, insoleLengthMm: 254, flexLineMm: 176, family: 'almond', taperShiftMm: 0, outline: null, ballWidthMm: 86, widthBasis: 'footbed', heelWidthMm: 59, ballGirthMm: 226,
    waistGirthMm: 221, instepGirthMm: 231, throatGirthMm: null, toplineGirthMm: null, shaftGirthMm: null, toeSpringMm: NaN, instepHeightMm: NaN, toplineHeightMm: NaN, toeDepthMm: 24, littleToeDepthMm: 19
  }; // prettier-ignore
  const shoe = compileShoe(inside, 0.5);
  it('its wall stands round its inside, as thick everywhere; its opening lies within and ends at the throat', () => {
    const { inside: within, outside, opening } = shoeAbove(shoe, 0.765);
    expect(outside).toHaveLength(within.length);
    const thick = within.map((p) => Math.min(...outside.map((q) => Math.hypot(p.x - q.x, p.y - q.y))));
    expect(Math.min(...thick)).toBeGreaterThan(2.5);
    expect(Math.max(...thick)).toBeLessThan(3.7);
    for (const p of opening) expect(p.y >= 0 ? innerWall(shoe, p.x) - p.y : outerWall(shoe, p.x) + p.y).toBeGreaterThan(0);
    expect(Math.max(...opening.map((p) => p.x))).toBeCloseTo(0.765 * 243, 3);
    expect(Math.max(...shoeAbove(shoe, 0.5).opening.map((p) => p.x))).toBeCloseTo(0.5 * 243, 3);
  });
});

const ordinary: FootPlan = {
  lengthMm: 243, ballLengthMm: 176, outerBallLengthMm: 154, ballWidthMm: 91, heelWidthMm: 62, toeShape: 'egyptian', bunionMm: 0, littleToeBunionMm: 0
}; // prettier-ignore
