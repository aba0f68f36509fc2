import type { Answer, Ask } from './messages';

/** One worker a tab; each job's answers go to whoever asked. */
let worker: Worker | undefined;
let jobs = 0;
const listeners = new Map<number, (answer: Answer) => void>();

function theWorker(): Worker {
  if (!worker) {
    worker = new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<Answer>) => listeners.get(data.job)?.(data);
    worker.onerror = (event) => {
      for (const [job, listen] of listeners) listen({ kind: 'failed', job, message: event.message || 'the fit engine stopped' });
    };
  }
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
  theWorker().postMessage(JSON.parse(JSON.stringify({ ...ask, job })));
  return () => listeners.delete(job);
}

/** Stops a ranking that is under way. */
export function stopRanking(): void {
  theWorker().postMessage({ kind: 'stop', job: ++jobs });
}

/** Lets the worker fetch the stockroom before anything is asked of it. */
export function warm(stamp: string): void {
  theWorker().postMessage({ kind: 'warm', job: ++jobs, stamp });
}
