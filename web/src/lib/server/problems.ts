import type { z } from 'zod';

export interface FieldError {
  path: string;
  message: string;
}

/** An error with its problem details (RFC 9457). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly errors: readonly FieldError[] = []
  ) {
    super(detail);
  }
}

export const notFound = (what: string): Problem => new Problem(404, 'Not found', `There is no ${what}.`);

/** A save over a version that was not seen: nothing is written, and what is there now is told. */
export const conflict = (what: string, seen: number, now: number): Problem =>
  new Problem(
    409,
    'Changed meanwhile',
    `Someone else has saved ${what} since you opened it (version ${now}, you have ${seen}). Nothing of yours was lost: it is still on this device.`,
    [{ path: 'version', message: `${now}` }]
  );

export const invalid = (errors: readonly FieldError[]): Problem =>
  new Problem(422, 'Values out of range', errors.map((e) => `${e.path || 'body'}: ${e.message}`).join('; '), errors);

/** What the core refuses as out of range, by the field that mends it. @throws Problem 422 */
export function refusing<T>(path: string, work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (error instanceof RangeError) throw invalid([{ path, message: error.message }]);
    throw error;
  }
}

/** Zod's findings as field errors: `feet.left.lengthMm`. */
export const fromZod = (error: z.ZodError): Problem => invalid(error.issues.map((issue) => ({ path: issue.path.join('.'), message: issue.message })));

const AWAY = /^Sequelize(Connection|HostNotFound|AccessDenied|InvalidConnection|ConnectionAcquireTimeout|ConnectionRefused|ConnectionTimedOut|Database)/;
const AWAY_CODES = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ER_SOCKET_UNEXPECTED_CLOSE',
  'ER_CONNECTION_TIMEOUT',
  'ER_GET_CONNECTION_TIMEOUT',
  'ER_CMD_CONNECTION_CLOSED',
  'ER_SERVER_SHUTDOWN'
]);

/** True when the database, not the request, is at fault: nothing was saved and trying again makes sense. */
export function isDatabaseAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const inner =
    (error as { original?: { code?: string; errno?: number }; parent?: { code?: string } }).original ?? (error as { parent?: { code?: string } }).parent;
  const code = inner?.code ?? (error as { code?: string }).code;
  if (code && AWAY_CODES.has(code)) return true;
  return AWAY.test(error.name) && error.name !== 'SequelizeDatabaseError';
}

/** Any error as problem details; what is not understood is logged with an id and told without its inside. */
export function toProblem(error: unknown, log: (id: string, error: unknown) => void): Problem {
  if (error instanceof Problem) return error;
  if (isDatabaseAway(error)) {
    return new Problem(503, 'The database does not answer', 'Nothing was saved. What you typed is still here; try again in a moment.');
  }
  const status = (error as { status?: number })?.status;
  if (status === 413) return new Problem(413, 'Too large', 'The body is larger than 1 MiB.');
  const id = crypto.randomUUID();
  log(id, error);
  return new Problem(500, 'Something failed', `It has been noted as ${id}.`);
}

export function problemResponse(problem: Problem): Response {
  const { status, title, detail, errors } = problem;
  return new Response(JSON.stringify({ type: 'about:blank', title, status, detail, errors }), {
    status,
    headers: {
      'content-type': 'application/problem+json',
      'cache-control': 'no-store',
      ...(status === 503 ? { 'retry-after': '3' } : {}),
      // What is left of a body too large is not read: the connection ends with the answer.
      ...(status === 413 ? { connection: 'close' } : {})
    }
  });
}
