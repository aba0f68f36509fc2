import type { Candidate } from '@chiave/core/fit';
import { asOne, shareOut } from './crew';
import type { FittingState } from '../fit-feet';
import type { Answer, Ask } from './messages';

/**
 * The fit workers of a tab, made when first asked. A ranking is shared between them, everything else is the first one's. Each keeps the
 * stockroom, so there are no more than two; and one processor is left to the page, which otherwise waits for them.
 */
const crew: Worker[] = [];
const most = (): number => Math.max(1, Math.min(2, (navigator.hardwareConcurrency || 2) - 1));
let jobs = 0;
/** Each job's answers go to whoever asked. */
const listeners = new Map<number, (answer: Answer) => void>();

function member(n: number): Worker {
  if (!crew[n]) {
    crew[n] = new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });
    crew[n].onmessage = ({ data }: MessageEvent<Answer>) => listeners.get(data.job)?.(data);
    crew[n].onerror = (event) => {
      for (const [job, listen] of listeners) listen({ kind: 'failed', job, message: event.message || 'the fit engine stopped' });
    };
  }
  return crew[n];
}

type Unnumbered<T> = T extends Ask ? Omit<T, 'job'> : never;

/**
 * Asks a worker; answers go to `listen` until the returned function is called.
 * @returns stops listening and lets the worker drop the job
 */
export function askWorker(ask: Unnumbered<Ask>, listen: (answer: Answer) => void, n = 0): () => void {
  const job = ++jobs;
  listeners.set(job, listen);
  // Plain data only: reactive proxies cannot be sent.
  member(n).postMessage(JSON.parse(JSON.stringify({ ...ask, job })));
  return () => listeners.delete(job);
}

/** Has all workers rank, each its share, and hears them as one. A worker whose share is empty is asked too: it drops what it was at. */
export function rankTogether(ask: Omit<Extract<Ask, { kind: 'rank' }>, 'job' | 'kind'>, listen: (answer: Answer) => void): () => void {
  const hear = asOne(ask.styleIds.length, most(), listen);
  const drops = shareOut(ask.styleIds, most()).map((styleIds, n) => askWorker({ kind: 'rank', ...ask, styleIds }, (answer) => hear(n, answer), n));
  return () => drops.forEach((drop) => drop());
}

/** Asks for the whole of candidates of the newest ranking; every worker tells those it found itself. */
export function askWhole(styleIds: string[], listen: (candidates: Candidate[]) => void): void {
  for (let n = 0; n < crew.length; n++) {
    const drop = askWorker(
      { kind: 'tell', styleIds },
      (answer) => {
        drop();
        if (answer.kind === 'told') listen(answer.candidates);
      },
      n
    );
  }
}

/** Stops a ranking that is under way. */
export function stopRanking(): void {
  for (const worker of crew) worker.postMessage({ kind: 'stop', job: ++jobs });
}

/** Lets the workers fetch the stockroom and run in before anything is asked of them. */
export function warm(stamp: string, fitting: FittingState): void {
  for (let n = 0; n < most(); n++) askWorker({ kind: 'warm', stamp, fitting }, () => {}, n)();
}
