import { describe, expect, it } from 'vitest';
import { fieldOf, type FieldFoot } from '../../demo/scan/cones';
import { ellipsoidFoot } from '../../demo/scan/ellipsoids';
import { anyWay } from '../../demo/scan/flaws';
import { measuredFoot } from '../../demo/scan/measured';
import { stlOf } from '../../demo/scan/stl';
import { surfaceOf, type Field } from '../../demo/scan/surface';
import { completeFoot } from '../src/measure';
import { footScan, SCAN_UNITS, takeScan, type ScanValues } from '../src/scan';

const FOOT: FieldFoot = { lengthMm: 248, ballWidthMm: 95, side: 'left', legMm: 130 };
const SOLIDS: Readonly<Record<string, Field>> = {
  'round cones': fieldOf(FOOT),
  ellipsoids: ellipsoidFoot(FOOT),
  measured: measuredFoot(
    completeFoot({ side: 'left', values: { lengthMm: { mm: FOOT.lengthMm }, ballWidthMm: { mm: FOOT.ballWidthMm } }, toeTipsMm: [0, 2, 8, 16, 28] })
  )
};
const MM = SCAN_UNITS.find((u) => u.mm === 1)!;
/** Ends of a leg that close its surface: how far a place lies beyond them, and how high they are at their lowest, mm. */
const level =
  (mm: number): Field =>
  (_x, _y, z) =>
    z - mm;
const ENDS: readonly { name: string; beyond: Field; upTo: number; shin: boolean }[] = [
  { name: 'a level end', beyond: level(130), upTo: 170, shin: true },
  { name: 'an end cut aslant', beyond: (x, _y, z) => 0.94 * (z - 140) + 0.34 * (x - 60), upTo: 190, shin: true },
  { name: 'a tall leg whose end is round', beyond: (x, y, z) => (z < 200 ? -100 : Math.hypot(x - 56, y, z - 200) - 48), upTo: 290, shin: true },
  { name: 'an end under the ankle', beyond: level(70), upTo: 110, shin: false }
];
const read = (corners: Float32Array, seed: number): { values: ScanValues; looksLike: string } => {
  const taken = takeScan(stlOf(anyWay(corners, seed)), MM);
  if (taken.kind !== 'foot') throw new Error('a unit was asked for');
  return { values: footScan(taken.set, 'left', 'standing', taken.jitterMm).values, looksLike: taken.set.looksLike.side };
};

describe.each(Object.entries(SOLIDS))('a scan that is closed over the leg: %s', (_, solid) => {
  const open = read(surfaceOf(solid, FOOT, 3), 1);
  it.each(ENDS)('with $name it stands on its sole and is measured as an open one', ({ beyond, upTo, shin }) => {
    const corners = surfaceOf((x, y, z) => Math.max(solid(x, y, z), beyond(x, y, z)), { ...FOOT, legMm: upTo }, 3);
    for (const seed of [1, 2]) {
      const closed = read(corners, seed);
      expect(closed.looksLike).toBe('left');
      for (const id of ['lengthMm', 'ballWidthMm', 'ballGirthMm', 'waistGirthMm', 'heelWidthMm'] as const)
        expect(Math.abs(closed.values[id]!.mm - open.values[id]!.mm), id).toBeLessThan(1);
      // Where the shin ends too low, neither bend nor ankle is there to be taped.
      if (shin) expect(Math.abs(closed.values.ankleGirthMm!.mm - open.values.ankleGirthMm!.mm)).toBeLessThan(3);
      else expect([closed.values.ankleGirthMm, closed.values.shortHeelGirthMm]).toEqual([undefined, undefined]);
      if (shin) expect(Math.abs(closed.values.shortHeelGirthMm!.mm - open.values.shortHeelGirthMm!.mm)).toBeLessThan(6);
    }
  });
});

describe('a scan that was cut off low and left open', () => {
  it('gives no short heel: its bend is not there', () => {
    const { values } = read(surfaceOf(SOLIDS.measured, { ...FOOT, legMm: 70 }, 3), 1);
    expect(values.shortHeelGirthMm).toBeUndefined();
    expect(values.instepGirthMm).toBeDefined();
  });
});

describe('a file whose faces are all turned inward', () => {
  const inward = (corners: Float32Array): Float32Array => {
    const out = corners.slice();
    for (let i = 0; i < out.length; i += 9) for (let k = 0; k < 3; k++) [out[i + 3 + k], out[i + 6 + k]] = [out[i + 6 + k], out[i + 3 + k]];
    return out;
  };
  it.each([
    ['open', surfaceOf(SOLIDS.ellipsoids, FOOT, 3)],
    ['closed', surfaceOf((x, y, z) => Math.max(SOLIDS.ellipsoids(x, y, z), z - 130), { ...FOOT, legMm: 170 }, 3)]
  ] as const)('is read like any other: %s', (_, corners) => {
    const [plain, turned] = [read(corners, 3), read(inward(corners), 3)];
    expect(turned.looksLike).toBe(plain.looksLike);
    for (const id of ['lengthMm', 'ballWidthMm', 'ballGirthMm', 'shortHeelGirthMm'] as const)
      expect(Math.abs(turned.values[id]!.mm - plain.values[id]!.mm), id).toBeLessThan(0.1);
  });
});

describe('a closed solid that is no foot', () => {
  it.each([
    ['a ball', (x: number, y: number, z: number) => Math.hypot(x - 120, y, z - 90) - 88],
    ['a chair leg', (x: number, y: number, z: number) => Math.max(Math.hypot(y, z - 40) - 30, Math.abs(x - 125) - 125)]
  ] as const)('%s is refused', (_, field) => {
    expect(() => takeScan(stlOf(surfaceOf(field, { lengthMm: 260, ballWidthMm: 200, legMm: 300 }, 4)))).toThrow(/not shaped like a foot/);
  });
});
