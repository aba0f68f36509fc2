import type { KeptScale, ManyOptions } from '@chiave/core/size';
import { sizesWorker } from '../../workers/sizes-client';
import type { SizesAnswer, SizesAsk, SizesReport } from '../../workers/sizes.worker';

export const MOST_ROWS = 100_000;
export const MOST_BYTES = 8_000_000;

/** Many labels converted beside the page: it holds what is shown, the worker holds the rest. */
export class ManySizes {
  report = $state.raw<SizesReport | null>(null);
  /** Scales the report is in. */
  asked = $state.raw<readonly string[]>([]);
  running = $state(false);
  done = $state(0);
  of = $state(0);
  message = $state('');
  #worker: Worker | undefined;

  /** @param onfile gets the CSV when it was asked for */
  constructor(readonly onfile: (file: Blob) => void) {}

  convert(text: string | File, column: number, kept: KeptScale[], options: ManyOptions): void {
    this.message = '';
    const length = typeof text === 'string' ? text.length : text.size;
    if (length > MOST_BYTES) {
      this.message = `That is ${(length / 1e6).toFixed(1)} MB of text; at most ${MOST_BYTES / 1e6} MB are read.`;
      return;
    }
    this.close();
    this.#worker = sizesWorker();
    this.#worker.onmessage = ({ data }: MessageEvent<SizesAnswer>) => this.#hear(data);
    this.#worker.onerror = (e) => {
      this.running = false;
      this.message = `The conversion stopped: ${e.message}`;
    };
    this.report = null;
    this.asked = options.to;
    this.running = true;
    [this.done, this.of] = [0, 0];
    this.#say({ kind: 'convert', text, column, mostRows: MOST_ROWS, kept, options });
  }
  csv(): void {
    this.#say({ kind: 'csv' });
  }
  stop(): void {
    this.#say({ kind: 'stop' });
  }
  close(): void {
    this.#worker?.terminate();
  }

  #say(ask: SizesAsk): void {
    this.#worker?.postMessage(ask);
  }
  #hear(answer: SizesAnswer): void {
    if (answer.kind === 'some') [this.done, this.of] = [answer.done, answer.of];
    else if (answer.kind === 'csv') this.onfile(answer.file);
    else if (answer.kind === 'refused') {
      this.running = false;
      this.message =
        answer.lines === 0
          ? 'Paste a column of sizes first: one a line, as us w 6.5, eu 39 or 24.3 cm.'
          : `That is ${answer.lines.toLocaleString('en')} rows; at most ${MOST_ROWS.toLocaleString('en')} go at once.`;
    } else {
      this.running = false;
      this.report = answer.report;
      if (answer.report.stopped) this.message = `Stopped after ${answer.report.read + answer.report.unread} rows; these are below.`;
    }
  }
}
