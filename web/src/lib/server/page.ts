import { error } from '@sveltejs/kit';
import { noteProblem } from './log';
import { DATABASE_AWAY, isDatabaseAway } from './database-problems';
import { Problem } from './problems';

/** Turns problems of a page's load into the right error page: 404, or 503 when the database is away. */
export async function forPage<T>(work: Promise<T>): Promise<T> {
  try {
    return await work;
  } catch (cause) {
    if (cause instanceof Problem) error(cause.status, cause.detail);
    if (isDatabaseAway(cause)) {
      noteProblem(crypto.randomUUID(), 503, cause);
      error(503, DATABASE_AWAY);
    }
    throw cause;
  }
}
