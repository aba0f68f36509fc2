import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainCell, readCells, readCsv, safeCell, writeCsv } from '../src/lib/api/csv';

describe('cells of a CSV', () => {
  it('are none that a spreadsheet would run', () => {
    for (const cell of ['=1+1', '+cmd', '-2+3', '@SUM(A1)', '\t=1', '\r=1', "'=1", '=HYPERLINK("http://x")']) {
      expect(safeCell(cell), cell).toMatch(/^'/);
      expect(plainCell(safeCell(cell))).toBe(cell);
    }
  });
  it('stay numbers where they are numbers, and words where they are words', () => {
    for (const cell of ['-3', '+2.5', '42', '-0.25', 'Plover', "d'Arc", "'", 'a=b', '']) expect(safeCell(cell)).toBe(cell);
    expect(safeCell(-12.5)).toBe('-12.5');
    expect(safeCell(null)).toBe('');
  });
  it('come back the same, whatever they hold', () => {
    const text = fc.oneof(fc.string({ unit: 'grapheme' }), fc.constantFrom('=x', "'=x", "''+1", '-', '-5', '"', ',', 'a\nb', '+44 1'));
    fc.assert(
      fc.property(fc.array(fc.tuple(text, text), { minLength: 1, maxLength: 6 }), (rows) => {
        // Rows of nothing but blanks are left out, and blanks round a file are none of its cells.
        fc.pre(rows.every((r) => r.some((c) => c.trim() !== '')) && rows.flat().every((c) => c === c.trim() && !c.includes('\r')));
        const { fields, rows: back } = readCsv(
          writeCsv(
            ['one', 'two'],
            rows.map(([one, two]) => ({ one, two }))
          )
        );
        expect(fields).toEqual(['one', 'two']);
        expect(back.map((r) => [r.one, r.two])).toEqual(rows);
      })
    );
  });
  it('of a paste are read the same way', () =>
    expect(readCells("\tF\tG\n8\t'=1\t2\n")).toEqual([
      ['', 'F', 'G'],
      ['8', '=1', '2']
    ]));
});
