import { doubleArea, faceNormal, trianglesOf, type Hole, type Mesh } from './mesh';
import { unit, type Space } from './space';

/** Where a leg was cut off: how high its lowest place is over the floor, mm, and whether the surface is open there or a flat closes it. */
export interface Leg {
  mm: number;
  open: boolean;
}

/** A flat that closes a leg looks up as nearly as this, as a cosine; its faces lie this nearly in one plane, mm, and cover so much, mm² [model]. */
const LOOKS_UP = 0.7;
const WITHIN_MM = 1;
const ALIKE = 0.99;
const LEAST_MM2 = 1000;
/** It lies so high at least, of the foot's length: a toe may be flat too. */
const LEAST_HEIGHT = 0.2;
/** What stands higher than this, of the foot's length, has a leg; where no flat ends it, its end is round, so high [model]. */
const LEG_OVER = 0.5;
const ROUND_END = 0.15;
/** Its direction is told from what lies so near the top, mm. */
const TOP_MM = 6;

/**
 * Where the leg of a scan that was set down was cut off; null where its surface closes over the instep as a foot without one.
 * @param opening of its surface, as it was found before it was set down
 */
export function legOf(set: Mesh, lengthMm: number, opening: Hole | null): Leg | null {
  if (opening) return { mm: opening.loop.reduce((sum, p) => sum + set.points[3 * p + 2], 0) / opening.loop.length, open: true };
  let top = -Infinity;
  for (let i = 2; i < set.points.length; i += 3) top = Math.max(top, set.points[i]);
  const mm = capOf(set, top, LEAST_HEIGHT * lengthMm) ?? (top > LEG_OVER * lengthMm ? top - ROUND_END * lengthMm : null);
  return mm === null ? null : { mm, open: false };
}

/** How high the lowest place of the flat lies that closes the top, mm. */
function capOf(mesh: Mesh, top: number, over: number): number | null {
  const { points, triangles } = mesh;
  const lowest = (t: number): number => Math.min(...[0, 1, 2].map((k) => points[3 * triangles[3 * t + k] + 2]));
  const normals = Array.from({ length: trianglesOf(mesh) }, (_, t) => t)
    .filter((t) => lowest(t) > over)
    .map((t) => ({ t, normal: unit(faceNormal(mesh, t)) }))
    .filter(({ normal }) => normal[2] > LOOKS_UP);
  const sum = [0, 0, 0];
  let at: Space = [0, 0, 0];
  for (const { t, normal } of normals) {
    const p = 3 * triangles[3 * t];
    if (points[p + 2] < top - TOP_MM) continue;
    at = [points[p], points[p + 1], points[p + 2]];
    for (let k = 0; k < 3; k++) sum[k] += normal[k] * doubleArea(mesh, t);
  }
  const way = unit([sum[0], sum[1], sum[2]]);
  let [area, least] = [0, Infinity];
  for (const { t, normal } of normals) {
    const p = 3 * triangles[3 * t];
    const off = [0, 1, 2].reduce((far, k) => far + way[k] * (points[p + k] - at[k]), 0);
    if (Math.abs(off) > WITHIN_MM || normal[0] * way[0] + normal[1] * way[1] + normal[2] * way[2] < ALIKE) continue;
    area += doubleArea(mesh, t) / 2;
    least = Math.min(least, lowest(t));
  }
  return area >= LEAST_MM2 ? least : null;
}
