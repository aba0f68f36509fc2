import type { Planner } from './plan.worker';
import { Beside } from './remote';

/** A worker that plans occasions. */
export const plannerBeside = (): Beside<Planner> => new Beside<Planner>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }));
