import pino from 'pino';
import { askedNow } from './watch/asking';

/** Errors of the language itself, whose words name code and no data. */
const OWN_WORDS = new Set(['TypeError', 'ReferenceError']);

/**
 * What is kept of an error: its kind, the database's number and the places in the code. Words and SQL of other errors may
 * hold a name, a note or a measure, and are left out.
 */
export function bareError(error: unknown): object {
  if (!(error instanceof Error)) return { type: typeof error };
  const { name, stack = '', cause } = error;
  const inner = ((error as { original?: unknown }).original ?? error) as { code?: string; errno?: number; sqlState?: string };
  return {
    type: name,
    ...(OWN_WORDS.has(name) ? { message: error.message } : {}),
    ...(inner.code ? { code: inner.code } : {}),
    ...(inner.errno === undefined ? {} : { errno: inner.errno, sqlState: inner.sqlState }),
    stack: stack.split('\n').filter((line) => /^\s+at /.test(line)),
    ...(cause === undefined ? {} : { cause: bareError(cause) })
  };
}

/** The log: errors with an id, never names or measures of people. */
export const log = pino({
  level: process.env.LOG_LEVEL ?? 'info',
  serializers: { err: bareError },
  // Every line of a request names it.
  mixin: () => {
    const asked = askedNow();
    return asked ? { request: asked.id } : {};
  }
});

/** Notes why a request could not be answered. */
export const noteProblem = (id: string, status: number, err: unknown): void => log.error({ id, status, err }, 'request failed');
