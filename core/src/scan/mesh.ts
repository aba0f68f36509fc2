import { along, cross, type Space } from './space';

/** A surface of triangles: three coordinates a point, three points a triangle, mm once its unit is known. */
export interface Mesh {
  points: Float32Array;
  triangles: Uint32Array;
}

const pointsOf = (mesh: Mesh): number => mesh.points.length / 3;
export const trianglesOf = (mesh: Mesh): number => mesh.triangles.length / 3;

/** Longest edge of the box that holds some corners, in their own unit. */
export function longestEdge(corners: Float32Array): number {
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (let i = 0; i < corners.length; i++) {
    const v = corners[i];
    // What is no number is in no box.
    if (v < low[i % 3]) low[i % 3] = v;
    if (v > high[i % 3]) high[i % 3] = v;
  }
  return Math.max(high[0] - low[0], high[1] - low[1], high[2] - low[2]);
}

/** The way a triangle looks, as long as twice its area, mm². */
export function faceNormal({ points, triangles }: Mesh, t: number): Space {
  const [a, b, c] = [3 * triangles[3 * t], 3 * triangles[3 * t + 1], 3 * triangles[3 * t + 2]];
  return cross(
    [points[b] - points[a], points[b + 1] - points[a + 1], points[b + 2] - points[a + 2]],
    [points[c] - points[a], points[c + 1] - points[a + 1], points[c + 2] - points[a + 2]]
  );
}
/** Twice the area of a triangle, mm². */
export const doubleArea = (mesh: Mesh, t: number): number => Math.hypot(...faceNormal(mesh, t));

/** Points of a mesh in another frame. */
export function inFrame({ points, triangles }: Mesh, rows: readonly [Space, Space, Space], by: Space): Mesh {
  const out = new Float32Array(points.length);
  for (let i = 0; i < points.length; i += 3) for (let k = 0; k < 3; k++) out[i + k] = along(points, i, rows[k]) - by[k];
  return { points: out, triangles };
}

/** Corners nearer to each other than this are one point, mm [model]. */
const SAME_POINT_MM = 0.01;

/**
 * Corners that lie together become one point; triangles that lose a corner by it, or hold what is no number, are left out.
 * @param corners nine numbers a triangle
 * @param unitMm what one of them is
 */
export function weld(corners: Float32Array, unitMm: number): Mesh {
  const many = corners.length / 9;
  let slots = 1;
  while (slots < 4 * many) slots *= 2;
  const table = new Int32Array(slots).fill(-1);
  const points = new Float32Array(corners.length);
  const cells = new Int32Array(corners.length);
  const triangles = new Uint32Array(3 * many);
  let found = 0;
  let kept = 0;
  const at = new Uint32Array(3);
  const pointAt = (i: number): number => {
    const [x, y, z] = [corners[i] * unitMm, corners[i + 1] * unitMm, corners[i + 2] * unitMm];
    if (!Number.isFinite(x + y + z)) return -1;
    const [cx, cy, cz] = [Math.round(x / SAME_POINT_MM) | 0, Math.round(y / SAME_POINT_MM) | 0, Math.round(z / SAME_POINT_MM) | 0];
    let slot = (Math.imul(cx, 73856093) ^ Math.imul(cy, 19349663) ^ Math.imul(cz, 83492791)) & (slots - 1);
    for (; table[slot] >= 0; slot = (slot + 1) & (slots - 1)) {
      const p = 3 * table[slot];
      if (cells[p] === cx && cells[p + 1] === cy && cells[p + 2] === cz) return table[slot];
    }
    table[slot] = found;
    points.set([x, y, z], 3 * found);
    cells.set([cx, cy, cz], 3 * found);
    return found++;
  };
  for (let t = 0; t < many; t++) {
    let whole = true;
    for (let k = 0; k < 3; k++) {
      const p = pointAt(9 * t + 3 * k);
      if (p < 0) whole = false;
      else at[k] = p;
    }
    if (whole && at[0] !== at[1] && at[1] !== at[2] && at[2] !== at[0]) triangles.set(at, 3 * kept++);
  }
  return { points: points.slice(0, 3 * found), triangles: triangles.slice(0, 3 * kept) };
}

