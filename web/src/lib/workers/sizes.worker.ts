/** Reads and converts many labels beside the page: splits the text, converts a thousand lines a breath, writes the CSV. */
import { bookOfMakers, convertLine, type KeptScale, type ManyOptions, type ManyRow } from '@chiave/core/size';
import Papa from 'papaparse';
import { writeCsv } from '../api/csv';

export type SizesAsk =
  { kind: 'convert'; text: string | File; column: number; mostRows: number; kept: KeptScale[]; options: ManyOptions } | { kind: 'csv' } | { kind: 'stop' };
/** What the page shows; the rest stays here. */
export interface SizesReport {
  read: number;
  unread: number;
  /** The first that were read. */
  rows: ManyRow[];
  /** The first that were not. */
  bad: ManyRow[];
  stopped: boolean;
  tookMs: number;
}
export type SizesAnswer =
  | { kind: 'some'; done: number; of: number }
  | { kind: 'end'; report: SizesReport }
  | { kind: 'csv'; file: Blob }
  /** Nothing was converted. */
  | { kind: 'refused'; lines: number };

const BREATH = 1000;
export const SHOWN = 200;
export const BAD_SHOWN = 50;
let stopped = false;
let all: ManyRow[] = [];
let columns: string[] = [];
const say = (answer: SizesAnswer): void => postMessage(answer);

async function convert({ text, column, mostRows, kept, options }: SizesAsk & { kind: 'convert' }): Promise<void> {
  stopped = false;
  all = [];
  const started = performance.now();
  const whole = typeof text === 'string' ? text : await text.text();
  const { data } = Papa.parse<string[]>(whole, { skipEmptyLines: 'greedy', delimitersToGuess: ['\t', ';', ','] });
  if (data.length === 0 || data.length > mostRows) return say({ kind: 'refused', lines: data.length });
  const book = bookOfMakers(kept);
  columns = options.to.map((id) => book.get(id).name);
  for (let i = 0; i < data.length && !stopped; i += BREATH) {
    for (const [n, cells] of data.slice(i, i + BREATH).entries()) all.push(convertLine(cells[column] ?? '', i + n + 1, options, book));
    say({ kind: 'some', done: all.length, of: data.length });
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
  const bad = all.filter((r) => r.problem !== '');
  const report: SizesReport = {
    read: all.length - bad.length,
    unread: bad.length,
    rows: all.filter((r) => r.problem === '').slice(0, SHOWN),
    bad: bad.slice(0, BAD_SHOWN),
    stopped,
    tookMs: performance.now() - started
  };
  say({ kind: 'end', report });
}

function csv(): void {
  const fields = ['line', 'text', 'read as', 'foot mm', ...columns, 'problem'];
  const rows = all.map((r) => [r.line, r.text, r.readAs, r.footMm?.toFixed(1) ?? '', ...r.sizes, r.problem]);
  say({ kind: 'csv', file: new Blob([writeCsv(fields, rows)], { type: 'text/csv' }) });
}

onmessage = ({ data }: MessageEvent<SizesAsk>) => {
  if (data.kind === 'stop') stopped = true;
  else if (data.kind === 'csv') csv();
  else void convert(data);
};
