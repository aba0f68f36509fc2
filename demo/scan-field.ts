import type { Space } from '@chiave/core/scan';

/**
 * A foot as a solid of round cones that run into each other, for scans made by a script. It owes nothing to the outline that the engine draws
 * feet by: what is measured on it can be checked against the solid itself.
 */
export interface FieldFoot {
  lengthMm: number;
  ballWidthMm: number;
  /** Left feet have their inner side at -y, seen with the toes along x and z up. */
  side: 'left' | 'right';
  /** Where the leg is cut off, above the floor, mm. */
  legMm: number;
}

interface Cone {
  from: Space;
  to: Space;
  r: readonly [number, number];
}

/** Bones and flesh of a foot of length and width one, y to the inner side; radii of the length. */
const L = 250;
const W = 95;
const BODY: readonly Cone[] = [
  // Heel, outer edge, inner edge over the arch, instep, leg.
  { from: [30, 2, 26], to: [48, 2, 34], r: [29, 29] },
  { from: [45, -6, 24], to: [150, -26, 18], r: [25, 17] },
  { from: [48, 8, 34], to: [176, 22, 20], r: [25, 18] },
  { from: [60, 0, 62], to: [165, 2, 24], r: [30, 17] },
  { from: [58, 2, 40], to: [52, 2, 260], r: [33, 36] },
  // The ball, and five toes.
  { from: [176, 24, 19], to: [160, -28, 16], r: [18, 15] },
  { from: [190, 24, 14], to: [238, 22, 11.5], r: [14, 11.5] },
  { from: [196, 4, 12], to: [235, 2, 9], r: [10, 8.5] },
  { from: [190, -10, 12], to: [226, -13, 8.5], r: [10, 8] },
  { from: [182, -22, 12], to: [215, -27, 8], r: [10, 7.5] },
  { from: [168, -33, 12], to: [198, -39, 8], r: [11, 8] }
];
/** How softly the parts run into each other, mm. */
const SOFT = 6;

/** Distance from a point to a cone with round ends, as along its axis. */
function toCone(x: number, y: number, z: number, { from, to, r }: Cone): number {
  const [dx, dy, dz] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const long = dx * dx + dy * dy + dz * dz;
  const t = Math.min(1, Math.max(0, ((x - from[0]) * dx + (y - from[1]) * dy + (z - from[2]) * dz) / long));
  return Math.hypot(x - from[0] - t * dx, y - from[1] - t * dy, z - from[2] - t * dz) - (r[0] + (r[1] - r[0]) * t);
}

/** How far a point of space lies outside the foot, mm; below nought inside. x forward from the heel, z up from the floor. */
export function fieldOf({ lengthMm, ballWidthMm, side }: FieldFoot): (x: number, y: number, z: number) => number {
  const along = L / lengthMm;
  const across = (W / ballWidthMm) * (side === 'left' ? -1 : 1);
  const up = (along + W / ballWidthMm) / 2;
  return (x, y, z) => {
    const [u, v, w] = [x * along, y * across, z * up];
    let sum = 0;
    let nearest = Infinity;
    for (const cone of BODY) {
      const d = toCone(u, v, w, cone);
      sum += Math.exp(-d / SOFT);
      if (d < nearest) nearest = d;
    }
    const flesh = nearest < 40 ? -SOFT * Math.log(sum) : nearest;
    // The floor presses the sole flat.
    return Math.max(flesh, -z) / along;
  };
}

/** Corners of the six tetrahedra of a cube, by the bits of its corners. */
const TETRAHEDRA = [[0, 1, 3, 7], [0, 3, 2, 7], [0, 2, 6, 7], [0, 6, 4, 7], [0, 4, 5, 7], [0, 5, 1, 7]] as const; // prettier-ignore

/**
 * The surface of a foot as a scanner gives it: triangles, open where the leg is cut off.
 * @param stepMm spacing of the grid on which the solid is looked at
 * @returns corners, nine numbers a triangle, mm
 */
