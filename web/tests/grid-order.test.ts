import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allStyles } from '../../demo/lasts';
import type { GridColumn } from '../src/lib/stock-list/grid-columns';
import { asksNothing, choicesOf, listSource, orderOf, textOf, type GridQuery } from '../src/lib/stock-list/grid-order';
import { itemSource } from '../src/lib/ui/stock/item-source';
import { itemsOf, ITEM_GRID, STYLE_GRID, StockItem } from '../src/lib/stock-list/stock-columns';

interface Row {
  id: string;
  word: string;
  kind: string;
  mm: number | null;
}
const COLUMNS: readonly GridColumn<Row>[] = [
  { id: 'word', name: 'Word', value: (r) => r.word, width: 80, usual: true },
  { id: 'kind', name: 'Kind', value: (r) => r.kind, width: 80, usual: true, choices: true },
  { id: 'mm', name: 'Millimetres', value: (r) => r.mm, width: 80, usual: true, figures: true }
];
const rows = fc.array(
  fc.record({
    word: fc.constantFrom('Heron', 'heron grey', 'Plover', 'Avocet 2', 'Avocet 10', ''),
    kind: fc.constantFrom('flat', 'pump'),
    mm: fc.oneof(fc.constant(null), fc.integer({ min: 200, max: 300 }))
  }),
  { maxLength: 40 }
);
const withIds = (list: Omit<Row, 'id'>[]): Row[] => list.map((r, i) => ({ ...r, id: String(i) }));
const query = (more: Partial<GridQuery>): GridQuery => ({ search: '', filters: {}, sorting: [], ...more });
const collate = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

describe('rows searched, filtered and sorted', () => {
  it('are those that hold every word and have the value wanted, whatever the case', () => {
    fc.assert(
      fc.property(
        rows,
        fc.constantFrom('heron', 'GREY heron', 'avocet', 'plover flat', 'nothing'),
        fc.constantFrom('', 'flat', 'pump'),
        (list, search, kind) => {
          const all = withIds(list);
          const found = orderOf(all, COLUMNS)(query({ search, filters: { kind } }));
          const words = search.toLowerCase().split(' ');
          const wanted = all.filter((r) => words.every((w) => `${r.word} ${r.kind}`.toLowerCase().includes(w)) && (kind === '' || r.kind === kind));
          expect([...found].map((i) => all[i].id)).toEqual(wanted.map((r) => r.id));
        }
      )
    );
  });
  it('run up or down by a column, numbers in words as numbers, and what is not known stands last either way', () => {
    fc.assert(
      fc.property(rows, fc.boolean(), (list, desc) => {
        const all = withIds(list);
        const order = orderOf(all, COLUMNS);
        const numbers = [...order(query({ sorting: [{ id: 'mm', desc }] }))].map((i) => all[i].mm);
        const known = numbers.filter((n) => n !== null);
        expect(numbers.slice(known.length).every((n) => n === null)).toBe(true);
        expect(known).toEqual([...known].sort((a, b) => (desc ? b - a : a - b)));
        const texts = [...order(query({ sorting: [{ id: 'word', desc }] }))].map((i) => all[i].word);
        texts.slice(1).forEach((t, i) => expect(collate.compare(texts[i], t) * (desc ? -1 : 1)).toBeLessThanOrEqual(0));
      })
    );
  });
  it('no row is lost or found twice by sorting', () => {
    fc.assert(
      fc.property(rows, fc.constantFrom('word', 'kind', 'mm'), fc.boolean(), (list, id, desc) => {
        const all = withIds(list);
        const found = orderOf(all, COLUMNS)(query({ sorting: [{ id, desc }] }));
        expect([...found].sort((a, b) => a - b)).toEqual(all.map((_, i) => i));
      })
    );
  });
  it('a filter of a column this table has not is passed over; figures are not searched unless they are meant to be', () => {
    const all = withIds([{ word: 'Heron', kind: 'flat', mm: 245 }]);
    expect(orderOf(all, COLUMNS)(query({ filters: { elsewhere: 'x' } }))).toHaveLength(1);
    expect(orderOf(all, COLUMNS)(query({ search: '245' }))).toHaveLength(0);
    expect(
      orderOf(
        all,
        COLUMNS.map((c) => ({ ...c, sought: true }))
      )(query({ search: '245' }))
    ).toHaveLength(1);
  });
  it('asking nothing leaves all as they are, and nobody is asked to sort', async () => {
    expect(asksNothing(query({ search: '  ', filters: { kind: '' } }))).toBe(true);
    expect(asksNothing(query({ filters: { kind: 'flat' } }))).toBe(false);
    const source = listSource(withIds([{ word: 'Heron', kind: 'flat', mm: null }]), COLUMNS);
    expect(await source.find(query({}))).toBeNull();
    expect(await source.find(query({ search: 'plover' }))).toHaveLength(0);
    expect(await source.choices()).toEqual({ kind: ['flat'] });
  });
});

describe('the stockroom as rows', () => {
  const styles = allStyles();
  it('every size and width stands where a plain list of them has it, made when looked at', () => {
    const list = itemsOf(styles);
    const source = itemSource(styles);
    expect(source.count).toBe(list.length);
    for (let i = 0; i < list.length; i += 97) {
      const item = source.at(i);
      expect(item).toBeInstanceOf(StockItem);
      expect([item.id, item.count, item.label, item.width]).toEqual([list[i].id, list[i].count, list[i].label, list[i].width]);
      expect(source.at(i)).toBe(item);
    }
    expect(source.at(list.length - 1).id).toBe(list.at(-1)!.id);
  });
  it('every column of every table has words for every row, and ids that stand once', () => {
    for (const c of STYLE_GRID) for (const style of styles) expect(typeof textOf(c, style)).toBe('string');
    const some = itemsOf(styles.slice(0, 20));
    for (const c of ITEM_GRID) for (const item of some) expect(textOf(c, item)).not.toMatch(/NaN|undefined/);
    for (const columns of [STYLE_GRID.map((c) => c.id), ITEM_GRID.map((c) => c.id)]) expect(new Set(columns).size).toBe(columns.length);
  });
  it('insides of items are those the fit is done with', () => {
    const alderman = styles.find((s) => s.id === 'alderman')!;
    const item = new StockItem(alderman, alderman.last.base.size, alderman.last.base.width);
    expect(item.inside.insoleLengthMm).toBe(alderman.last.base.insoleMm);
    expect(item.count).toBe(alderman.stock['8|F'] ?? 0);
  });
  it('choices are every maker, last, toe and kind there is, once and in order', () => {
    const choices = choicesOf(styles, STYLE_GRID);
    expect(choices.maker).toHaveLength(12);
    expect(choices.last).toHaveLength(44);
    expect([...choices.kind].sort(collate.compare)).toEqual(choices.kind);
  });
});
