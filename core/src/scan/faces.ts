import { faceNormal, trianglesOf, type Hole, type Mesh } from './mesh';
import { unit, type Space } from './space';

/** Middle, direction and area of every triangle. */
export interface Faces {
  middle: Float32Array;
  normal: Float32Array;
  area: Float32Array;
}
export function facesOf(mesh: Mesh): Faces {
  const { points, triangles } = mesh;
  const n = trianglesOf(mesh);
  const faces: Faces = { middle: new Float32Array(3 * n), normal: new Float32Array(3 * n), area: new Float32Array(n) };
  for (let t = 0; t < n; t++) {
    const [a, b, c] = [3 * triangles[3 * t], 3 * triangles[3 * t + 1], 3 * triangles[3 * t + 2]];
    const [nx, ny, nz] = faceNormal(mesh, t);
    const long = Math.hypot(nx, ny, nz) || 1;
    faces.area[t] = long / 2;
    for (let k = 0; k < 3; k++) faces.middle[3 * t + k] = (points[a + k] + points[b + k] + points[c + k]) / 3;
    faces.normal.set([nx / long, ny / long, nz / long], 3 * t);
  }
  return faces;
}

/** So many directions are tried where a bottom is looked for. */
export const DIRECTIONS = 642;
/** Directions spread evenly over a ball (Fibonacci's spiral). */
export const directions = (many: number): Space[] =>
  Array.from({ length: many }, (_, i) => {
    const z = 1 - (2 * i + 1) / many;
    const r = Math.sqrt(1 - z * z);
    const a = Math.PI * (1 + Math.sqrt(5)) * i;
    return [r * Math.cos(a), r * Math.sin(a), z];
  });

/** How much area some faces have, times how far that spreads: the end of a heel is not long, a sole is. */
export function spreadOf({ area, middle }: Faces, chosen: readonly number[]): number {
  let [whole, squares] = [0, 0];
  const sum = [0, 0, 0];
  for (const t of chosen) {
    whole += area[t];
    for (let k = 0; k < 3; k++) {
      sum[k] += area[t] * middle[3 * t + k];
      squares += area[t] * middle[3 * t + k] ** 2;
    }
  }
  return whole === 0 ? 0 : whole * Math.sqrt(Math.max(0, squares / whole - (sum[0] ** 2 + sum[1] ** 2 + sum[2] ** 2) / whole ** 2));
}

/** Faces in short, spread evenly over the list. */
export function someFaces({ area }: Faces, many: number): number[] {
  const every = Math.max(1, Math.floor(area.length / many));
  return Array.from({ length: Math.floor(area.length / every) }, (_, i) => i * every);
}

/** The middle of a surface by its area. */
export function middleOfArea({ middle, area }: Faces): Space {
  const centre = [0, 0, 0];
  let whole = 0;
  for (let t = 0; t < area.length; t++) {
    for (let k = 0; k < 3; k++) centre[k] += area[t] * middle[3 * t + k];
    whole += area[t];
  }
  return [centre[0] / whole, centre[1] / whole, centre[2] / whole];
}
/** The way to an opening seen from the middle of the surface: that of the leg. */
export function towards({ at }: Hole, faces: Faces): Space {
  const [x, y, z] = middleOfArea(faces);
  return unit([at[0] - x, at[1] - y, at[2] - z]);
}
