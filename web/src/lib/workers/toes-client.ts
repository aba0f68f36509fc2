import { Beside } from './remote';
import type { Toes } from './toes.worker';

/** A worker that lays feet in every toe shape. */
export const toesBeside = (): Beside<Toes> => new Beside<Toes>(new Worker(new URL('./toes.worker.ts', import.meta.url), { type: 'module' }));
