import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chartOf, convertLine, correctGauge, feetByLength, SCALE_IDS, type ScaleId } from '../src/size';

describe('a chart of scales', () => {
  it('rows of the published relations, 220 to 300 mm (arithmetic of the device, British and continental rules, from memory)', () => {
    const chart = chartOf(
      [{ scale: 'uk' }, { scale: 'us-m' }, { scale: 'us-w', school: 'device' }, { scale: 'us-w', school: 'label' }, { scale: 'cn-old' }],
      220,
      300,
      { stepMm: 10 }
    );
    expect(chart.rows).toHaveLength(9);
    const labels = Object.fromEntries(chart.rows.map((r) => [r.footMm, r.cells.map((c) => c.label)]));
    // 2.98 3.98 4.98 5.48 34 and 6.53 7.53 8.53 9.03 40 and 10.07 11.07 12.07 12.57 46, to the nearest half.
    expect(labels[220]).toEqual(['3', '4', '5', '5.5', '34']);
    expect(labels[250]).toEqual(['6.5', '7.5', '8.5', '9', '40']);
    expect(labels[280]).toEqual(['10', '11', '12', '12.5', '46']);
  });
  it.each([
    [5, 228.6, 6, 4],
    [6, 237.07, 7, 5],
    [7, 245.53, 8, 6],
    [8, 254, 9, 7],
    [9, 262.47, 10, 8],
    [10, 270.93, 11, 9],
    [11, 279.4, 12, 10],
    [12, 287.87, 13, 11],
    [13, 296.33, 14, 12]
  ])("US men's %i is a foot of %f, women's %i on the device, British %i (measuring device's FAQ and the British rule, from memory)", (men, mm, women, uk) => {
    const [row] = chartOf([{ scale: 'us-m' }, { scale: 'us-w', school: 'device' }, { scale: 'uk' }], mm, mm + 1, { stepMm: 5 }).rows;
    expect(row.cells.map((c) => Number(c.label))).toEqual([men, women, uk]);
    for (const cell of row.cells) expect(Math.abs(cell.remainderMm)).toBeLessThan(0.01);
  });
  it('can have one row a size of a scale, and leaves a cell empty where a scale has ended', () => {
    const chart = chartOf([{ scale: 'us-youth' }, { scale: 'eu' }], 220, 270, { scale: 'us-m' });
    expect(chart.rows.map((r) => r.footMm)).toHaveLength(12);
    expect(chart.rows.at(-1)!.cells[0].label).toBe('');
    expect(chart.rows.at(-1)!.cells[1].label).not.toBe('');
  });
  it('every cell is the nearest label: its remainder is within half a step', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SCALE_IDS), fc.integer({ min: 80, max: 380 }), (scale: ScaleId, from) => {
        for (const { cells } of chartOf([{ scale }], from, from + 20, { stepMm: 3 }).rows) expect(Math.abs(cells[0].remainderMm)).toBeLessThanOrEqual(4.3);
      })
    );
  });
  it('an empty range, no scale, no step and an endless chart are refused in words', () => {
    expect(() => chartOf([{ scale: 'eu' }], 260, 220, { stepMm: 5 })).toThrow(/from a shorter to a longer foot/);
    expect(() => chartOf([], 220, 260, { stepMm: 5 })).toThrow(/at least one scale/);
    expect(() => chartOf([{ scale: 'eu' }], 220, 260, { stepMm: 0 })).toThrow(/above nought/);
    expect(() => chartOf([{ scale: 'eu' }], 80, 400, { stepMm: 0.5 })).toThrow(/641 rows; at most 200/);
  });
});

describe('a printed gauge', () => {
  it('is corrected by what its check rulers really measure', () => {
    expect(correctGauge(250, 100, 100)).toMatchObject({ mm: 250, refused: '', note: '' });
    const shrunk = correctGauge(250, 96, 96);
    expect(shrunk.mm).toBeCloseTo(240, 9);
    expect(shrunk.note).toMatch(/printed at 96.0 %, so 250 on it is 240.0 mm/);
    expect(shrunk.sdMm).toBeGreaterThan(1);
  });
  it.each([
    [250, 80, 100, /across measures 80 instead of 100.*Print again at 100 %/],
    [250, 100, 115, /down measures 115/],
    [250, 100, 103, /two check rulers differ/],
    [250, NaN, 100, /Measure the check ruler across/],
    [9.75, 100, 100, /not a foot length/]
  ])('refuses a reading of %f with rulers of %f and %f, saying why', (reading, across, down, words) => {
    expect(correctGauge(reading, across, down).refused).toMatch(words);
  });
});

describe('many labels at once', () => {
  const to: ScaleId[] = ['us-m', 'eu'];
  const line = (text: string, bare: ScaleId | null = null) => convertLine(text, 1, { to, bare });
  it('reads labels and feet, and converts each', () => {
    expect(line('us w 7.5')).toMatchObject({ readAs: 'US women 7.5', sizes: ['6', '38'], problem: '' });
    expect(line('25.4 cm')).toMatchObject({ footMm: 254, sizes: ['8', '41'] });
    expect(line('au boot 5.5').sizes).toHaveLength(2);
  });
  it('guesses nothing: a bare number says what it could be, unless its scale is told', () => {
    expect(line('7').problem).toMatch(/meanings: .*Say which scale/);
    expect(line('7', 'us-w')).toMatchObject({ readAs: 'US women 7', problem: '' });
    expect(line('42 2/3', 'eu')).toMatchObject({ readAs: 'continental 42 2/3' });
    expect(line('24.8 cm', 'us-w')).toMatchObject({ footMm: 248 });
  });
  it('says of each line it cannot read why, and keeps its text', () => {
    expect(line('us w 75')).toMatchObject({ text: 'us w 75', footMm: null, sizes: ['', ''], problem: expect.stringContaining('runs from 1 to 18') });
    expect(line('')).toMatchObject({ problem: 'empty' });
    expect(line('7.3', 'us-w').problem).toMatch(/7 or 7.5, not 7.3/);
    expect(line('x'.repeat(5000)).problem).toMatch(/longer than a size/);
  });
  it('no line makes it fall over', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 100 }), (text) => {
        expect(line(text).sizes).toHaveLength(2);
      }),
      { numRuns: 500 }
    );
  });
});

describe('many feet by their lengths', () => {
  it('every foot is counted once, in the stretch it lies in; stretches follow each other', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 80, max: 360, noNaN: true }), { minLength: 1, maxLength: 60 }), fc.constantFrom(1, 5, 10), (feet, step) => {
        const rows = feetByLength(feet, step);
        expect(rows.reduce((sum, r) => sum + r.feet, 0)).toBe(feet.length);
        for (const r of rows) expect(feet.filter((mm) => mm >= r.fromMm && mm < r.toMm)).toHaveLength(r.feet);
        rows.slice(1).forEach((r, i) => expect(r.fromMm).toBeCloseTo(rows[i].toMm, 9));
        expect(rows[0].feet * rows[rows.length - 1].feet).toBeGreaterThan(0);
      })
    );
    expect(feetByLength([], 5)).toEqual([]);
    expect(feetByLength([245, 249.9, 250, 261], 5).map((r) => r.feet)).toEqual([2, 1, 0, 1]);
  });
});
