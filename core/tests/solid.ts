import type { MeasureId } from '../src/measure';
import { alongPlane, middleOf, type Plane, type ScanValues, type SetScan, type Space } from '../src/scan';
import { hullOf } from '../src/shape';
import type { Field } from '../../demo/scan/surface';

/** What a scan’s measures are held against: the solid it was made of, asked by rays, never by its triangles. */

/** The solid itself, in the frame in which a scan of it was set. */
const inFrame =
  (field: Field, { rows, shift }: SetScan): Field =>
  (x, y, z) => {
    const p = [x + shift[0], y + shift[1], z + shift[2]];
    const old = [0, 1, 2].map((k) => rows[0][k] * p[0] + rows[1][k] * p[1] + rows[2][k] * p[2]);
    return field(old[0], old[1], old[2]);
  };
/** How far a ray runs within a solid, found by halving. */
function edge(solid: Field, from: Space, along: Space, most = 200): number {
  let [low, high] = [0, most];
  for (let i = 0; i < 44; i++) {
    const mid = (low + high) / 2;
    if (solid(from[0] + along[0] * mid, from[1] + along[1] * mid, from[2] + along[2] * mid) < 0) low = mid;
    else high = mid;
  }
  return low;
}
/** A tape round the solid along a plane, from rays out of the middle of what the scan's tape enclosed. */
function trueGirth(solid: Field, { normal }: Plane, line: readonly Space[], keep: (z: number) => boolean = () => true): number {
  const middle = middleOf(line);
  const [u, v] = alongPlane(normal);
  const points = Array.from({ length: 720 }, (_, i) => {
    const [c, s] = [Math.cos((Math.PI * i) / 360), Math.sin((Math.PI * i) / 360)];
    const r = edge(solid, middle, [c * u[0] + s * v[0], c * u[1] + s * v[1], c * u[2] + s * v[2]], 120);
    return { x: c * r, y: s * r, z: middle[2] + r * (c * u[2] + s * v[2]) };
  }).filter((p) => keep(p.z));
  const hull = hullOf(points);
  return hull.reduce((sum, p, i) => sum + Math.hypot(hull[(i + 1) % hull.length].x - p.x, hull[(i + 1) % hull.length].y - p.y), 0);
}
/** Reach of the solid to one side at a station, below a height. */
function trueReach(solid: Field, x: number, low: number, sign: 1 | -1): number {
  let most = 0;
  for (let z = 1; z < low; z += 2) if (solid(x, 0, z) < 0) most = Math.max(most, edge(solid, [x, 0, z], [0, sign, 0], 90));
  return most;
}
export const p95 = (off: readonly number[]): number => [...off].sort((a, b) => a - b)[Math.ceil(0.95 * off.length) - 1];

/** How far a measure may be off its solid at the 95th of a hundred, mm. */
export const SCAN_LIMITS = {
  lengthMm: 1,
  ballWidthMm: 1.5,
  heelWidthMm: 1.5,
  ballGirthMm: 3,
  waistGirthMm: 3,
  instepGirthMm: 3,
  shortHeelGirthMm: 3,
  ankleGirthMm: 3
} as const satisfies Partial<Record<MeasureId, number>>;

/** How far each measure of a scan is off that of its solid, mm: length and widths at their furthest, girths along the scan's own planes. */
export function offTruth(field: Field, set: SetScan, values: ScanValues): Partial<Record<MeasureId, number>> {
  const solid = inFrame(field, set);
  const L = set.lengthMm;
  const low = 0.18 * L;
  // Heel and toe: the furthest of many rays along the axis.
  let [back, front] = [0, 0];
  for (let z = 2; z < low; z += 2)
    for (let y = -60; y <= 60; y += 2) {
      if (solid(0.12 * L, y, z) < 0) back = Math.max(back, edge(solid, [0.12 * L, y, z], [-1, 0, 0], 60) - 0.12 * L);
      if (solid(0.8 * L, y, z) < 0) front = Math.max(front, edge(solid, [0.8 * L, y, z], [1, 0, 0], 90) + 0.8 * L);
    }
  const widestOf = (from: number, to: number, sign: 1 | -1): number =>
    Math.max(...Array.from({ length: 60 }, (_, i) => trueReach(solid, (from + ((to - from) * i) / 59) * L, low, sign)));
  const inward = values.ballWidthMm!.line[0][1] > 0 ? 1 : -1;
  const heel = values.heelWidthMm!;
  const off: Partial<Record<MeasureId, number>> = {
    lengthMm: values.lengthMm!.mm - (back + front),
    ballWidthMm: values.ballWidthMm!.mm - widestOf(0.64, 0.82, inward) - widestOf(0.54, 0.74, inward > 0 ? -1 : 1),
    heelWidthMm: heel.mm - trueReach(solid, heel.line[0][0], low, 1) - trueReach(solid, heel.line[0][0], low, -1)
  };
  for (const id of ['ballGirthMm', 'waistGirthMm', 'ankleGirthMm', 'instepGirthMm', 'shortHeelGirthMm'] as const) {
    const value = values[id];
    if (!value) continue;
    // The tape's highest place: what the trade's tape goes round ends there, the leg above it does not count.
    const top = Math.max(...value.line.map((p) => p[2]));
    off[id] = value.mm - trueGirth(solid, value.plane!, value.line, (z) => z <= top + 0.5);
  }
  return off;
}
