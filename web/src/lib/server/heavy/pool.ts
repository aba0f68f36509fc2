import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { resolve } from 'node:path';
import { Piscina } from 'piscina';
import { Problem } from '../problems';
import { stockParts, stockStamp } from '../shop/stockroom';
import { askedNow } from '../watch/asking';
import { noteJob, noteTurnedAway, watchPool } from '../watch/metrics';
import { JOBS, type Answered, type Asked, type JobName, type JobOutcome, type JobRequest, type SharedStock } from './jobs';

/** The server runs in the folder of the web package, built or not. */
const BUILT = resolve('build/heavy/worker.js');
const SOURCE = resolve('src/lib/server/heavy/worker.ts');
/** Jobs that may wait: a short one is done in a tenth of a second, a long one in seconds. */
const WAITING = { short: 200, long: 6 };
const IDLE_MS = 60_000;

function pool(maxThreads: number, maxQueue: number, minThreads: number): Piscina<JobRequest, JobOutcome> {
  const built = existsSync(BUILT) && process.env.NODE_ENV === 'production';
  return new Piscina({
    filename: built ? BUILT : SOURCE,
    execArgv: built ? [] : ['--import', 'tsx'],
    minThreads,
    maxThreads,
    maxQueue,
    idleTimeout: IDLE_MS
  });
}
type Pool = Piscina<JobRequest, JobOutcome>;
let pools: { short: Pool; long: Pool } | undefined;

let shared: SharedStock | undefined;
/** The stockroom now, for threads; written anew only when it has changed. */
async function sharedStock(): Promise<SharedStock> {
  const stamp = await stockStamp();
  if (shared?.stamp === stamp) return shared;
  const text = new TextEncoder().encode(JSON.stringify(await stockParts()));
  const bytes = new SharedArrayBuffer(text.byteLength);
  new Uint8Array(bytes).set(text);
  shared = { stamp, bytes };
  return shared;
}

/** Makes the pools ready, so that the first who asks does not wait for a thread to begin. */
export function warmUp(): { short: Pool; long: Pool } {
  const threads = availableParallelism() - 1;
  if (!pools) {
    const made = { short: pool(Math.max(2, threads), WAITING.short, 1), long: pool(Math.max(1, threads), WAITING.long, 0) };
    for (const [name, one] of Object.entries(made)) watchPool(name, () => one.queueSize);
    pools = made;
  }
  return pools;
}

/**
 * Does a job on another thread, so that no request waits for another's arithmetic.
 * @throws Problem what the job refuses; 429 when too much waits already
 */
export async function heavy<N extends JobName>(name: N, asked: Asked<N>): Promise<Answered<N>> {
  const { short, long } = warmUp();
  const of = JOBS[name].long ? long : short;
  const stock = await sharedStock();
  // Nothing waits between the count and the asking, so the count holds.
  const pool = JOBS[name].long ? 'long' : 'short';
  if (of.queueSize >= of.options.maxQueue) {
    noteTurnedAway(pool);
    throw new Problem(429, 'Too much at once', 'Too many heavy requests are waiting. Nothing was done; ask again in a few seconds.');
  }
  const asker = askedNow()?.asker ?? '';
  const own = (waitingOf.get(asker) ?? 0) + 1;
  if (asker !== '' && own > (JOBS[name].long ? MOST_OF_ONE.long : MOST_OF_ONE.short)) {
    noteTurnedAway(pool);
    throw new Problem(429, 'Too much at once', 'Too much of yours waits already. Nothing was done; ask again when some of it is answered.');
  }
  waitingOf.set(asker, own);
  const began = performance.now();
  try {
    const outcome = await of.run({ name, asked, stock });
    const seconds = outcome.ms / 1000;
    noteJob(name, 'value' in outcome ? 'done' : 'refused', seconds, (performance.now() - began) / 1000 - seconds);
    return valueOf<N>(outcome);
  } catch (error) {
    if (!(error instanceof Problem)) noteJob(name, 'failed', (performance.now() - began) / 1000, 0);
    throw error;
  } finally {
    const left = (waitingOf.get(asker) ?? 1) - 1;
    if (left > 0) waitingOf.set(asker, left);
    else waitingOf.delete(asker);
  }
}
/** Heavy work of one asker that is under way or waits: one of them leaves room for the others. */
const MOST_OF_ONE = { short: 60, long: 4 } as const;
const waitingOf = new Map<string, number>();
/** @throws Problem what the job refused */
function valueOf<N extends JobName>(outcome: JobOutcome): Answered<N> {
  if ('value' in outcome) return outcome.value as Answered<N>;
  const { status, title, detail, errors } = outcome.problem;
  throw new Problem(status, title, detail, errors);
}
