import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tapeCut, weld, type Mesh, type Plane, type Space } from '../src/scan';

/** A closed surface from a map of angles; welded. */
function round(map: (a: number, b: number) => Space, steps: number): Mesh {
  const p = (i: number, j: number): Space => map((Math.PI * i) / steps, (Math.PI * (j % (2 * steps))) / steps);
  const out: number[] = [];
  for (let i = 0; i < steps; i++)
    for (let j = 0; j < 2 * steps; j++) {
      if (i > 0) out.push(...p(i, j), ...p(i + 1, j), ...p(i, j + 1));
      if (i < steps - 1) out.push(...p(i, j + 1), ...p(i + 1, j), ...p(i + 1, j + 1));
    }
  return weld(Float32Array.from(out), 1);
}
const ellipsoid = (rx: number, ry: number, rz: number, steps = 60): Mesh =>
  round((a, b) => [rx * Math.sin(a) * Math.cos(b), ry * Math.sin(a) * Math.sin(b), rz * Math.cos(a)], steps);
/** Boxes by their corners, six quads each. */
function boxes(...all: [Space, Space][]): Mesh {
  const out: number[] = [];
  for (const [low, high] of all) {
    const c = (i: number): Space => [i & 1 ? high[0] : low[0], i & 2 ? high[1] : low[1], i & 4 ? high[2] : low[2]];
    for (const [a, b, d, e] of [
      [0, 1, 3, 2],
      [4, 6, 7, 5],
      [0, 4, 5, 1],
      [2, 3, 7, 6],
      [0, 2, 6, 4],
      [1, 5, 7, 3]
    ])
      // prettier-ignore
      out.push(...c(a), ...c(b), ...c(d), ...c(a), ...c(d), ...c(e));
  }
  return weld(Float32Array.from(out), 1);
}
const across = (x: number): Plane => ({ at: [x, 0, 0], normal: [1, 0, 0] });
/** Perimeter of an ellipse by the integral of its speed, finely. */
const perimeter = (a: number, b: number): number => {
  let sum = 0;
  const n = 20_000;
  for (let i = 0; i < n; i++) sum += Math.hypot(a * Math.sin((2 * Math.PI * (i + 0.5)) / n), b * Math.cos((2 * Math.PI * (i + 0.5)) / n));
  return (sum * 2 * Math.PI) / n;
};

describe('a tape round a surface', () => {
  it('round a ball’s middle is its great circle, in any direction, within half a hundredth', () => {
    const ball = ellipsoid(50, 50, 50, 40);
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 3, noNaN: true }), fc.double({ min: 0, max: 6.2, noNaN: true }), (a, b) => {
        const normal: Space = [Math.sin(a) * Math.cos(b), Math.sin(a) * Math.sin(b), Math.cos(a)];
        const { lengthMm } = tapeCut(ball, { at: [0, 0, 0], normal })!;
        expect(Math.abs(lengthMm / (100 * Math.PI) - 1)).toBeLessThan(0.005);
      }),
      { numRuns: 60 }
    );
  });
  it('round a box of 200 by 90 by 60 is 300, and round a bar beside it bridges the gap', () => {
    const box: [Space, Space] = [[0, -45, 0], [200, 45, 60]]; // prettier-ignore
    expect(tapeCut(boxes(box), across(80.3))!.lengthMm).toBeCloseTo(300, 3);
    const bar: [Space, Space] = [[0, 65, 0], [200, 85, 60]]; // prettier-ignore
    const both = tapeCut(boxes(box, bar), across(80.3))!;
    expect(both.lengthMm).toBeCloseTo(2 * (130 + 60), 3);
    // Only what is asked for is in the tape.
    expect(tapeCut(boxes(box, bar), across(80.3), (_x, y) => y < 50)!.lengthMm).toBeCloseTo(300, 3);
    expect(tapeCut(boxes(box), across(500))).toBeNull();
  });
  it('round an ellipsoid is the ellipse’s perimeter, within a third of a hundredth', () => {
    const body = ellipsoid(120, 45, 30, 90);
    for (const x of [0, 30, -60, 90]) {
      const s = Math.sqrt(1 - (x / 120) ** 2);
      const { lengthMm, line } = tapeCut(body, across(x))!;
      expect(Math.abs(lengthMm / perimeter(45 * s, 30 * s) - 1)).toBeLessThan(0.003);
      for (const [at] of line) expect(at).toBeCloseTo(x, 6);
    }
  });
  it('tells how wide a hole lies under it', () => {
    const body = ellipsoid(120, 45, 30, 90);
    expect(tapeCut(body, across(10))!.gapMm).toBeLessThan(4);
    const open = Uint32Array.from([...body.triangles].filter((_, i, all) => {
      const t = 3 * Math.floor(i / 3);
      return [0, 1, 2].every((k) => Math.hypot(body.points[3 * all[t + k]] - 10, body.points[3 * all[t + k] + 1] - 40) > 14 || body.points[3 * all[t + k] + 2] < 0);
    })); // prettier-ignore
    const { gapMm, lengthMm } = tapeCut({ ...body, triangles: open }, across(10))!;
    expect(gapMm).toBeGreaterThan(8);
    expect(Math.abs(lengthMm - tapeCut(body, across(10))!.lengthMm)).toBeLessThan(3);
  });
});
