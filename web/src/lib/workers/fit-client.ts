import type { Style } from '@chiave/core/fit';
import type { Answer, Ask } from './messages';

/** One worker a tab; each job's answers go to whoever asked. */
let worker: Worker | undefined;
let jobs = 0;
let sent: readonly Style[] | undefined;
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

type Asked = Exclude<Ask, { kind: 'stock' } | { kind: 'stop' }>;
type Unnumbered<T> = T extends Asked ? Omit<T, 'job'> : never;

/**
 * Asks the worker; answers go to `listen` until the returned function is called.
 * @param styles of which the question speaks: sent over once, as long as it is the same list
 * @returns stops listening and lets the worker drop the job
 */
export function askWorker(styles: readonly Style[], ask: Unnumbered<Asked>, listen: (answer: Answer) => void): () => void {
  if (styles !== sent) theWorker().postMessage({ kind: 'stock', job: 0, styles } satisfies Ask);
  sent = styles;
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
