import { sizesOf, type Style } from '@chiave/core/fit';
import type { ItemAnswer, ItemAsk, ItemQuestion } from '$lib/workers/stock-items.worker';
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

  let worker: Worker | undefined;
  let job = 0;
  const waiting = new Map<number, (answer: ItemAnswer) => void>();
  function ask(what: ItemQuestion): Promise<ItemAnswer> {
    if (!worker) {
      worker = new Worker(new URL('../../workers/stock-items.worker.ts', import.meta.url), { type: 'module' });
      worker.onmessage = ({ data }: MessageEvent<ItemAnswer>) => {
        waiting.get(data.job)?.(data);
        waiting.delete(data.job);
      };
      // The table reads nothing of the details of a style: they stay here.
      worker.postMessage({ kind: 'styles', styles: styles.map(({ details: _details, ...style }) => style) } satisfies ItemAsk);
    }
    const own = ++job;
    return new Promise((go) => {
      waiting.set(own, go);
      worker!.postMessage({ ...what, job: own } satisfies ItemAsk);
    });
  }
  return {
    count,
    at,
    find: async (query) => (asksNothing(query) ? null : (await ask({ kind: 'find', query })).order!),
    choices: async () => (await ask({ kind: 'choices' })).choices!,
    stop: () => worker?.terminate()
  };
}
