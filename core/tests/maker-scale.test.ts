import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addChain,
  reservationWords,
  bookOfMakers,
  chartOf,
  convertFoot,
  convertLabel,
  convertLine,
  makerScale,
  makerWidths,
  readLabel,
  readQuick,
  sizeInterval,
  toFootMm,
  type MakerScaleInput
} from '../src/size';
import { labelSays } from '../src/learn';

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
    expect(sizeInterval(scale, undefined, 38)).toEqual({ mm: 243, lowMm: 243 - 5 / 3, highMm: 243 + 5 / 3 });
    const [at, beyond] = [246, 320].map((lengthMm) => convertFoot({ lengthMm }, ['maker-1'], bookOfMakers([{ id: 1, definition: own }])).readings[0]);
    expect(at).toMatchObject({ size: '38.5', remainderMm: expect.closeTo(-1 / 3, 6) });
    expect(at.outsideRange).toBeUndefined();
    expect(beyond.outsideRange).toBe('Lakeside is made from 35 to 43');
  });
  it('whole sizes only, and halves that are widths, never read a half in length', () => {
    fc.assert(
      fc.property(fc.double({ min: 225, max: 270, noNaN: true }), fc.constantFrom('whole' as const, 'half-is-width' as const), (mm, cut) => {
        const [read] = convertFoot({ lengthMm: mm }, ['maker-1'], bookOfMakers([{ id: 1, definition: { ...own, cut } }])).readings;
        expect(Number.isInteger(Number(read.size))).toBe(true);
        expect(read.wider).toBe(cut === 'half-is-width' ? false : undefined);
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

describe('a maker’s own scale, wherever sizes are read', () => {
  const wider: MakerScaleInput = { ...own, name: 'Marsh 2 boots', unitMm: 8, knownSize: 6, knownFootMm: 248, cut: 'half-is-width', from: 3, to: 12 };
  const pointe: MakerScaleInput = {
    ...own,
    name: 'own pointe',
    unitMm: 5,
    knownSize: 5,
    knownFootMm: 235,
    from: 1,
    to: 9,
    widths: { names: ['1x', '2x', 'N'], firstMm: 76, stepMm: 3 }
  };
  const book = bookOfMakers([
    { id: 1, definition: own },
    { id: 2, definition: wider },
    { id: 3, definition: pointe }
  ]);

  it('converts both ways, by millimetres', () => {
    const there = convertLabel({ scale: 'maker-1', size: 38 }, ['mondo', 'maker-2'], book).readings;
    expect(there.map((r) => [r.scale, r.size])).toEqual([
      ['mondo', '245'],
      ['maker-2', '5']
    ]);
    expect(convertLabel({ scale: 'mondo', size: 245 }, ['maker-1'], book).readings[0].size).toBe('38.5');
  });
  it('a half that is a width has the whole’s length and interval', () => {
    const [whole, half] = [6, 6.5].map((size) => convertLabel({ scale: 'maker-2', size }, ['mondo'], book).footLength);
    expect(half).toEqual(whole);
    expect(whole).toEqual({ mm: 248, lowMm: 244, highMm: 252 });
  });
  it('the quick box knows it by its name, digits and all, from either side and as a target', () => {
    const read = (text: string) => readQuick(text, 'mm', null, book).meanings.map((m) => [m.scale, m.size, m.into]);
    expect(read('lakeside 38.5')).toEqual([['maker-1', 38.5, undefined]]);
    expect(read('38.5 Lakeside')).toEqual([['maker-1', 38.5, undefined]]);
    expect(read('marsh 2 boots 6')).toEqual([['maker-2', 6, undefined]]);
    expect(read('us w 7.5 in marsh 2 boots')).toEqual([['us-w', 7.5, 'maker-2']]);
    expect(readQuick('lakeside 38').problem).toMatch(/is not read/);
  });
  it('takes the maker’s own widths, and names them when one is wrong', () => {
    expect(readQuick('own pointe 5 2x', 'mm', null, book).meanings[0]).toMatchObject({ scale: 'maker-3', size: 5, width: '2x', text: 'own pointe 5 2x' });
    expect(readQuick('own pointe 5 EE', 'mm', null, book).problem).toBe('own pointe has the widths 1x, 2x, N; there is no EE.');
    expect(readQuick('lakeside 38 EE', 'mm', null, book).problem).toBe('Lakeside sizes carry no width letter.');
  });
  it('says its run and its steps when a size is none of them', () => {
    expect(readQuick('lakeside 47', 'mm', null, book).problem).toBe('Lakeside runs from 35 to 43; 47 is outside it.');
    expect(readQuick('lakeside 38.3', 'mm', null, book).problem).toBe('Lakeside goes in steps of 0.5: 38 or 38.5, not 38.3.');
  });
  it('a name that is also a published scale’s word hides nothing', () => {
    const clash = bookOfMakers([{ id: 4, definition: { ...own, name: 'EU' } }]);
    expect(readQuick('eu 39', 'mm', null, clash).meanings.map((m) => m.scale)).toEqual(['eu', 'maker-4']);
  });
  it('stands in charts, in columns of many and in the chain', () => {
    const { rows, columns } = chartOf([{ scale: 'maker-1' }, { scale: 'eu' }], 240, 250, { stepMm: 5 }, book);
    expect(columns[0].name).toBe('Lakeside');
    expect(rows.map((r) => r.cells[0].label)).toEqual(['37.5', '38.5', '39']);
    expect(convertLine('lakeside 38', 1, { to: ['mondo', 'maker-2'], bare: null }, book)).toMatchObject({ readAs: 'Lakeside 38', sizes: ['245', '5'] });
    expect(convertLine('38', 1, { to: ['mondo'], bare: 'maker-1' }, book)).toMatchObject({ readAs: 'Lakeside 38', sizes: ['245'] });
    const end = addChain(
      {
        from: { kind: 'foot', lengthMm: 248, sdMm: 1 },
        to: { scale: 'maker-2', step: 1, rounding: 'nearest' },
        habit: null,
        purpose: null,
        sockMm: 0,
        insertMm: 0,
        preference: 'regular',
        off: []
      },
      book
    );
    expect(end.label).toBe('6');
    expect(end.reservations.map(reservationWords).join(' ')).toContain('In Marsh 2 boots a half size is wider, not longer.');
  });
  it('a shoe known by it says what foot it is for', () => {
    const says = labelSays(book, 'maker-2', 6.5);
    expect(says.footMm).toBeCloseTo(248, 9);
    expect(says.name).toBe('Marsh 2 boots 6.5');
  });
  it('a scale that nobody kept is named', () => {
    expect(() => convertFoot({ lengthMm: 240 }, ['maker-9'], book)).toThrow(/there is no scale “maker-9”; there are us-w,/);
    expect(() => chartOf([{ scale: 'elf' }], 220, 240, { stepMm: 5 })).toThrow(/there is no scale “elf”/);
  });
});
