import { describe, expect, it } from 'vitest';
import { largestPart, measureScan, setDown, weld } from '../src/scan';
import type { MeasureId } from '../src/measure';
import { fieldOf, scanOf, type FieldFoot } from '../../demo/scan/cones';
import { moved } from '../../demo/scan/flaws';
import { offTruth, p95, SCAN_LIMITS } from './solid';

/** Feet of many lengths and widths, left and right. */
const FEET: readonly FieldFoot[] = Array.from({ length: 14 }, (_, i) => ({
  lengthMm: 214 + 6.1 * i,
  ballWidthMm: (0.36 + 0.006 * (i % 7)) * (214 + 6.1 * i),
  side: i % 2 ? 'left' : 'right',
  legMm: 105 + (i % 3) * 15
}));
describe('a scanned foot is measured', () => {
  const read = FEET.map((foot) => {
    const set = setDown(largestPart(weld(scanOf(foot, 3.5), 1)).part);
    return { foot, set, values: measureScan(set, foot.side) };
  });
  it('as the solid it was made from: length within 1 mm, widths within 1.5, girths within 3, at the 95th of a hundred', () => {
    const off = read.map(({ foot, set, values }) => offTruth(fieldOf(foot), set, values));
    for (const [id, most] of Object.entries(SCAN_LIMITS)) expect([id, p95(off.map((o) => Math.abs(o[id as MeasureId]!))) < most]).toEqual([id, true]);
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
    expect(measureScan({ ...set, leg: null }, foot.side).ankleGirthMm).toBeUndefined();
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
