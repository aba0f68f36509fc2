import { describe, expect, it } from 'vitest';
import { jitterOf, largestPart, measureScan, setDown, steadied, weld, type Mesh } from '../src/scan';
import { seeded } from '../../demo/random';
import { scanOf } from '../../demo/scan/cones';

const clean = largestPart(weld(scanOf({ lengthMm: 247, ballWidthMm: 95, side: 'right', legMm: 115 }, 4), 1)).part;
const noisy = (sdMm: number, seed: number): Mesh => {
  const random = seeded(seed);
  return { points: clean.points.map((v) => v + sdMm * random.normal()), triangles: clean.triangles };
};
const read = (mesh: Mesh) => measureScan(setDown(mesh), 'right');

describe('a scanner’s jitter', () => {
  it('is told from the surface itself, within a quarter; a steady surface is left as it is', () => {
    expect(jitterOf(clean)).toBeLessThan(0.05);
    expect(steadied(clean).mesh).toBe(clean);
    for (const sd of [0.1, 0.2, 0.5]) expect(Math.abs(jitterOf(noisy(sd, 5)) / sd - 1)).toBeLessThan(0.25);
  });
  it('of half a millimetre makes everything larger, and taken out moves the length by less than 0.5 mm and no girth by 2, on the average', () => {
    const exact = read(clean);
    const ids = Object.keys(exact) as (keyof typeof exact)[];
    const draws = [1, 2, 3, 4].map((seed) => noisy(0.5, seed));
    const lean = (of: (mesh: Mesh) => Mesh, id: keyof typeof exact): number =>
      draws.reduce((sum, mesh) => sum + read(of(mesh))[id]!.mm - exact[id]!.mm, 0) / draws.length;
    expect(lean((m) => m, 'lengthMm')).toBeGreaterThan(1);
    expect(lean((m) => m, 'waistGirthMm')).toBeGreaterThan(1.5);
    const steady = new Map(draws.map((mesh) => [mesh, steadied(mesh).mesh]));
    expect(Math.abs(lean((m) => steady.get(m)!, 'lengthMm'))).toBeLessThan(0.5);
    for (const id of ids.filter((i) => i.endsWith('GirthMm'))) expect([id, Math.abs(lean((m) => steady.get(m)!, id)) < 2]).toEqual([id, true]);
  });
  it('goes without the foot growing or shrinking', () => {
    const size = ({ points }: Mesh): number => {
      let sum = 0;
      for (const v of points) sum += v * v;
      return Math.sqrt(sum / points.length);
    };
    expect(Math.abs(size(steadied(noisy(0.5, 9)).mesh) / size(clean) - 1)).toBeLessThan(0.001);
  });
});
