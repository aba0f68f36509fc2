import { Beside } from './remote';
import type { Sizes } from './sizes.worker';

/** A worker that reads and converts labels. */
export const sizesBeside = (): Beside<Sizes> => new Beside<Sizes>(new Worker(new URL('./sizes.worker.ts', import.meta.url), { type: 'module' }));
