import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sizesOf, stockKey, type Style } from '@chiave/core/fit';
import { allStyles } from '../../demo/lasts';
import { countRows, countsOfPaste, countsOfRows, lastRows, lastsOfRows, LAST_COLUMNS, stylesOfRows, styleRows } from '../src/lib/api/stock-exchange';
import { withHeelsRenewed } from '../src/lib/api/old-heels';
import { STYLE_COLUMNS } from '../src/lib/api/style-fields';
import { checkRun, wholeDetails, type LastBody, type StyleBody } from '../src/lib/api/stock-schema';
import { comparables, planOfFoot, shoeAt, sizeThere } from '../src/lib/compare-shoes';
import { layByRuler } from '../src/lib/drawing/scaled-photo';
import { slugOf } from '../src/lib/slug';

const styles = allStyles();
const body = (s: Style): StyleBody => {
  const { maker: _m, last, letters: _l, version: _v, ...rest } = s;
  return { ...rest, last: last.id, widths: [...s.widths], details: wholeDetails(s.details), stock: { ...s.stock } } as StyleBody;
};
const known = new Map(styles.map((s) => [s.id, body(s)]));

describe('a stockroom as rows', () => {
  it('every style written as rows and read again is the same style', () => {
    const { styles: read, problems } = stylesOfRows([...STYLE_COLUMNS], styleRows([...known.values()]), known);
    expect(problems).toEqual([]);
    expect(read).toEqual([...known.values()]);
  });
  it('a file alone holds all of a style: read where nothing is known, only evidence and counts are missing', () => {
    const full = styles.slice(0, 40).map((s, i) => ({
      ...body(s),
      details: {
        ...wholeDetails(s.details),
        stretch: 'little' as const,
        shrinks: i % 2 === 0,
        shaftHeightMm: 120 + i,
        tipWidthMm: 9,
        upperThicknessMm: 1.2,
        note: 'a note, with a comma'
      }
    }));
    const { styles: read, problems } = stylesOfRows(STYLE_COLUMNS, styleRows(full), new Map());
    expect(problems).toEqual([]);
    const told = ({ details: { evidence: _e, ...details }, stock: _s, ...rest }: (typeof full)[number] | StyleBody) => ({ ...rest, details });
    expect(read.map((s) => told({ ...s, details: wholeDetails(s.details) }))).toEqual(full.map(told));
  });
  it('every last written as rows and read again is the same last, other names and combinations included', () => {
    const lasts = [...new Map(styles.map((s) => [s.last.id, s.last])).values()] as unknown as LastBody[];
    expect(lasts.some((l) => l.combination) && lasts.some((l) => l.aliases) && lasts.some((l) => l.grade.coarse)).toBe(true);
    const read = lastsOfRows([...LAST_COLUMNS], lastRows(lasts));
    expect(read.problems).toEqual([]);
    expect(read.lasts).toEqual(lasts);
  });
  it('counts as rows are the same counts, thirds of a size included', () => {
    const { counts, problems } = countsOfRows(['style', 'size', 'width', 'count'], countRows([...known.values()]), new Map(styles.map((s) => [s.id, s])));
    expect(problems).toEqual([]);
    for (const style of styles) expect(counts.get(style.id) ?? {}).toEqual(style.stock);
  });
  it('a run pasted upright or lying on its side says the same', () => {
    fc.assert(
      fc.property(fc.constantFrom(...styles), fc.integer({ min: 1, max: 9 }), fc.nat(5), (style, count, skip) => {
        const sizes = sizesOf(style).slice(skip, skip + 4);
        const upright = [
          ['', ...style.widths],
          ...sizes.map((z) => [stockKey(style, z, 'x').split('|')[0], ...style.widths.map((_, k) => (k % 2 ? '' : String(count)))])
        ];
        const sideways = upright[0].map((_, i) => upright.map((line) => line[i]));
        const [a, b] = [countsOfPaste(style, upright), countsOfPaste(style, sideways)];
        expect(a.problems).toEqual([]);
        expect(b).toEqual(a);
        expect(Object.values(a.counts).every((n) => n === count)).toBe(true);
      })
    );
  });
  it('a run that cannot be is told by its field', () => {
    const alderman = known.get('alderman')!;
    expect(checkRun(alderman)).toEqual([]);
    expect(checkRun({ ...alderman, to: 5 })[0]).toMatchObject({ path: 'to' });
    expect(checkRun({ ...alderman, step: 0.3 })[0]).toMatchObject({ path: 'step' });
    expect(checkRun({ ...alderman, widths: ['E', 'E'] })[0]).toMatchObject({ path: 'widths' });
    expect(checkRun({ ...alderman, stock: { '8|Z': 1 } })[0]).toMatchObject({ path: 'stock.8|Z' });
  });
});