export function scanOf(foot: FieldFoot, stepMm = 3): Float32Array {
  const field = fieldOf(foot);
  const low: Space = [-30, -0.8 * foot.ballWidthMm, -2 * stepMm];
  const many = [Math.ceil((foot.lengthMm + 60) / stepMm), Math.ceil((1.6 * foot.ballWidthMm) / stepMm), Math.ceil((foot.legMm + 4 * stepMm) / stepMm)];
  const [nx, ny, nz] = many.map((n) => n + 1);
  const values = new Float32Array(nx * ny * nz);
  const at = (i: number, j: number, k: number): number => (k * ny + j) * nx + i;
  // Off the round numbers, so that the floor lies on no layer of the grid.
  const place = (i: number, axis: number): number => low[axis] + i * stepMm + 0.137 * stepMm;
  for (let k = 0; k < nz; k++) for (let j = 0; j < ny; j++) for (let i = 0; i < nx; i++) values[at(i, j, k)] = field(place(i, 0), place(j, 1), place(k, 2));
  const out: number[] = [];
  const cross = (p: readonly number[], q: readonly number[]): number[] => {
    const s = p[3] / (p[3] - q[3]);
    return [p[0] + (q[0] - p[0]) * s, p[1] + (q[1] - p[1]) * s, p[2] + (q[2] - p[2]) * s];
  };
  /** A triangle that looks away from what lies inside. */
  const face = (a: number[], b: number[], c: number[], inside: readonly number[]): void => {
    if (Math.max(a[2], b[2], c[2]) > foot.legMm) return;
    const [ux, uy, uz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const [vx, vy, vz] = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
    const away = (uy * vz - uz * vy) * (a[0] - inside[0]) + (uz * vx - ux * vz) * (a[1] - inside[1]) + (ux * vy - uy * vx) * (a[2] - inside[2]);
    out.push(...a, ...(away > 0 ? [...b, ...c] : [...c, ...b]));
  };
  for (let k = 0; k < nz - 1; k++)
    for (let j = 0; j < ny - 1; j++)
      for (let i = 0; i < nx - 1; i++) {
        const corner = (c: number): number[] => {
          const [ci, cj, ck] = [i + (c & 1), j + ((c >> 1) & 1), k + ((c >> 2) & 1)];
          return [place(ci, 0), place(cj, 1), place(ck, 2), values[at(ci, cj, ck)]];
        };
        const first = values[at(i, j, k)] < 0;
        let mixed = false;
        for (let c = 1; c < 8 && !mixed; c++) mixed = values[at(i + (c & 1), j + ((c >> 1) & 1), k + ((c >> 2) & 1))] < 0 !== first;
        if (!mixed) continue;
        for (const tetrahedron of TETRAHEDRA) {
          const corners = tetrahedron.map(corner);
          const inside = corners.filter((c) => c[3] < 0);
          const outside = corners.filter((c) => c[3] >= 0);
          if (inside.length === 0 || outside.length === 0) continue;
          const edges = inside.flatMap((p) => outside.map((q) => cross(p, q)));
          if (edges.length === 3) face(edges[0], edges[1], edges[2], inside[0]);
          else {
            face(edges[0], edges[1], edges[3], inside[0]);
            face(edges[0], edges[3], edges[2], inside[0]);
          }
        }
      }
  return Float32Array.from(out);
}

/** A mesh or corners turned and moved in space. @param rows three rows of a rotation */
export function moved(corners: Float32Array, rows: readonly [Space, Space, Space], by: Space = [0, 0, 0]): Float32Array {
  const out = new Float32Array(corners.length);
  for (let i = 0; i < corners.length; i += 3) for (let k = 0; k < 3; k++) out[i + k] = rows[k][0] * corners[i] + rows[k][1] * corners[i + 1] + rows[k][2] * corners[i + 2] + by[k]; // prettier-ignore
  return out;
}
