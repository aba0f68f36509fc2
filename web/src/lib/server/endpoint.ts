import type { RequestEvent } from '@sveltejs/kit';
import type { z } from 'zod';
import { log } from './log';
import { Problem, fromZod, problemResponse, toProblem } from './problems';

/** Largest body taken, bytes; imports of a whole stockroom have their own. */
export const BODY_LIMIT = 1024 * 1024;
export const IMPORT_LIMIT = 10 * 1024 * 1024;

const json = (value: unknown, status = 200): Response =>
  new Response(JSON.stringify(value), { status, headers: { 'content-type': 'application/json', 'cache-control': 'no-store' } });

/** Reads a body up to the limit. @throws Problem 413 when larger */
export async function readBody(request: Request, limit: number = BODY_LIMIT): Promise<string> {
  const tooLarge = new Problem(413, 'Too large', `The body is larger than ${limit / 1024 / 1024} MiB.`);
  if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooLarge;
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > limit) {
      await reader.cancel();
      throw tooLarge;
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks).toString('utf8');
}

/** Parses a body with its schema. @throws Problem 400 for JSON that does not parse, 422 for values that are wrong */
export async function parseBody<S extends z.ZodType>(request: Request, schema: S, limit?: number): Promise<z.infer<S>> {
  const text = await readBody(request, limit);
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    throw new Problem(400, 'Not JSON', 'The body does not parse as JSON.');
  }
  const parsed = schema.safeParse(body);
  if (!parsed.success) throw fromZod(parsed.error);
  return parsed.data;
}

const answer = async (work: () => Promise<unknown>, status = 200): Promise<Response> => {
  try {
    const value = await work();
    return value instanceof Response ? value : json(value, status);
  } catch (error) {
    return problemResponse(toProblem(error, (id, cause) => log.error({ id, err: cause }, 'request failed')));
  }
};

/** An endpoint without a body. */
export const get =
  <E extends RequestEvent>(work: (event: E) => Promise<unknown> | unknown) =>
  (event: E): Promise<Response> =>
    answer(async () => work(event));

/** An endpoint with a JSON body, validated by its schema. */
export const take =
  <S extends z.ZodType, E extends RequestEvent>(schema: S, work: (body: z.infer<S>, event: E) => Promise<unknown> | unknown, status = 200, limit?: number) =>
  (event: E): Promise<Response> =>
    answer(async () => work(await parseBody(event.request, schema, limit), event), status);

/** Who works at the device that asks, as it says itself: a name for the record, not a proof. */
export const fitterOf = (event: { request: Request }): string => {
  try {
    return decodeURIComponent(event.request.headers.get('x-fitter') ?? '')
      .trim()
      .slice(0, 60);
  } catch {
    return '';
  }
};

/** A path parameter that is a number. @throws Problem 404 */
export function idOf(event: { params: Partial<Record<string, string>> }, name: string, what: string): number {
  const id = Number(event.params[name]);
  if (!Number.isInteger(id) || id < 1) throw new Problem(404, 'Not found', `There is no ${what} “${event.params[name]}”.`);
  return id;
}
