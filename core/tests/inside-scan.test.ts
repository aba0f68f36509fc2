import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { anyWay } from '../../demo/scan/flaws';
import { bottomOf, insideScanOf, lastScanOf, lastSolid, type LastSolid, type Opening } from '../../demo/scan/lasts';
import { stlOf } from '../../demo/scan/stl';
import { surfaceOf } from '../../demo/scan/surface';
import { compileShoe, gradeLast, innerWall, outlineOfTracings, outerWall, readInsole, type Last } from '../src/last';
import { lastScan, openingOf, outward, ScanRefused, setLast, takeLast, weld, type LastScan } from '../src/scan';
import { sidesAt } from '../src/shape';

const LASTS = JSON.parse(readFileSync(new URL('../../demo/data/lasts.json', import.meta.url), 'utf8')) as (Last & { form: { heelHeightMm: number; toeSpringMm?: number } })[]; // prettier-ignore
const solidOf = (id: string, more: Partial<LastSolid> = {}): LastSolid => {
  const last = LASTS.find((l) => l.id === id)!;
  return {
    inside: gradeLast(last, last.base.size, 0),
    dropMm: last.form.heelHeightMm,
    toeSpringMm: last.form.toeSpringMm ?? 6,
    heightsMm: [78, 66, 42, 26],
    ...more
  };
};
const shoe = (s: LastSolid, throat = 0.5): Opening => ({ backMm: 55, sideMm: 36, throatMm: throat * s.inside.insoleLengthMm });
const asked = (s: LastSolid, basis: Last['widthBasis'] = 'footbed') => ({ forFootMm: s.inside.madeForFootMm, dropMm: s.dropMm, basis });
const taken = (corners: Float32Array, s: LastSolid, basis?: Last['widthBasis']): LastScan => {
  const found = takeLast(new Uint8Array(stlOf(corners)), asked(s, basis));
  if (found.kind !== 'last') throw new Error('a unit was asked for');
  return found.last;
};
const insoleOf = (scan: LastScan, s: LastSolid, side: 'left' | 'right' = 'right') =>
  readInsole(scan.outline.map(({ x, y }) => ({ x, y: -y })), side, s.inside.madeForFootMm); // prettier-ignore

/** How far the inside reaches over a place of its bottom, so high over it, mm: found in the solid itself. @param side 1 to the left */
function wallOf(s: LastSolid, place: number, over: number, side: 1 | -1): number {
  const solid = lastSolid(s);
  const { x, z } = bottomOf(s);
  const i = Math.round(place);
  const [dx, dz] = [x[i + 3] - x[i - 3], z[i + 3] - z[i - 3]];
  const long = Math.hypot(dx, dz);
  let [low, high] = [1, 90];
  for (let k = 0; k < 30; k++) {
    const mid = (low + high) / 2;
    if (solid(x[i] - (over * dz) / long, side * mid, z[i] + (over * dx) / long) < 0) low = mid;
    else high = mid;
  }
  return low;
}

describe('the inside of a shoe as a scan', () => {
  it.each([
    ['a shoe that laces', solidOf('yarrow'), 0.5],
    ['a pump on a heel', solidOf('heron'), 0.78],
    ['a pump on the flat', solidOf('siskin'), 0.78],
    ['a boot', solidOf('breve', { shaftMm: 260 }), 0],
    ['a boot on a heel', solidOf('inkwell', { shaftMm: 280 }), 0]
  ] as const)('%s, seen from within, any way round: its footbed is the insole', (_, s, throat) => {
    const corners = anyWay(insideScanOf(s, throat > 0 ? shoe(s, throat) : null, 2.5), 7);
    const read = insoleOf(taken(corners, s), s);
    expect(Math.abs(read.lengthMm - s.inside.insoleLengthMm)).toBeLessThan(1.3);
    expect(Math.abs(read.ballMm - s.inside.ballWidthMm)).toBeLessThan(0.6);
    expect(Math.abs(read.heelMm - s.inside.heelWidthMm)).toBeLessThan(0.5);
  });
  it('girths where it is closed are those of the whole last; where it is open there are none', () => {
    const s = solidOf('breve');
    const whole = lastScan(setLast(weld(lastScanOf(s, 2.5), 1)), asked(s));
    const laced = taken(insideScanOf(s, shoe(s, 0.42), 2.5), s);
    for (const id of ['ballGirthMm', 'waistGirthMm', 'instepGirthMm', 'toeDepthMm', 'littleToeDepthMm', 'instepHeightMm'] as const)
      expect(Math.abs(laced.values[id]!.mm - whole.values[id]!.mm), id).toBeLessThan(1);
    const pump = taken(insideScanOf(s, shoe(s, 0.78), 2.5), s);
    for (const id of ['ballGirthMm', 'waistGirthMm', 'instepGirthMm', 'instepHeightMm']) expect(pump.values).not.toHaveProperty(id);
    expect(Math.abs(pump.values.toeDepthMm!.mm - whole.values.toeDepthMm!.mm)).toBeLessThan(1);
  });
  it('tells how high its back stands and where its vamp begins; a boot has neither, nor has a last', () => {
    const s = solidOf('breve', { dropMm: 0 });
    const opening = shoe(s, 0.78);
    const read = taken(insideScanOf(s, opening, 2), s);
    expect(Math.abs(read.values.backHeightMm!.mm - opening.backMm)).toBeLessThan(3);
    expect(Math.abs(read.values.throatLineMm!.mm - opening.throatMm)).toBeLessThan(5);
    for (const other of [taken(lastScanOf(s, 2.5), s), taken(insideScanOf({ ...s, shaftMm: 260 }, null, 3), s)]) {
      expect(other.values).not.toHaveProperty('backHeightMm');
      expect(other.values).not.toHaveProperty('throatLineMm');
    }
  });
});

