import { describe, expect, it } from 'vitest';
import { insoleFlagWords, fitInsoles, readInsoleRows } from '../src/size';

/** Ten hand-traced insoles of a British-scale lace boot, cm (common practice, no source). */
const TRACED = `size,length,ball,narrow
3,23.1,8.5,6.3
4,23.9,8.6,6.2
5,24.8,8.6,6.4
6,25.6,9.0,6.6
7,26.5,9.1,6.4
8,27.4,9.4,6.6
9,28.4,9.5,6.6
10,29.1,9.8,7.2
11,30.0,10.0,7.2
12,30.8,10.0,7.3`;
const cells = (text: string) => text.split('\n').map((line) => line.split(','));

describe('a table of measured insoles', () => {
  const { rows, problems } = readInsoleRows(cells(TRACED));
  const fit = fitInsoles(rows, 'uk');
  it('is read with its heading, in centimetres', () => {
    expect(problems).toEqual([]);
    expect(rows).toHaveLength(10);
    expect(rows[0]).toEqual({ size: 3, lengthMm: 231, ballMm: 85, narrowMm: 63 });
  });
  it('steps 8.556 mm from last to first, 8.65 by the fitted line; the barleycorn is 8.467 (common practice, no source)', () => {
    expect(Math.abs(fit.meanStepMm - 8.556)).toBeLessThanOrEqual(0.005);
    expect(Math.abs(fit.stepMm - 8.65)).toBeLessThanOrEqual(0.05);
    expect(fit.claimed!.stepMm).toBeCloseTo(8.467, 2);
  });
  it('size 9 stands 1.4 mm off the line and is asked about; the others lie within hand error', () => {
    const off = fit.rows.filter((r) => r.flags.some((f) => f.code === 'off-the-line'));
    expect(off.map((r) => r.row.size)).toEqual([9]);
    expect(off[0].residualMm).toBeCloseTo(1.4, 1);
  });
  it('two narrow parts decrease, sizes 4 and 7; what repeats is noted', () => {
    const narrower = fit.rows.filter((r) => r.flags.some((f) => f.code === 'narrower' && f.part === 'narrow part')).map((r) => r.row.size);
    expect(narrower).toEqual([4, 7]);
    expect(fit.rows.find((r) => r.row.size === 5)!.flags.map(insoleFlagWords)).toContain('ball as in size 4');
  });
  it('becomes a habit against the scale it claims', () => {
    expect(Math.abs(fit.claimed!.habitSizes)).toBeLessThan(0.5);
    const longer = fitInsoles(
      rows.map((r) => ({ ...r, lengthMm: r.lengthMm + 25.4 / 3 })),
      'uk'
    );
    expect(longer.claimed!.habitSizes - fit.claimed!.habitSizes).toBeCloseTo(1, 9);
  });
  it('half a size is 1/4 in on one last and 1/8 in on another: steps differ by last (common practice, no source)', () => {
    const inches = (a: number, b: number, c: number) =>
      fitInsoles(
        [
          { size: 6, lengthMm: a * 25.4 },
          { size: 6.5, lengthMm: b * 25.4 },
          { size: 7, lengthMm: c * 25.4 }
        ],
        'us-w'
      ).stepMm;
    expect(inches(9.75, 10, 10.25)).toBeCloseTo(2 * inches(9.375, 9.5, 9.625), 6);
  });
  it('a broken row says which line and why, and the rest is kept', () => {
    const read = readInsoleRows(cells('size,length\n7,26.5\nseven,26\n8,\n9,2840\n10,29,x\n11,300'));
    expect(read.rows.map((r) => r.size)).toEqual([7, 11]);
    expect(read.problems).toMatchObject([
      { line: 3, message: '“seven” is not a size.' },
      { line: 4, message: '“” is not a length.' },
      { line: 5, message: expect.stringContaining('80 to 450') },
      { line: 6, message: 'A width is not a number.' }
    ]);
  });
  it('needs three sizes', () => {
    expect(() =>
      fitInsoles(
        [
          { size: 7, lengthMm: 260 },
          { size: 8, lengthMm: 268 }
        ],
        'uk'
      )
    ).toThrow(/three different sizes/);
  });
});
