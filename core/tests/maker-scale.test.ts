import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makerInterval, makerScale, makerWidths, readInMaker, readLabel, toFootMm, type MakerScaleInput } from '../src/size';

const own: MakerScaleInput = {
  name: 'Lakeside',
  unitMm: 20 / 3,
  knownSize: 38,
  knownFootMm: 243,
  cut: 'half',
  from: 35,
  to: 43,
  forWhom: 'women',
  note: 'marked in EU, runs large',
  widths: null
};

describe('a maker’s own scale', () => {
  it('follows from one size that is known and the length of a step', () => {
    const scale = makerScale('maker-1', own);
    expect(makerInterval(scale, 38)).toEqual({ mm: 243, lowMm: 243 - 5 / 3, highMm: 243 + 5 / 3 });
    expect(readInMaker(scale, 'half', 246)).toMatchObject({ label: '38.5', remainderMm: expect.closeTo(-1 / 3, 6), outside: false });
    expect(readInMaker(scale, 'half', 320).outside).toBe(true);
  });
  it('whole sizes only, and halves that are widths, never read a half in length', () => {
    fc.assert(
      fc.property(fc.double({ min: 225, max: 270, noNaN: true }), fc.constantFrom('whole' as const, 'half-is-width' as const), (mm, cut) => {
        const read = readInMaker(makerScale('maker-1', { ...own, cut }), cut, mm);
        expect(Number.isInteger(Number(read.label))).toBe(true);
        expect(read.wider).toBe(cut === 'half-is-width' ? false : null);
      })
    );
  });
  it('gives every label of its run back through millimetres', () => {
    fc.assert(
      fc.property(fc.double({ min: 4, max: 12, noNaN: true }), fc.integer({ min: 0, max: 16 }), (unitMm, n) => {
        const scale = makerScale('maker-1', { ...own, unitMm });
        const size = 35 + n / 2;
        expect(readLabel(scale, undefined, toFootMm(scale.schools[0], size)).size).toBeCloseTo(size, 9);
      })
    );
  });
  it('its widths are the maker’s own, in millimetres', () => {
    expect(makerWidths({ names: ['1x', '2x', '3x'], firstMm: 76, stepMm: 3 })).toEqual([
      { name: '1x', mm: 76 },
      { name: '2x', mm: 79 },
      { name: '3x', mm: 82 }
    ]);
    expect(makerWidths(null)).toEqual([]);
  });
  it.each([
    [{ unitMm: 0.5 }, /1 to 30 mm/],
    [{ from: 43, to: 35 }, /smaller to a larger/],
    [{ knownFootMm: 390 }, /feet from .* check the unit/],
    [{ unitMm: 1, from: 0, to: 100 }, /at most 120 sizes/]
  ])('a scale that could hold no foot is refused: %o', (wrong, words) => {
    expect(() => makerScale('maker-1', { ...own, ...wrong })).toThrow(words);
  });
});
