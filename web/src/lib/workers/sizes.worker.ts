/** Reads and converts many labels beside the page: splits the text, converts a thousand lines a breath, writes the CSV. */
import { bookOfMakers, convertLine, feetByLength, type FeetOfLength, type KeptScale, type ManyOptions, type ManyRow } from '@chiave/core/size';
import { expose } from 'comlink';
import Papa from 'papaparse';
import { writeCsv } from '../api/csv';

/** What the page shows; the rest stays here. */
export interface SizesReport {
  read: number;
  unread: number;
  /** The first that were read. */
  rows: ManyRow[];
  /** The first that were not. */
  bad: ManyRow[];
  /** How the lengths of all that were read lie. */
  lengths: FeetOfLength[];
  stopped: boolean;
  tookMs: number;
}
const BREATH = 1000;
export const SHOWN = 200;
export const BAD_SHOWN = 50;
/** Feet are counted by stretches of this length, mm. */
const STRETCH_MM = 5;
let stopped = false;
let all: ManyRow[] = [];
let columns: string[] = [];
/** What is converted: a text or a file, of which column, into which scales. */
export interface SizesAsk {
  text: string | File;
  column: number;
  mostRows: number;
  kept: KeptScale[];
  options: ManyOptions;
}

/** @returns the report, or how many lines there were where that is none or too many */
async function convert(
  { text, column, mostRows, kept, options }: SizesAsk,
  tell: (done: number, of: number) => void
): Promise<SizesReport | { lines: number }> {
  stopped = false;
  all = [];
  const started = performance.now();
  const whole = typeof text === 'string' ? text : await text.text();
  const { data } = Papa.parse<string[]>(whole, { skipEmptyLines: 'greedy', delimitersToGuess: ['\t', ';', ','] });
  if (data.length === 0 || data.length > mostRows) return { lines: data.length };
  const book = bookOfMakers(kept);
  columns = options.to.map((id) => book.get(id).name);
  for (let i = 0; i < data.length && !stopped; i += BREATH) {
    for (const [n, cells] of data.slice(i, i + BREATH).entries()) all.push(convertLine(cells[column] ?? '', i + n + 1, options, book));
    tell(all.length, data.length);
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
  const bad = all.filter((r) => r.problem !== '');
  const good = all.filter((r) => r.problem === '');
  return {
    read: good.length,
    unread: bad.length,
    rows: good.slice(0, SHOWN),
    lengths: feetByLength(
      good.map((r) => r.footMm!),
      STRETCH_MM
    ),
    bad: bad.slice(0, BAD_SHOWN),
    stopped,
    tookMs: performance.now() - started
  };
}

function csv(): Blob {
  const fields = ['line', 'text', 'read as', 'foot mm', ...columns, 'problem'];
  const rows = all.map((r) => [r.line, r.text, r.readAs, r.footMm?.toFixed(1) ?? '', ...r.sizes, r.problem]);
  return new Blob([writeCsv(fields, rows)], { type: 'text/csv' });
}

const sizes = { convert, csv, stop: (): void => void (stopped = true) };
export type Sizes = typeof sizes;
expose(sizes);
