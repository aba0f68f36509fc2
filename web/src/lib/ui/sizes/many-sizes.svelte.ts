import type { KeptScale, ManyOptions } from '@chiave/core/size';
import { proxy } from 'comlink';
import { said, type Beside } from '../../workers/remote';
import { sizesBeside } from '../../workers/sizes-client';
import type { Sizes, SizesReport } from '../../workers/sizes.worker';

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
  #worker: Beside<Sizes> | undefined;

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
    const worker = (this.#worker = sizesBeside());
    this.report = null;
    this.asked = options.to;
    this.running = true;
    [this.done, this.of] = [0, 0];
    const tell = (done: number, of: number) => void ([this.done, this.of] = [done, of]);
    worker
      .ask<SizesReport | { lines: number }>((sizes) => sizes.convert({ text, column, mostRows: MOST_ROWS, kept, options }, proxy(tell)))
      .then(
        (end) => this.#end(end),
        (error) => (this.message = `The conversion stopped: ${said(error)}`)
      )
      .finally(() => (this.running = false));
  }
  async csv(): Promise<void> {
    const file = await this.#worker?.ask((sizes) => sizes.csv());
    if (file) this.onfile(file);
  }
  stop(): void {
    void this.#worker?.ask((sizes) => sizes.stop());
  }
  close(): void {
    this.#worker?.close();
  }

  #end(end: SizesReport | { lines: number }): void {
    if ('lines' in end) {
      this.message =
        end.lines === 0
          ? 'Paste a column of sizes first: one a line, as us w 6.5, eu 39 or 24.3 cm.'
          : `That is ${end.lines.toLocaleString('en')} rows; at most ${MOST_ROWS.toLocaleString('en')} go at once.`;
      return;
    }
    this.report = end;
    if (end.stopped) this.message = `Stopped after ${end.read + end.unread} rows; these are below.`;
  }
}
