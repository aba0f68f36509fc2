import { sizesOf, type Style } from '@chiave/core/fit';
import { Beside } from '../../workers/remote';
import type { StockItems } from '../../workers/stock-items.worker';
import { asksNothing, type GridSource } from '../../stock-list/grid-order';
import { StockItem } from '../../stock-list/stock-columns';

export interface ItemSource extends GridSource<StockItem> {
  stop: () => void;
}

/** Every size and width of the stockroom as rows: made where they are looked at, searched and sorted by a worker. */
export function itemSource(styles: readonly Style[]): ItemSource {
  const sizes = styles.map(sizesOf);
  /** Number of the first row of each style. */
  const first: number[] = [];
  let count = 0;
  styles.forEach((style, i) => {
    first.push(count);
    count += sizes[i].length * style.widths.length;
  });
  const made = new Map<number, StockItem>();
  const at = (index: number): StockItem => {
    const found = made.get(index);
    if (found) return found;
    let [low, high] = [0, first.length - 1];
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (first[middle] <= index) low = middle;
      else high = middle - 1;
    }
    const style = styles[low];
    const place = index - first[low];
    const item = new StockItem(style, sizes[low][Math.floor(place / style.widths.length)], style.widths[place % style.widths.length]);
    made.set(index, item);
    return item;
  };

  let worker: Beside<StockItems> | undefined;
  function items(): Beside<StockItems> {
    if (worker) return worker;
    worker = new Beside<StockItems>(new Worker(new URL('../../workers/stock-items.worker.ts', import.meta.url), { type: 'module' }));
    // The table reads nothing of the details of a style: they stay here.
    void worker.ask((w) => w.take(styles.map(({ details: _details, ...style }) => style)));
    return worker;
  }
  return {
    count,
    at,
    find: async (query) => (asksNothing(query) ? null : items().ask((w) => w.find(query))),
    choices: async () => items().ask((w) => w.choices()),
    stop: () => worker?.close()
  };
}
