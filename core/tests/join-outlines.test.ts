import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compileFootShape, footPolygon, type FootPlan, type Point } from '../src/shape';
import { joinOutlines, measureOutline } from '../src/tracing';

const plan = (lengthMm: number): FootPlan => ({
  lengthMm,
  ballLengthMm: 0.725 * lengthMm,
  outerBallLengthMm: 0.635 * lengthMm,
  ballWidthMm: 0.38 * lengthMm,
  heelWidthMm: 0.255 * lengthMm,
  toeShape: 'egyptian',
  bunionMm: 0,
  littleToeBunionMm: 0
});
/** A left foot, toes up the page, y down, cut by a straight seam; each part as its own sheet sees it, moved along the seam. */
function cut(lengthMm: number, at: number, turn: number, moved: number): { heel: Point[]; toes: Point[] } {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const all = footPolygon(compileFootShape(plan(lengthMm), 0)).map(({ x, y }) => ({ x: c * y + s * (x - at), y: -(c * (x - at) - s * y) }));
  const part = (keep: (p: Point) => boolean): Point[] => {
    const enters = all.findIndex((p, i) => !keep(p) && keep(all[(i + 1) % all.length]));
    const round = [...all.slice(enters), ...all.slice(0, enters)];
    const leaves = round.findIndex((p, i) => i > 0 && keep(round[i - 1]) && !keep(p));
    const meet = (p: Point, q: Point): Point => ({ x: p.x + ((q.x - p.x) * p.y) / (p.y - q.y), y: 0 });
    return [meet(round[0], round[1]), ...round.slice(1, leaves), meet(round[leaves - 1], round[leaves])];
  };
  const heel = part((p) => p.y > 0);
  const toes = part((p) => p.y < 0).map(({ x, y }) => ({ x: -x + moved, y: -y }));
  return { heel, toes };
}

describe('an outline on two sheets', () => {
  it('cut anywhere between heel and ball, moved along the seam and joined is the same foot', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 230, max: 340, noNaN: true }),
        fc.double({ min: 0.25, max: 0.6, noNaN: true }),
        fc.double({ min: -0.15, max: 0.15, noNaN: true }),
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.boolean(),
        (length, share, turn, moved, toesFirst) => {
          const { heel, toes } = cut(length, share * length, turn, moved);
          const { outline, gapMm } = toesFirst ? joinOutlines(toes, heel) : joinOutlines(heel, toes);
          const { values, doubt } = measureOutline(outline, 'left');
          expect(gapMm).toBeLessThan(0.01);
          expect(Math.abs(values.lengthMm! - length)).toBeLessThan(0.6);
          expect(Math.abs(values.ballWidthMm! - 0.38 * length)).toBeLessThan(0.6);
          expect(doubt).toBe('');
        }
      ),
      { numRuns: 60 }
    );
  });
  it('halves of different feet and the same half twice are refused in words', () => {
    const one = cut(300, 140, 0, 10);
    expect(() => joinOutlines(one.heel, cut(240, 112, 0, 0).toes)).toThrow(/crosses the seam \d+ mm wide on one sheet and \d+ on the other/);
    expect(() => joinOutlines(one.toes, one.toes)).toThrow(/same half/);
    expect(() => joinOutlines(one.heel, one.heel)).toThrow(/same half/);
  });
});
