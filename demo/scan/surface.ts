import type { Space } from '@chiave/core/scan';

/** How far a point of space lies outside a solid, mm; below nought inside. x forward from the heel, z up from the floor. */
export type Field = (x: number, y: number, z: number) => number;

/** Corners of the six tetrahedra of a cube, by the bits of its corners. */
const TETRAHEDRA = [[0, 1, 3, 7], [0, 3, 2, 7], [0, 2, 6, 7], [0, 6, 4, 7], [0, 4, 5, 7], [0, 5, 1, 7]] as const; // prettier-ignore

/**
 * The surface of a solid foot as a scanner gives it: triangles, open where the leg is cut off.
 * @param foot how large the solid is, and where its leg is cut off
 * @param stepMm spacing of the grid on which the solid is looked at
 * @returns corners, nine numbers a triangle, mm
 */
export function surfaceOf(field: Field, foot: { lengthMm: number; ballWidthMm: number; legMm: number }, stepMm: number): Float32Array {
  const low: Space = [-30, -0.8 * foot.ballWidthMm, -2 * stepMm];
  const many = [Math.ceil((foot.lengthMm + 60) / stepMm), Math.ceil((1.6 * foot.ballWidthMm) / stepMm), Math.ceil((foot.legMm + 4 * stepMm) / stepMm)];
  const [nx, ny, nz] = many.map((n) => n + 1);
  const values = new Float32Array(nx * ny * nz);
  const at = (i: number, j: number, k: number): number => (k * ny + j) * nx + i;
  // Off the round numbers, so that the floor lies on no layer of the grid.
  const place = (i: number, axis: number): number => low[axis] + i * stepMm + 0.137 * stepMm;
  for (let k = 0; k < nz; k++) for (let j = 0; j < ny; j++) for (let i = 0; i < nx; i++) values[at(i, j, k)] = field(place(i, 0), place(j, 1), place(k, 2));
  if (values.some(Number.isNaN)) throw new RangeError('the solid is not told everywhere');
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
