/** Searches, filters and sorts every size and width of the stockroom beside the page. */
import type { Style } from '@chiave/core/fit';
import { choicesOf, orderOf, type GridQuery } from '../stock-list/grid-order';
import { itemsOf, ITEM_GRID, type StockItem } from '../stock-list/stock-columns';

export type ItemQuestion = { kind: 'find'; query: GridQuery } | { kind: 'choices' };
export type ItemAsk = { kind: 'styles'; styles: Style[] } | ({ job: number } & ItemQuestion);
export interface ItemAnswer {
  job: number;
  order?: Int32Array;
  choices?: Readonly<Record<string, readonly string[]>>;
}

let items: StockItem[] = [];
let order: ((query: GridQuery) => Int32Array) | undefined;

onmessage = ({ data }: MessageEvent<ItemAsk>) => {
  if (data.kind === 'styles') {
    items = itemsOf(data.styles);
    order = undefined;
    return;
  }
  const answer: ItemAnswer =
    data.kind === 'choices'
      ? { job: data.job, choices: choicesOf(items, ITEM_GRID) }
      : { job: data.job, order: (order ??= orderOf(items, ITEM_GRID))(data.query) };
  postMessage(answer);
};
