import type { PointeRanker } from './pointe.worker';
import { Beside } from './remote';

/** A worker that ranks pointe shoes. */
export const pointeBeside = (): Beside<PointeRanker> =>
  new Beside<PointeRanker>(new Worker(new URL('./pointe.worker.ts', import.meta.url), { type: 'module' }));
