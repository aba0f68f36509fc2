import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compilePair, placeFoot, type Shoe } from '../src/fit';
import { outlineOffset } from '../src/fit/room';
import { innerWall, outerWall, type ShoeOutline } from '../src/last';
import { sockOutlineMm } from '../src/measure';
import { evenly, HEEL_ARC, type FootShape, type Point } from '../src/shape';
import { footLine, insoleLine } from '../../demo/lines';
import { fitted } from './arbitrary';

/**
 * The toe room a second time, slowly and straight from its definition, by dense sampling: the shoe's front is read off its walls point by
 * point, widened by the cone in two passes over a fine table, and every toe's end is tried at every turn. Nothing of the engine's front,
 * hull, search or refinement is used.
 */
const STEP = 0.1;
const REACH = 90;
const CONE = 0.2;
const WALLS = 4000;
const TOE_POINTS = 181;
const TURNS = 60;

/** Furthest x inside the shoe at each lateral place, from its walls alone, then with the cone. */
function frontTable(shoe: ShoeOutline): Float64Array {
  const n = Math.round((2 * REACH) / STEP) + 1;
  const front = new Float64Array(n).fill(-1e9);
  const from = 0.3 * shoe.insoleMm;
  for (let i = 0; i <= WALLS; i++) {
    // Finer towards the tip, where the walls turn across.
    const x = from + (shoe.insoleMm - from) * (1 - (1 - i / WALLS) ** 2);
    const [low, high] = [-outerWall(shoe, x), innerWall(shoe, x)];
    const [a, b] = [Math.ceil((low + REACH) / STEP), Math.floor((high + REACH) / STEP)];
    for (let k = Math.max(0, a); k <= Math.min(n - 1, b); k++) front[k] = Math.max(front[k], x);
  }
  const fall = STEP / CONE;
  for (let k = 1; k < n; k++) front[k] = Math.max(front[k], front[k - 1] - fall);
  for (let k = n - 2; k >= 0; k--) front[k] = Math.max(front[k], front[k + 1] - fall);
  return front;
}

/** A foot's ends point by point, before any squeeze: how far behind which tip, and where across. */
interface Ends {
  tip: number;
  behind: number;
  y: number;
}
/** The rounded ends of the model's toes. */
const modelEnds = (foot: FootShape): Ends[] =>
  [0, 1, 2, 3, 4].flatMap((toe) =>
    Array.from({ length: TOE_POINTS }, (_, j) => {
      const a = Math.PI * (j / (TOE_POINTS - 1) - 0.5);
      return { tip: foot.tip[toe], behind: foot.nose[toe] * (1 - Math.cos(a)), y: foot.centre[toe] + foot.radius[toe] * Math.sin(a) };
    })
  );
/** A traced line ahead of both joints, laid to the foot's length and width, with the sock as a disc about every point of it. */
function lineEnds(foot: FootShape, line: readonly Point[]): Ends[] {
  const length = Math.max(...line.map((p) => p.x));
  const across = line.filter((p) => p.x > 0.5 * length && p.x < 0.85 * length).map((p) => p.y);
  const wide = Math.max(...across) - Math.min(...across);
  return line
    .filter((p) => p.x > (p.y > 0 ? 0.8 : 0.74) * length)
    .flatMap((p) => {
      const at = { x: (p.x * foot.lengthMm) / length, y: (p.y * foot.ballWidthMm) / wide };
      // Squeezed behind the tip of the toe beside which it lies.
      const toe = [0, 1, 2, 3, 4].reduce((a, b) => (Math.abs(at.y - foot.centre[b]) / (foot.radius[b] - foot.offsetMm) < Math.abs(at.y - foot.centre[a]) / (foot.radius[a] - foot.offsetMm) ? b : a)); // prettier-ignore
      return Array.from({ length: 24 }, (_, k) => ({
        tip: foot.tip[toe],
        behind: foot.tip[toe] - at.x - foot.offsetMm * Math.cos((Math.PI * k) / 12),
        y: at.y + foot.offsetMm * Math.sin((Math.PI * k) / 12)
      }));
    });
}

function referenceRoom(foot: FootShape, shoe: ShoeOutline, forwardMm: number, ends: readonly Ends[] = modelEnds(foot)): number {
  const front = frontTable(shoe);
  const at = (y: number): number => {
    const t = (y + REACH) / STEP;
    const k = Math.floor(t);
    return front[k] + (front[k + 1] - front[k]) * (t - k);
  };
  const squeeze = Math.min(1, Math.max(0.93, shoe.planWidthMm / (foot.plainWidthMm + 2 * foot.offsetMm)));
  const pivot = HEEL_ARC * foot.lengthMm;
  const inward = Math.min(0.03, Math.max(0, innerWall(shoe, foot.ballMm + forwardMm) - foot.innerAtBall) / (foot.ballMm - pivot));
  const outward = Math.min(0.03, Math.max(0, outerWall(shoe, foot.outerBallMm + forwardMm) - foot.outerAtBall) / (foot.outerBallMm - pivot));
  let best = -Infinity;
  for (let t = 0; t <= TURNS; t++) {
    const turn = -outward + ((inward + outward) * t) / TURNS;
    const [c, s] = [Math.cos(turn), Math.sin(turn)];
    let least = Infinity;
    for (const { tip, behind, y: own } of ends) {
      const x = tip - squeeze * behind - pivot;
      const y = squeeze * own;
      least = Math.min(least, at(x * s + y * c) - (pivot + x * c - y * s) - forwardMm);
    }
    best = Math.max(best, least);
  }
  return best;
}

describe('a straightforward, slow reference', () => {
  it('agrees on the toe room within 0.3 mm, on two thousand random pairs', { timeout: 120_000 }, () => {
    let worst = 0;
    fc.assert(
      fc.property(fitted, ({ foot, shoe, wear }) => {
        const pair = compilePair(foot.dims, shoe, wear);
        const forward = sockOutlineMm(wear.sockMm);
        expect(pair.foot.offsetMm).toBeCloseTo(outlineOffset(shoe, wear), 9);
        const off = Math.abs(placeFoot(pair.foot, pair.shoe, forward).roomMm - referenceRoom(pair.foot, pair.shoe, forward));
        worst = Math.max(worst, off);
        expect(off).toBeLessThan(0.3);
      }),
      { numRuns: 2000, endOnFailure: true }
    );
    expect(worst).toBeGreaterThan(0);
  });
  it('agrees along traced feet in traced shoes within 0.3 mm, on two hundred random pairs', { timeout: 120_000 }, () => {
    fc.assert(
      fc.property(fitted, ({ foot, shoe, wear }) => {
        const contour = { points: footLine(foot.dims) };
        const own: Shoe = { ...shoe, inside: { ...shoe.inside, outline: insoleLine(shoe.inside) } };
        const pair = compilePair({ ...foot.dims, contour }, own, wear);
        // A disc can only be laid round a line: where an upper gives more than the sock adds there is none.
        fc.pre(pair.foot.offsetMm >= 0);
        const forward = sockOutlineMm(wear.sockMm);
        const room = referenceRoom(pair.foot, pair.shoe, forward, lineEnds(pair.foot, evenly(contour.points)));
        expect(Math.abs(placeFoot(pair.foot, pair.shoe, forward).roomMm - room)).toBeLessThan(0.3);
      }),
      { numRuns: 200, endOnFailure: true }
    );
  });
});
