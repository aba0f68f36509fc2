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

/** Something of a person who was erased: it can be written no more. */
export const gone = (what: string): Problem => new Problem(410, 'Erased', `${what} was erased on request; nothing more is kept with it.`);

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

export function problemResponse(problem: Problem): Response {
  const { status, title, detail, errors } = problem;
  return new Response(JSON.stringify({ type: 'about:blank', title, status, detail, errors }), {
    status,
    headers: {
      'content-type': 'application/problem+json',
      'cache-control': 'no-store',
      ...(status === 503 || status === 429 ? { 'retry-after': '3' } : {})
    }
  });
}
