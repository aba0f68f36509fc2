import { hullOf, type Point } from '../shape';
import type { Mesh } from './mesh';
import { cross, squareTo, type Space } from './space';

/** A plane in space: a point of it, mm, and the unit vector square to it. */
export interface Plane {
  at: Space;
  normal: Space;
}

/** What a plane cuts out of a surface, as a tape lies round it. */
export interface TapeCut {
  /** Length of the tape: round the convex hull of the cut, since a tape bridges hollows, mm. */
  lengthMm: number;
  /** The hull's corners in space, in order, mm. */
  line: Space[];
  /** Widest stretch along the hull in which no surface was found, mm: a hole that the tape would fall into. */
  gapMm: number;
}

/** Two directions within a plane, square to each other. */
export function alongPlane(normal: Space): [Space, Space] {
  const u = squareTo(normal);
  return [u, cross(normal, u)];
}

/**
 * The points in which a plane meets the edges of a surface, two for each triangle it cuts.
 * @param keep which of them belong to what is measured; all of them when left out
 */
export function cutPoints({ points, triangles }: Mesh, { at, normal }: Plane, keep?: (x: number, y: number, z: number) => boolean): Float64Array {
  const [nx, ny, nz] = normal;
  const offset = nx * at[0] + ny * at[1] + nz * at[2];
  const height = new Float64Array(points.length / 3);
  // A corner that lies in the plane counts as above it, so that every cut triangle has two points.
  const above = new Uint8Array(height.length);
  for (let p = 0; p < height.length; p++) {
    height[p] = nx * points[3 * p] + ny * points[3 * p + 1] + nz * points[3 * p + 2] - offset;
    above[p] = height[p] >= 0 ? 1 : 0;
  }
  const found: number[] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    // Nearly all lie on one side.
    const sides = above[triangles[t]] + above[triangles[t + 1]] + above[triangles[t + 2]];
    if (sides === 0 || sides === 3) continue;
    for (let k = 0; k < 3; k++) {
      const a = triangles[t + k];
      const b = triangles[t + ((k + 1) % 3)];
      if (above[a] === above[b]) continue;
      const s = height[a] / (height[a] - height[b]);
      const x = points[3 * a] + (points[3 * b] - points[3 * a]) * s;
      const y = points[3 * a + 1] + (points[3 * b + 1] - points[3 * a + 1]) * s;
      const z = points[3 * a + 2] + (points[3 * b + 2] - points[3 * a + 2]) * s;
      if (!keep || keep(x, y, z)) found.push(x, y, z);
    }
  }
  return Float64Array.from(found);
}

/**
 * Lays a tape round a surface along a plane.
 * @param mesh welded, mm
 * @returns null where the plane meets too little of it to lie round
 */
export function tapeCut(mesh: Mesh, plane: Plane, keep?: (x: number, y: number, z: number) => boolean): TapeCut | null {
  const cut = cutPoints(mesh, plane, keep);
  if (cut.length < 9) return null;
  const [u, v] = alongPlane(plane.normal);
  const flat: Point[] = [];
  for (let i = 0; i < cut.length; i += 3) {
    const [x, y, z] = [cut[i] - plane.at[0], cut[i + 1] - plane.at[1], cut[i + 2] - plane.at[2]];
    flat.push({ x: x * u[0] + y * u[1] + z * u[2], y: x * v[0] + y * v[1] + z * v[2] });
  }
  const hull = hullOf(flat);
  if (hull.length < 3) return null;
  const inSpace = ({ x, y }: Point): Space => [plane.at[0] + x * u[0] + y * v[0], plane.at[1] + x * u[1] + y * v[1], plane.at[2] + x * u[2] + y * v[2]];
  let lengthMm = 0;
  let gapMm = 0;
  hull.forEach((p, i) => {
    const q = hull[(i + 1) % hull.length];
    const long = Math.hypot(q.x - p.x, q.y - p.y);
    lengthMm += long;
    if (long > gapMm) gapMm = Math.max(gapMm, widestBare(p, q, long, flat));
  });
  return { lengthMm, line: hull.map(inSpace), gapMm };
}

/** A surface further under the tape than this is the other side of the foot, mm [estimate]. */
const DEEPEST_HOLLOW_MM = 25;

/** The widest stretch of a side of the hull below which no point of the cut lies, mm. */
function widestBare(p: Point, q: Point, long: number, flat: readonly Point[]): number {
  const [dx, dy] = [(q.x - p.x) / long, (q.y - p.y) / long];
  const under = flat.filter((c) => Math.abs((c.x - p.x) * dy - (c.y - p.y) * dx) < DEEPEST_HOLLOW_MM);
  const along = under.map((c) => (c.x - p.x) * dx + (c.y - p.y) * dy).filter((s) => s > 0 && s < long);
  const at = [0, ...along.sort((a, b) => a - b), long];
  return at.reduce((most, s, i) => (i > 0 ? Math.max(most, s - at[i - 1]) : most), 0);
}
