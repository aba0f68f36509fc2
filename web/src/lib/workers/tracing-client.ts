import { proxy } from 'comlink';
import { Beside } from './remote';
import type { Tracing, TracingAsk, TracingReading } from './tracing.worker';

/** Reads the pictures of tracings beside the page, one at a time: another one takes the place of the one under way. */
export class TracingReader {
  #worker: Beside<Tracing> | undefined;

  /** @throws Error in words where there is nothing to be read in the picture */
  async read(ask: TracingAsk, onstep: (done: number, what: string) => void): Promise<TracingReading> {
    this.stop();
    const worker = (this.#worker = new Beside<Tracing>(new Worker(new URL('./tracing.worker.ts', import.meta.url), { type: 'module' })));
    return worker.ask<TracingReading>((t) => t.read(ask, proxy(onstep)));
  }
  stop(): void {
    this.#worker?.close();
    this.#worker = undefined;
  }
}
