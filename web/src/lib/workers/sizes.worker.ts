/** Reads and converts many labels beside the page, a thousand lines a breath. */
import { bookOfMakers, convertLine, type KeptScale, type ManyOptions, type ManyRow } from '@chiave/core/size';

export type SizesAsk = { kind: 'convert'; lines: string[]; kept: KeptScale[]; options: ManyOptions } | { kind: 'stop' };
export type SizesAnswer = { kind: 'some'; rows: ManyRow[]; done: number; of: number } | { kind: 'end'; stopped: boolean; tookMs: number };

const BREATH = 1000;
let stopped = false;
const say = (answer: SizesAnswer): void => postMessage(answer);

onmessage = async ({ data }: MessageEvent<SizesAsk>) => {
  if (data.kind === 'stop') {
    stopped = true;
    return;
  }
  stopped = false;
  const { lines, kept, options } = data;
  const book = bookOfMakers(kept);
  const started = performance.now();
  for (let i = 0; i < lines.length && !stopped; i += BREATH) {
    const rows = lines.slice(i, i + BREATH).map((line, n) => convertLine(line, i + n + 1, options, book));
    say({ kind: 'some', rows, done: Math.min(lines.length, i + BREATH), of: lines.length });
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
  say({ kind: 'end', stopped, tookMs: performance.now() - started });
};
