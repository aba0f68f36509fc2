/** A worker that reads and converts labels. */
export const sizesWorker = (): Worker => new Worker(new URL('./sizes.worker.ts', import.meta.url), { type: 'module' });
