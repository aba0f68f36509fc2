import {
  createTable,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type ColumnDef,
  type ColumnFiltersState,
  type SortingState,
  type TableState
} from '@tanstack/table-core';
import type { GridColumn } from './grid-columns';

/** What is looked for in a table. */
export interface GridQuery {
  search: string;
  /** Value wanted of a column, as text; blank for any. */
  filters: Readonly<Record<string, string>>;
  sorting: SortingState;
}

/** Rows as a table draws them: how many, which is where, and in which order a query leaves them. */
export interface GridSource<R> {
  count: number;
  at: (index: number) => R;
  /** Places of the rows a query leaves, in its order; null for all of them as they are. */
  find: (query: GridQuery) => Promise<Int32Array | null>;
  /** What can be chosen of the columns that are chosen from. */
  choices: () => Promise<Readonly<Record<string, readonly string[]>>>;
}

const collate = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });
function compare(a: string | number | null, b: string | number | null): number {
  if (a === null || b === null) return 0;
  return typeof a === 'number' && typeof b === 'number' ? a - b : collate.compare(String(a), String(b));
}
export const textOf = <R>(c: GridColumn<R>, row: R): string => (c.text ? c.text(row) : String(c.value(row) ?? ''));

export const asksNothing = ({ search, filters, sorting }: GridQuery): boolean =>
  search.trim() === '' && sorting.length === 0 && Object.values(filters).every((v) => v === '');

/** Every value of the columns that are chosen from, in order. */
export const choicesOf = <R>(rows: readonly R[], columns: readonly GridColumn<R>[]): Record<string, string[]> =>
  Object.fromEntries(
    columns.filter((c) => c.choices).map((c) => [c.id, [...new Set(rows.map((r) => String(c.value(r) ?? '')))].filter(Boolean).sort(collate.compare)])
  );

/**
 * Searches, filters and sorts rows with the table package.
 * @returns for a query, the places of the rows it leaves, in its order
 */
export function orderOf<R>(rows: readonly R[], columns: readonly GridColumn<R>[]): (query: GridQuery) => Int32Array {
  const places = rows.map((_, i) => i);
  const sought = columns.filter((c) => c.sought ?? !c.figures);
  const haystacks: string[] = [];
  const haystack = (i: number): string =>
    (haystacks[i] ??= sought
      .map((c) => textOf(c, rows[i]))
      .join(' ')
      .toLowerCase());
  const defs = columns.map((c): ColumnDef<number, unknown> => ({
    id: c.id,
    accessorFn: (i) => c.value(rows[i]) ?? undefined,
    sortingFn: (a, b) => compare(c.value(rows[a.original]), c.value(rows[b.original])),
    // Cells of which nothing is known stand last, whichever way the rest runs.
    sortUndefined: 'last',
    filterFn: (row, _id, wanted) => String(c.value(rows[row.original]) ?? '') === wanted
  }));
  const table = createTable<number>({
    data: places,
    columns: defs,
    state: {},
    onStateChange: () => {},
    renderFallbackValue: null,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    globalFilterFn: (row, _id, words: string[]) => words.every((w) => haystack(row.original).includes(w))
  });
  return ({ search, filters, sorting }) => {
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    const columnFilters: ColumnFiltersState = Object.entries(filters)
      .filter(([id, value]) => value !== '' && columns.some((c) => c.id === id))
      .map(([id, value]) => ({ id, value }));
    const state: TableState = { ...table.initialState, sorting, columnFilters, globalFilter: words.length > 0 ? words : undefined };
    table.setOptions((before) => ({ ...before, state }));
    return Int32Array.from(table.getRowModel().rows, (row) => row.original);
  };
}

/** A list that is there, searched where it stands: for hundreds of rows. */
export function listSource<R>(rows: readonly R[], columns: readonly GridColumn<R>[]): GridSource<R> {
  let order: ReturnType<typeof orderOf<R>> | undefined;
  return {
    count: rows.length,
    at: (i) => rows[i],
    find: (query) => Promise.resolve(asksNothing(query) ? null : (order ??= orderOf(rows, columns))(query)),
    choices: () => Promise.resolve(choicesOf(rows, columns))
  };
}
