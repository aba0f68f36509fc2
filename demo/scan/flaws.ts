import { weld, type Space } from '@chiave/core/scan';
import { seeded } from '../random';

/** What goes wrong when a foot is scanned, done to corners of triangles, nine numbers each. */

/** A mesh or corners turned and moved in space. @param rows three rows of a rotation */
export function moved(corners: Float32Array, rows: readonly [Space, Space, Space], by: Space = [0, 0, 0]): Float32Array {
  const out = new Float32Array(corners.length);
  for (let i = 0; i < corners.length; i += 3) for (let k = 0; k < 3; k++) out[i + k] = rows[k][0] * corners[i] + rows[k][1] * corners[i + 1] + rows[k][2] * corners[i + 2] + by[k]; // prettier-ignore
  return out;
}

/** A rotation from three angles, rad. */
export function turn(a: number, b: number, c: number): readonly [Space, Space, Space] {
  const [ca, sa, cb, sb, cc, sc] = [Math.cos(a), Math.sin(a), Math.cos(b), Math.sin(b), Math.cos(c), Math.sin(c)];
  return [
    [ca * cb, ca * sb * sc - sa * cc, ca * sb * cc + sa * sc],
    [sa * cb, sa * sb * sc + ca * cc, sa * sb * cc - ca * sc],
    [-sb, cb * sc, cb * cc]
  ];
}

/** Tilted and turned as a scanner's own frame lies, from a seed: any way round, the floor anything but level. */
export function anyWay(corners: Float32Array, seed: number): Float32Array {
  const random = seeded(seed);
  const [a, b, c] = [0, 1, 2].map(() => 2 * Math.PI * random.uniform());
  return moved(corners, turn(a, b, c), [40 * random.normal(), 40 * random.normal(), 40 * random.normal()]);
}

/** Every point jitters on its own: the same place in two triangles moves the same way. @param sdMm of each coordinate */
export function jittered(corners: Float32Array, sdMm: number, seed: number): Float32Array {
  const random = seeded(seed);
  const { points, triangles } = weld(corners, 1);
  const shaken = points.map((v) => v + sdMm * random.normal());
  return Float32Array.from({ length: 3 * triangles.length }, (_, i) => shaken[3 * triangles[Math.floor(i / 3)] + (i % 3)]);
}

/** Triangles near a place are missing. */
export function holed(corners: Float32Array, at: Space, radiusMm: number): Float32Array {
  const out: number[] = [];
  for (let t = 0; t < corners.length; t += 9)
    if (Math.hypot(corners[t] - at[0], corners[t + 1] - at[1], corners[t + 2] - at[2]) > radiusMm) for (let k = 0; k < 9; k++) out.push(corners[t + k]);
  return Float32Array.from(out);
}
