/** One thread of the server's pool: does the jobs of `jobs.ts`. */
import { setPriority } from 'node:os';
import { Problem } from '../problems';
import { JOBS, type JobOutcome, type JobRequest, type SharedStock } from './jobs';
import type { Stock } from './stock';

// On Linux this is said of the thread that says it: what answers requests goes before what computes.
setPriority(10);

let kept: { stamp: string; stock: Stock } | undefined;

function stockOf({ stamp, bytes }: SharedStock): Stock {
  if (kept?.stamp !== stamp) kept = { stamp, stock: JSON.parse(Buffer.from(bytes).toString('utf8')) as Stock };
  return kept.stock;
}

export default async function work({ name, asked, stock }: JobRequest): Promise<JobOutcome> {
  const began = performance.now();
  const ms = (): number => performance.now() - began;
  try {
    const value = await (JOBS[name].run as (asked: unknown, stock: Stock) => unknown)(asked, stockOf(stock));
    return { value, ms: ms() };
  } catch (error) {
    // An error loses its class on the way between threads.
    if (error instanceof Problem) return { problem: { status: error.status, title: error.title, detail: error.detail, errors: error.errors }, ms: ms() };
    throw error;
  }
}
