import { doubleArea, faceNormal, holesOf, trianglesOf, type Hole, type Mesh } from './mesh';
import { unit, type Space } from './space';

/** An opening this long lets a foot or a leg through, mm. */
const OPENING_MM = 100;

/** Where a surface is open for the leg; null where it is closed, or has small holes only. */
export function openingOf(mesh: Mesh): Hole | null {
  const [largest] = holesOf(mesh);
  return largest && largest.lengthMm >= OPENING_MM ? largest : null;
}

/**
 * A surface whose faces look away from what it holds, whichever way its scanner turned them: an inside is seen from within.
 * @param opening where it is open: seen from the middle of that, nothing is held by what is missing there
 * @returns how thick what it holds is too: its volume over its surface, mm
 */
export function outward(mesh: Mesh, opening: Hole | null): { mesh: Mesh; thickMm: number } {
  const { points, triangles } = mesh;
  const from = opening?.at ?? [points[0], points[1], points[2]];
  let [volume, area] = [0, 0];
  for (let t = 0; t < trianglesOf(mesh); t++) {
    const a = 3 * triangles[3 * t];
    const normal = faceNormal(mesh, t);
    for (let k = 0; k < 3; k++) volume += ((points[a + k] - from[k]) * normal[k]) / 6;
    area += doubleArea(mesh, t) / 2;
  }
  const thickMm = Math.abs(volume) / area;
  if (volume >= 0) return { mesh, thickMm };
  const turned = triangles.slice();
  for (let t = 0; t < turned.length; t += 3) [turned[t + 1], turned[t + 2]] = [turned[t + 2], turned[t + 1]];
  return { mesh: { points, triangles: turned }, thickMm };
}

/** The way an opening looks: square to the flat that lies nearest to its edge, away from a place that is held. */
export function outOf({ points }: Mesh, { loop, at }: Hole, held: Space): Space {
  const sum = [0, 0, 0];
  loop.forEach((p, i) => {
    const q = loop[(i + 1) % loop.length];
    const [a, b] = [p, q].map((c) => [0, 1, 2].map((k) => points[3 * c + k] - at[k]));
    for (let k = 0; k < 3; k++) sum[k] += a[(k + 1) % 3] * b[(k + 2) % 3] - a[(k + 2) % 3] * b[(k + 1) % 3];
  });
  const [x, y, z] = unit([sum[0], sum[1], sum[2]]);
  const away = x * (at[0] - held[0]) + y * (at[1] - held[1]) + z * (at[2] - held[2]) > 0;
  return away ? [x, y, z] : [-x, -y, -z];
}
