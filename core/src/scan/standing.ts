import { hullOf, type Point } from '../shape';
import { facesOf } from './faces';
import { LOW_OF_LENGTH } from './limits';
import type { Mesh } from './mesh';

/** What looks down as nearly as this, as a cosine, so near the floor, of the length, is what it stands on [model]. */
const LOOKS_DOWN = 0.8;
const NEAR_FLOOR = 0.06;

/** What share of its shadow a scan that was set down stands on. */
export function soleShare(mesh: Mesh, lengthMm: number): number {
  const { normal, middle, area } = facesOf(mesh);
  let sole = 0;
  for (let t = 0; t < area.length; t++) if (normal[3 * t + 2] < -LOOKS_DOWN && middle[3 * t + 2] < NEAR_FLOOR * lengthMm) sole += area[t];
  const low: Point[] = [];
  for (let p = 0; p < mesh.points.length; p += 3) if (mesh.points[p + 2] < LOW_OF_LENGTH * lengthMm) low.push({ x: mesh.points[p], y: mesh.points[p + 1] });
  const hull = hullOf(low);
  const shadow = hull.reduce((sum, a, i) => {
    const b = hull[(i + 1) % hull.length];
    return sum + (a.x * b.y - b.x * a.y) / 2;
  }, 0);
  return sole / Math.abs(shadow);
}

/** A foot that stands: heel and ball lie so near the floor at most, and its toes stand no higher, all of its length; nor higher than so much of its heel [model]. */
const STANDS = { lowest: 0.07, toes: 0.24, ofHeel: 0.75 } as const;
/** Where heel, ball and toes stand, and where the heel is highest, of its length from the back. */
const AT = { heel: [0.05, 0.2], ball: [0.6, 0.75], toes: [0.85, 0.95], high: [0.15, 0.35] } as const;

/**
 * How far a scan that was set down is from standing as a foot does: on heel and ball, its toes low. Nought where it stands; a foot on its side
 * or on the end of its leg does not.
 */
export function offStanding({ points }: Mesh, lengthMm: number): number {
  let [heel, ball, toes, high] = [Infinity, Infinity, 0, 0];
  const within = (x: number, [from, to]: readonly [number, number]): boolean => x > from && x < to;
  for (let i = 0; i < points.length; i += 3) {
    const [x, z] = [points[i] / lengthMm, points[i + 2] / lengthMm];
    if (within(x, AT.heel)) heel = Math.min(heel, z);
    if (within(x, AT.ball)) ball = Math.min(ball, z);
    if (within(x, AT.toes)) toes = Math.max(toes, z);
    if (within(x, AT.high)) high = Math.max(high, z);
  }
  const over = (value: number, limit: number): number => Math.max(0, value - limit);
  return over(heel, STANDS.lowest) + over(ball, STANDS.lowest) + over(toes, STANDS.toes) + over(toes / high, STANDS.ofHeel);
}