describe('an inside whose edge is round', () => {
  const s = solidOf('breve', { edgeMm: 9 });
  const corners = insideScanOf(s, shoe(s), 2.5);
  it('is read at the height where it is widest to a foot, and only where widths are measured there', () => {
    expect(() => taken(corners, s, 'footbed')).toThrow(ScanRefused);
    expect(() => taken(lastScanOf(s, 2.5), s, 'feather-edge')).toThrow(/no edge between bottom and walls/);
    const scan = taken(anyWay(corners, 4), s, 'inside');
    const { outline } = insoleOf(scan, s);
    const S = s.inside.insoleLengthMm;
    for (const share of [0.3, 0.45, 0.6, 0.72, 0.8]) {
      const [inner, outer] = sidesAt(outline, share * S);
      // The line may lie a little askew to the bottom's middle: the width does not.
      expect(Math.abs(inner - outer - wallOf(s, share * S, 10, 1) - wallOf(s, share * S, 10, -1)), `at ${share}`).toBeLessThan(0.7);
    }
  });
  it('a round edge of 3 mm still is an edge; a mould of an inside, which is closed, is read like it', () => {
    const sharp = solidOf('breve', { edgeMm: 3 });
    expect(Math.abs(insoleOf(taken(insideScanOf(sharp, shoe(sharp), 2.5), sharp), sharp).ballMm - sharp.inside.ballWidthMm)).toBeLessThan(0.8);
    const mould = insoleOf(taken(lastScanOf(s, 2.5), s, 'inside'), s);
    const open = insoleOf(taken(corners, s, 'inside'), s);
    for (const id of ['lengthMm', 'ballMm', 'heelMm'] as const) expect(Math.abs(mould[id] - open[id]), id).toBeLessThan(0.3);
  });
  it('kept with a last it is the inside: neither ball, waist nor heel are widened over what was read', () => {
    const scan = taken(corners, s, 'inside');
    const read = insoleOf(scan, s);
    const L = s.inside.madeForFootMm;
    const outline = outlineOfTracings([{ points: read.outline, forFootMm: L, who: 'a' }], 0)!;
    const inside = { ...s.inside, outline, widthBasis: 'inside' as const, insoleLengthMm: read.lengthMm, ballWidthMm: read.ballMm, heelWidthMm: read.heelMm - 2 * scan.counterMm }; // prettier-ignore
    const compiled = compileShoe(inside, 0.5);
    for (const x of [0.2, 0.41, 0.5, 0.635, 0.725].map((share) => share * L)) {
      const [inner, outer] = sidesAt(read.outline, x);
      expect(Math.abs(innerWall(compiled, x) + outerWall(compiled, x) - (inner - outer)), `at ${x}`).toBeLessThan(0.8);
    }
    // Lengths are told from the seat, not from the counter that stands over it.
    expect(Math.abs(scan.lengthMm - s.inside.insoleLengthMm)).toBeLessThan(1.5);
    expect(scan.counterMm).toBeGreaterThan(1);
  });
});

describe('what is no inside', () => {
  const s = solidOf('breve');
  it('a whole shoe with its outside is refused', () => {
    const last = lastSolid(s);
    const [upperMm, topMm] = [3, s.dropMm + 50];
    const shoe: typeof last = (x, y, z) => Math.max(Math.abs(last(x, y, z) - upperMm / 2) - upperMm / 2, z - topMm);
    const box = { lengthMm: s.inside.insoleLengthMm + 20, ballWidthMm: 1.3 * s.inside.ballWidthMm, legMm: topMm + 20 };
    expect(() => taken(surfaceOf(shoe, box, 1.5), s)).toThrow(/cut its outside away/);
  });
  it('faces that look inward are turned, whatever is open', () => {
    const seen = weld(insideScanOf(s, shoe(s), 4), 1);
    const opening = openingOf(seen)!;
    const turned = outward(seen, opening).mesh;
    expect(turned.triangles).not.toEqual(seen.triangles);
    expect(outward(turned, opening).mesh).toBe(turned);
  });
});
