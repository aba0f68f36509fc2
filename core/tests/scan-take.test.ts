import { describe, expect, it } from 'vitest';
import { measureScan, SCAN_UNITS, ScanRefused, takeScan } from '../src/scan';
import { scanOf } from '../../demo/scan/cones';
import { moved } from '../../demo/scan/flaws';
import { stlOf } from '../../demo/scan/stl';

const FOOT = { lengthMm: 251, ballWidthMm: 97, side: 'left', legMm: 110 } as const;
const scan = scanOf(FOOT, 4);
const times = (by: number): Float32Array => scan.map((v) => v * by);
const UNTURNED = [[1, 0, 0], [0, 1, 0], [0, 0, 1]] as const; // prettier-ignore
/** Corners of those triangles that lie where they are kept. */
const kept = (keep: (x: number, y: number, z: number) => boolean): number[] => {
  const out: number[] = [];
  for (let t = 0; t < scan.length; t += 9) if (keep(scan[t], scan[t + 1], scan[t + 2])) for (let k = 0; k < 9; k++) out.push(scan[t + k]);
  return out;
};
/** Each triangle as four. */
function finer(corners: Float32Array): Float32Array {
  const out = new Float32Array(4 * corners.length);
  for (let t = 0; t < corners.length; t += 9) {
    const [a, b, c] = [0, 3, 6].map((k) => corners.subarray(t + k, t + k + 3));
    const between = (p: Float32Array, q: Float32Array): number[] => [0, 1, 2].map((k) => (p[k] + q[k]) / 2);
    const [ab, bc, ca] = [between(a, b), between(b, c), between(c, a)];
    out.set([...a, ...ab, ...ca, ...ab, ...b, ...bc, ...ca, ...bc, ...c, ...ab, ...bc, ...ca], 4 * t);
  }
  return out;
}
/** A thing made of boxes of many small triangles. */
function boxes(...all: [number[], number[]][]): number[] {
  const out: number[] = [];
  for (const [low, high] of all)
    for (let axis = 0; axis < 3; axis++)
      for (const end of [low, high])
        for (let i = 0; i < 8; i++)
          for (let j = 0; j < 8; j++) {
            const at = (u: number, v: number): number[] => {
              const p = [0, 0, 0];
              p[axis] = end[axis];
              [u, v].forEach((share, k) => {
                const other = (axis + 1 + k) % 3;
                p[other] = low[other] + ((high[other] - low[other]) * share) / 8;
              });
              return p;
            };
            out.push(...at(i, j), ...at(i + 1, j), ...at(i, j + 1), ...at(i + 1, j), ...at(i + 1, j + 1), ...at(i, j + 1));
          }
  return out;
}
const codeOf = (corners: ArrayLike<number>): string => {
  try {
    return takeScan(stlOf(corners), SCAN_UNITS[0]).kind;
  } catch (error) {
    return error instanceof ScanRefused ? error.code : String(error);
  }
};

describe('a foot is taken out of a file', () => {
  it.each([
    ['millimetres', 1, 'mm'],
    ['centimetres', 0.1, 'cm'],
    ['metres', 0.001, 'm']
  ])('in %s, by itself', (_name, by, id) => {
    const told: number[] = [];
    const taken = takeScan(stlOf(times(by)), null, (done) => told.push(done));
    expect(taken).toMatchObject({ kind: 'foot', format: 'stl', unit: { id }, told: [], dropped: [], holes: [] });
    if (taken.kind !== 'foot') return;
    expect(taken.set.looksLike.side).toBe('left');
    expect(Math.abs(measureScan(taken.set, 'left').lengthMm!.mm - 251)).toBeLessThan(3);
    expect(told.at(-1)).toBe(1);
  });
  it('in inches once that is said', () => {
    const inches = stlOf(times(1 / 25.4));
    const asked = takeScan(inches);
    expect(asked).toMatchObject({ kind: 'asks-unit', units: [{ id: 'in' }, { id: 'cm' }] });
    const taken = takeScan(
      inches,
      SCAN_UNITS.find((u) => u.id === 'in')!
    );
    expect(taken.kind === 'foot' && Math.abs(taken.set.lengthMm - 251) < 3).toBe(true);
  });
  it('with crumbs dropped and a hole told', () => {
    const crumb = boxes([[262, 60, 0], [270, 68, 8]]); // prettier-ignore
    const holed = kept((x, y, z) => Math.hypot(x - 150, y, z - 60) > 14);
    const taken = takeScan(stlOf([...holed, ...crumb]));
    expect(taken.kind).toBe('foot');
    if (taken.kind !== 'foot') return;
    expect(taken.dropped).toHaveLength(1);
    expect(taken.holes).toHaveLength(1);
    expect(taken.holes[0].lengthMm).toBeGreaterThan(40);
  });
  it('by a fine scanner: three hundred thousand triangles, of the same foot', () => {
    const fine = finer(finer(scan));
    expect(fine.length / 9).toBeGreaterThan(300_000);
    const taken = takeScan(stlOf(fine));
    expect(taken.kind === 'foot' && Math.abs(taken.set.lengthMm - 251) < 3).toBe(true);
  });
  it.each<[string, ArrayLike<number>, string]>([
    ['two feet', [...scan, ...moved(scan, UNTURNED, [0, 160, 0])], 'two-parts'],
    ['half a foot', kept((x) => x < 120), 'no-foot'],
    ['a stool', boxes([[0, 0, 150], [180, 180, 165]], [[0, 0, 0], [20, 20, 150]], [[160, 160, 0], [180, 180, 150]]), 'no-foot'] // prettier-ignore
  ])('%s is refused', (_what, corners, code) => expect(codeOf(corners)).toBe(code));
  it('a house is refused before anybody is asked for its unit', () => expect(() => takeScan(stlOf(times(40)))).toThrow(/not shaped like a foot/));
});
