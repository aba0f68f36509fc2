import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compilePair, placeFoot } from '../src/fit';
import { outlineOffset } from '../src/fit/room';
import { innerWall, outerWall, type ShoeOutline } from '../src/last';
import { sockOutlineMm } from '../src/measure';
import { HEEL_ARC, type FootShape } from '../src/shape';
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

function referenceRoom(foot: FootShape, shoe: ShoeOutline, forwardMm: number): number {
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
    for (let toe = 0; toe < 5; toe++) {
      for (let j = 0; j < TOE_POINTS; j++) {
        const a = Math.PI * (j / (TOE_POINTS - 1) - 0.5);
        const x = foot.tip[toe] - squeeze * foot.nose[toe] * (1 - Math.cos(a)) - pivot;
        const y = squeeze * (foot.centre[toe] + foot.radius[toe] * Math.sin(a));
        least = Math.min(least, at(x * s + y * c) - (pivot + x * c - y * s) - forwardMm);
      }
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
});
