import type { Candidate } from '@chiave/core/fit';
import type { FittingState } from '../fit-feet';
import type { Answer, Ask } from './messages';

/** The fit worker of a tab, made when it is first asked. */
let worker: Worker | undefined;
let jobs = 0;
/** Each job's answers go to whoever asked. */
const listeners = new Map<number, (answer: Answer) => void>();

function made(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<Answer>) => listeners.get(data.job)?.(data);
  worker.onerror = (event) => {
    for (const [job, listen] of listeners) listen({ kind: 'failed', job, message: event.message || 'the fit engine stopped' });
  };
  return worker;
}

type Unnumbered<T> = T extends Ask ? Omit<T, 'job'> : never;

/**
 * Asks the worker; answers go to `listen` until the returned function is called.
 * @returns stops listening and lets the worker drop the job
 */
export function askWorker(ask: Unnumbered<Ask>, listen: (answer: Answer) => void): () => void {
  const job = ++jobs;
  listeners.set(job, listen);
  // Plain data only: reactive proxies cannot be sent.
  made().postMessage(JSON.parse(JSON.stringify({ ...ask, job })));
  return () => listeners.delete(job);
}

/** Asks for the whole of candidates of the newest ranking. */
export function askWhole(styleIds: string[], listen: (candidates: Candidate[]) => void): void {
  const drop = askWorker({ kind: 'tell', styleIds }, (answer) => {
    drop();
    if (answer.kind === 'told') listen(answer.candidates);
  });
}

/** Stops a ranking that is under way. */
export const stopRanking = (): void => worker?.postMessage({ kind: 'stop', job: ++jobs });

/** Lets the worker fetch the stockroom and rank it for these feet before anything is asked of it. */
export const warm = (stamp: string, fitting: FittingState): void => void askWorker({ kind: 'warm', stamp, fitting }, () => {})();
