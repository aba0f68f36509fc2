/** Searches, filters and sorts every size and width of the stockroom beside the page. */
import { expose } from 'comlink';
import type { Style } from '@chiave/core/fit';
import { choicesOf, orderOf, type GridQuery } from '../stock-list/grid-order';
import { itemsOf, ITEM_GRID, type StockItem } from '../stock-list/stock-columns';

let items: StockItem[] = [];
let order: ((query: GridQuery) => Int32Array) | undefined;

const stockItems = {
  take(styles: Style[]): void {
    items = itemsOf(styles);
    order = undefined;
  },
  find: (query: GridQuery): Int32Array => (order ??= orderOf(items, ITEM_GRID))(query),
  choices: (): Readonly<Record<string, readonly string[]>> => choicesOf(items, ITEM_GRID)
};
export type StockItems = typeof stockItems;
expose(stockItems);