describe('a file from before heels were kept by attributes', () => {
  it('loses nothing: the tip has its new name, a shape in free words goes into the note, one of the list stays', () => {
    const style = (details: object) => ({ styles: [{ id: 'a', details }], lasts: 'as they are' });
    expect(withHeelsRenewed(style({ heelTipMm: 11, heelShape: 'curved', note: 'squeaks' }))).toEqual(style({ tipWidthMm: 11, heelShape: '', note: 'squeaks Heel: curved.' })); // prettier-ignore
    expect(withHeelsRenewed(style({ heelShape: 'block', tipWidthMm: 40 }))).toEqual(style({ heelShape: 'block', tipWidthMm: 40 }));
    for (const odd of [null, 7, { styles: 'none' }, { styles: [null, { details: 3 }] }]) expect(withHeelsRenewed(odd)).toEqual(odd);
  });
});

describe('what is laid over each other', () => {
  const lasts = [...new Map(styles.map((s) => [s.last.id, s.last])).values()];
  const makers = [...new Map(styles.map((s) => [s.maker.id, { ...s.maker, letters: s.letters }])).values()];
  const all = comparables(lasts, styles, makers);
  it('a style is its last in its own upper and drop', () => {
    const style = all.find((c) => c.key === 'style:moonrise-95')!;
    const last = all.find((c) => c.key === 'last:heron')!;
    const [worn, bare] = [shoeAt(style, { by: 'size', size: 38 }), shoeAt(last, { by: 'size', size: 38 })];
    expect(worn.inside).toEqual(bare.inside);
    expect(worn.dropMm).toBe(95);
    expect(worn.girthShare).toBeLessThan(bare.girthShare);
    expect(() => shoeAt(last, { by: 'size', size: 38, width: 'ZZ' })).toThrow(/has no width ZZ/);
  });
  it('the size that feels the same in the same style is that size, for anybody’s foot', () => {
    for (const key of ['style:lakeside-50', 'style:alderman', 'style:drover']) {
      const c = all.find((x) => x.key === key)!;
      const size = c.last.base.size;
      const there = sizeThere(c, { by: 'size', size }, c, planOfFoot({ lengthMm: c.last.base.forFootMm }));
      expect(Number(there.label)).toBe(size);
      expect(Math.abs(there.roundedBy)).toBeLessThan(0.01);
      expect(there.width).toBe(c.last.base.width);
    }
  });
});

describe('a photograph laid by its ruler', () => {
  const place = fc.record({ x: fc.double({ min: 0, max: 2000, noNaN: true }), y: fc.double({ min: 0, max: 2000, noNaN: true }) });
  it('brings the heel to the origin, the tip straight above it, and keeps the ruler’s length', () => {
    fc.assert(
      fc.property(place, place, place, place, fc.double({ min: 20, max: 300, noNaN: true }), (a, b, heel, tip, mm) => {
        fc.pre(Math.hypot(a.x - b.x, a.y - b.y) > 20 && Math.hypot(heel.x - tip.x, heel.y - tip.y) > 20);
        const [p, q, r, s, e, f] = layByRuler([a, b], mm, heel, tip);
        const at = ({ x, y }: { x: number; y: number }) => ({ x: p * x + r * y + e, y: q * x + s * y + f });
        expect(Math.hypot(at(heel).x, at(heel).y)).toBeLessThan(1e-6);
        expect(Math.abs(at(tip).x)).toBeLessThan(1e-6);
        expect(at(tip).y).toBeLessThan(0);
        expect(Math.hypot(at(a).x - at(b).x, at(a).y - at(b).y)).toBeCloseTo(mm, 6);
      })
    );
    expect(() =>
      layByRuler(
        [
          { x: 1, y: 1 },
          { x: 1, y: 1 }
        ],
        100,
        { x: 0, y: 0 },
        { x: 0, y: 90 }
      )
    ).toThrow(/lie on each other/);
  });
  it('an id is made of a name', () => {
    expect(slugOf('  Fenêtre & Daughter, No. 2 ')).toBe('fenetre-daughter-no-2');
  });
});
