import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { largestPart, setDown, tapeCut, weld, type Space } from '../src/scan';
import { scanOf, type FieldFoot } from '../../demo/scan/cones';
import { moved, turn } from '../../demo/scan/flaws';

const FEET: readonly FieldFoot[] = [
  { lengthMm: 248, ballWidthMm: 94, side: 'right', legMm: 110 },
  { lengthMm: 231, ballWidthMm: 96, side: 'left', legMm: 90 },
  { lengthMm: 274, ballWidthMm: 100, side: 'left', legMm: 140 }
];
const SCANS = FEET.map((foot) => ({ foot, corners: scanOf(foot, 4) }));
const angle = fc.double({ min: -3.1, max: 3.1, noNaN: true });

describe('a scan that lies anywhere', () => {
  it('is set down on its sole, along its axis, as the foot it is', { timeout: 120_000 }, () => {
    const seen = SCANS.map(({ corners }) => setDown(largestPart(weld(corners, 1)).part));
    fc.assert(
      fc.property(fc.nat(FEET.length - 1), angle, angle, angle, (i, a, b, c) => {
        const rows = turn(a, b, c);
        const set = setDown(largestPart(weld(moved(SCANS[i].corners, rows, [300, -40, 75]), 1)).part);
        const { foot } = SCANS[i];
        // Its floor is the solid's floor: within half a degree.
        const up = set.rows[2];
        const told = rows.map((row) => row[2]) as unknown as Space;
        expect((Math.acos(Math.min(1, up[0] * told[0] + up[1] * told[1] + up[2] * told[2])) * 180) / Math.PI).toBeLessThan(0.5);
        expect(Math.abs(set.lengthMm - seen[i].lengthMm)).toBeLessThan(0.5);
        expect(set.looksLike.side).toBe(foot.side);
        expect(set.slender).toBeGreaterThan(1.7);
        expect(set.slender).toBeLessThan(4);
        expect(Math.abs(set.leg!.mm - foot.legMm)).toBeLessThan(8);
        // And what a tape finds on it is what it found before it was turned.
        const girth = (s: typeof set) => tapeCut(s.mesh, { at: [0.7 * s.lengthMm, 0, 0], normal: [1, 0, 0] })!.lengthMm;
        expect(Math.abs(girth(set) - girth(seen[i]))).toBeLessThan(1);
      }),
      { numRuns: 24 }
    );
  });
  it('its length is the solid’s along its own axis, its floor at nought', () => {
    SCANS.forEach(({ foot, corners }) => {
      const { mesh, lengthMm } = setDown(largestPart(weld(corners, 1)).part);
      let low = 0;
      for (let i = 2; i < mesh.points.length; i += 3) low = Math.min(low, mesh.points[i]);
      expect(low).toBeGreaterThan(-1);
      expect(Math.abs(lengthMm - foot.lengthMm)).toBeLessThan(3);
    });
  });
  it('mirrored it is the other foot, with the same measures', () => {
    const [{ corners, foot }] = SCANS;
    const mirrored = corners.slice();
    // The other way round, so that its faces go on looking outward.
    for (let t = 0; t < corners.length; t += 9)
      for (let k = 0; k < 3; k++) for (let axis = 0; axis < 3; axis++) mirrored[t + 3 * k + axis] = (axis === 1 ? -1 : 1) * corners[t + 3 * (2 - k) + axis];
    const [own, other] = [corners, mirrored].map((c) => setDown(largestPart(weld(c, 1)).part));
    expect(own.looksLike.side).toBe(foot.side);
    expect(other.looksLike.side).not.toBe(foot.side);
    expect(Math.abs(own.lengthMm - other.lengthMm)).toBeLessThan(0.1);
  });
});
