import { wrap, type Remote } from 'comlink';

/** A worker behind its door. Every call to it fails once the worker itself has failed, which it could not say by itself. */
export class Beside<T> {
  readonly #worker: Worker;
  readonly #door: Remote<T>;
  readonly #failed: Promise<never>;

  constructor(worker: Worker) {
    this.#worker = worker;
    this.#door = wrap<T>(worker);
    this.#failed = new Promise((_, reject) => worker.addEventListener('error', (event) => reject(new Error(event.message || 'it stopped'))));
    this.#failed.catch(() => {});
  }

  /** @throws Error what the worker refused, or why it stopped */
  ask<R>(question: (door: Remote<T>) => Promise<R>): Promise<R> {
    return Promise.race([question(this.#door), this.#failed]);
  }
  close(): void {
    this.#worker.terminate();
  }
}

/** What went wrong, in words. */
export const said = (error: unknown): string => (error instanceof Error ? error.message : String(error));