/**
 * The largest part that hangs together, by its surface, and the shares of its area that the others come to, largest first.
 * @param mesh welded
 */
export function largestPart(mesh: Mesh): { part: Mesh; others: number[] } {
  const root = new Uint32Array(pointsOf(mesh)).map((_, i) => i);
  const rootOf = (i: number): number => {
    while (root[i] !== i) {
      root[i] = root[root[i]];
      i = root[i];
    }
    return i;
  };
  const { points, triangles } = mesh;
  for (let t = 0; t < triangles.length; t += 3) {
    const a = rootOf(triangles[t]);
    for (const k of [1, 2]) root[rootOf(triangles[t + k])] = a;
  }
  const areas = new Map<number, number>();
  for (let t = 0; t < trianglesOf(mesh); t++) {
    const own = rootOf(triangles[3 * t]);
    areas.set(own, (areas.get(own) ?? 0) + doubleArea(mesh, t));
  }
  const sorted = [...areas].sort((p, q) => q[1] - p[1]);
  if (sorted.length < 2) return { part: mesh, others: [] };
  const [[largest, area], ...rest] = sorted;
  const place = new Int32Array(pointsOf(mesh)).fill(-1);
  const kept: number[] = [];
  const own: number[] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    if (rootOf(triangles[t]) !== largest) continue;
    for (let k = 0; k < 3; k++) {
      const p = triangles[t + k];
      if (place[p] < 0) {
        place[p] = kept.length;
        kept.push(p);
      }
      own.push(place[p]);
    }
  }
  const moved = new Float32Array(3 * kept.length);
  kept.forEach((p, i) => moved.set(points.subarray(3 * p, 3 * p + 3), 3 * i));
  return { part: { points: moved, triangles: Uint32Array.from(own) }, others: rest.map(([, a]) => a / area) };
}

/** An edge of the surface that closes on itself: where it is open. */
export interface Hole {
  lengthMm: number;
  /** Middle of its points. */
  at: [number, number, number];
  /** Its points by their number, in order. */
  loop: readonly number[];
}

/** The open edges of a surface, longest first. Edges that two triangles share one way each are none. */
export function holesOf({ points, triangles }: Mesh): Hole[] {
  // How often an edge is walked forwards and backwards, apart: by its ends, smaller first.
  const edges = new Map<number, number>();
  const many = points.length / 3;
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k++) {
      const [a, b] = [triangles[t + k], triangles[t + ((k + 1) % 3)]];
      const key = Math.min(a, b) * many + Math.max(a, b);
      edges.set(key, (edges.get(key) ?? 0) + (a < b ? 1 : 16));
    }
  const next = new Map<number, number[]>();
  const link = (from: number, to: number): void => void next.set(from, [...(next.get(from) ?? []), to]);
  for (const [key, count] of edges) {
    const [a, b] = [Math.floor(key / many), key % many];
    const [there, back] = [count % 16, count >> 4];
    if (there === back) continue;
    // The open side is walked against the triangle that is there.
    if (there > back) link(b, a);
    else link(a, b);
  }
  const holes: Hole[] = [];
  for (const from of next.keys()) {
    while (next.get(from)!.length > 0) {
      const loop = [from];
      for (let p = next.get(from)!.pop(); p !== undefined && p !== from; p = next.get(p)?.pop()) loop.push(p);
      const at: Hole['at'] = [0, 0, 0];
      let lengthMm = 0;
      loop.forEach((p, i) => {
        const q = loop[(i + 1) % loop.length];
        for (let k = 0; k < 3; k++) at[k] += points[3 * p + k] / loop.length;
        lengthMm += Math.hypot(points[3 * p] - points[3 * q], points[3 * p + 1] - points[3 * q + 1], points[3 * p + 2] - points[3 * q + 2]);
      });
      holes.push({ lengthMm, at, loop });
    }
  }
  return holes.sort((p, q) => q.lengthMm - p.lengthMm);
}
