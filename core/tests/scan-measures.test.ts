import { describe, expect, it } from 'vitest';
import { alongPlane, largestPart, measureScan, setDown, weld, type Plane, type SetScan, type Space } from '../src/scan';
import { hullOf } from '../src/shape';
import type { MeasureId } from '../src/measure';
import { fieldOf, moved, scanOf, type FieldFoot } from '../../demo/scan-field';

/** Feet of many lengths and widths, left and right. */
const FEET: readonly FieldFoot[] = Array.from({ length: 14 }, (_, i) => ({
  lengthMm: 214 + 6.1 * i,
  ballWidthMm: (0.36 + 0.006 * (i % 7)) * (214 + 6.1 * i),
  side: i % 2 ? 'left' : 'right',
  legMm: 105 + (i % 3) * 15
}));
/** The solid itself, in the frame in which a scan of it was set. */
const inFrame = (foot: FieldFoot, { rows, shift }: SetScan) => {
  const field = fieldOf(foot);
  return (x: number, y: number, z: number): number => {
    const p = [x + shift[0], y + shift[1], z + shift[2]];
    const old = [0, 1, 2].map((k) => rows[0][k] * p[0] + rows[1][k] * p[1] + rows[2][k] * p[2]);
    return field(old[0], old[1], old[2]);
  };
};
type Solid = ReturnType<typeof inFrame>;
/** How far a ray runs within a solid, found by halving. */
function edge(solid: Solid, from: Space, along: Space, most = 200): number {
  let [low, high] = [0, most];
  for (let i = 0; i < 44; i++) {
    const mid = (low + high) / 2;
    if (solid(from[0] + along[0] * mid, from[1] + along[1] * mid, from[2] + along[2] * mid) < 0) low = mid;
    else high = mid;
  }
  return low;
}
/** A tape round the solid along a plane, from rays out of the middle of what the scan's tape enclosed. */
function trueGirth(solid: Solid, { normal }: Plane, line: readonly Space[], keep: (z: number) => boolean = () => true): number {
  const middle = [0, 1, 2].map((k) => line.reduce((s, p) => s + p[k], 0) / line.length) as unknown as Space;
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
function trueReach(solid: Solid, x: number, low: number, sign: 1 | -1): number {
  let most = 0;
  for (let z = 1; z < low; z += 1) if (solid(x, 0, z) < 0) most = Math.max(most, edge(solid, [x, 0, z], [0, sign, 0], 90));
  return most;
}
const p95 = (off: readonly number[]): number => [...off].sort((a, b) => a - b)[Math.ceil(0.95 * off.length) - 1];

describe('a scanned foot is measured', () => {
  const off: Partial<Record<MeasureId, number[]>> = {};
  const note = (id: MeasureId, mm: number): void => void (off[id] ??= []).push(Math.abs(mm));
  const read = FEET.map((foot) => {
    const set = setDown(largestPart(weld(scanOf(foot, 3.5), 1)).part);
    return { foot, set, values: measureScan(set, foot.side), solid: inFrame(foot, set) };
  });
  it('as the solid it was made from: length within 1 mm, widths within 1.5, girths within 3, at the 95th of a hundred', () => {
    for (const { set, values, solid } of read) {
      const low = 0.18 * set.lengthMm;
      // Heel and toe: the furthest of many rays along the axis.
      let [back, front] = [0, 0];
      for (let z = 2; z < low; z += 1)
        for (let y = -60; y <= 60; y += 1) {
          if (solid(0.12 * set.lengthMm, y, z) < 0) back = Math.max(back, edge(solid, [0.12 * set.lengthMm, y, z], [-1, 0, 0], 60) - 0.12 * set.lengthMm);
          if (solid(0.8 * set.lengthMm, y, z) < 0) front = Math.max(front, edge(solid, [0.8 * set.lengthMm, y, z], [1, 0, 0], 90) + 0.8 * set.lengthMm);
        }
      note('lengthMm', values.lengthMm!.mm - (back + front));
      const widestOf = (from: number, to: number, sign: 1 | -1): number =>
        Math.max(...Array.from({ length: 60 }, (_, i) => trueReach(solid, (from + ((to - from) * i) / 59) * set.lengthMm, low, sign)));
      const inward = values.ballWidthMm!.line[0][1] > 0 ? 1 : -1;
      note('ballWidthMm', values.ballWidthMm!.mm - widestOf(0.64, 0.82, inward) - widestOf(0.54, 0.74, inward > 0 ? -1 : 1));
      const heel = values.heelWidthMm!;
      note('heelWidthMm', heel.mm - trueReach(solid, heel.line[0][0], low, 1) - trueReach(solid, heel.line[0][0], low, -1));
      for (const id of ['ballGirthMm', 'waistGirthMm', 'ankleGirthMm', 'instepGirthMm'] as const)
        note(id, values[id]!.mm - trueGirth(solid, values[id]!.plane!, values[id]!.line));
    }
    const limits = { lengthMm: 1, ballWidthMm: 1.5, heelWidthMm: 1.5, ballGirthMm: 3, waistGirthMm: 3, ankleGirthMm: 3, instepGirthMm: 3 } as const;
    for (const [id, most] of Object.entries(limits)) expect([id, p95(off[id as MeasureId]!) < most]).toEqual([id, true]);
  });
  it('in the trade’s order: a short heel is the longest girth, the instep no less than the waist, the heel narrower than the ball (common practice, no source)', () => {
    for (const { values } of read) {
      const mm = (id: MeasureId) => values[id]!.mm;
      expect(mm('shortHeelGirthMm')).toBeGreaterThan(1.2 * mm('instepGirthMm'));
      expect(mm('instepGirthMm')).toBeGreaterThan(mm('waistGirthMm') - 3);
      expect(mm('heelWidthMm')).toBeLessThan(0.85 * mm('ballWidthMm'));
      expect(mm('ballLengthMm')).toBeGreaterThan(mm('outerBallLengthMm'));
      expect(mm('ballGirthMm') / mm('ballWidthMm')).toBeGreaterThan(2.1);
      expect(mm('ballGirthMm') / mm('ballWidthMm')).toBeLessThan(2.9);
    }
  });
  it('the same wherever it lay, with every tape in its plane', () => {
    const { foot, values } = read[3];
    const [c, s] = [Math.cos(2.1), Math.sin(2.1)];
    const turned = moved(scanOf(foot, 3.5), [[c, 0, s], [0, 1, 0], [-s, 0, c]], [90, 20, -400]); // prettier-ignore
    const again = measureScan(setDown(largestPart(weld(turned, 1)).part), foot.side);
    for (const [id, { mm, plane, line }] of Object.entries(again)) {
      expect([id, Math.abs(mm - values[id as MeasureId]!.mm) < 1.5]).toEqual([id, true]);
      for (const p of plane ? line : []) expect(Math.abs([0, 1, 2].reduce((d, k) => d + plane!.normal[k] * (p[k] - plane!.at[k]), 0))).toBeLessThan(1e-6);
    }
  });
  it('what a scan does not reach is left out, and a hole under a tape is doubt', () => {
    const { set, foot, values } = read[0];
    expect(measureScan({ ...set, legMm: null }, foot.side).ankleGirthMm).toBeUndefined();
    const { at, normal } = values.ballGirthMm!.plane!;
    const [px, py] = [set.mesh.points, set.mesh.triangles];
    // The top of the ball was not seen: 40 mm of it.
    const open = py.filter((_, i) => {
      const t = 3 * Math.floor(i / 3);
      return [0, 1, 2].every((k) => {
        const p = 3 * py[t + k];
        const near = Math.abs(normal[0] * (px[p] - at[0]) + normal[1] * (px[p + 1] - at[1])) < 12;
        return !(near && px[p + 2] > 22 && Math.abs(px[p + 1]) < 22);
      });
    });
    const seen = measureScan({ ...set, mesh: { points: px, triangles: open } }, foot.side).ballGirthMm!;
    expect(seen.sdMm).toBeGreaterThan(values.ballGirthMm!.sdMm + 1);
  });
});
