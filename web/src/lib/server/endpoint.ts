import type { RequestEvent } from '@sveltejs/kit';
import type { z } from 'zod';
import { writeOnce } from './answered-writes';
import { noteProblem } from './log';
import { toProblem } from './database-problems';
import { PAPERS, type PaperId } from '../api/papers';
import { NEED, ROLE, type NeedId } from '../roles';
import { noteDeed, transacted, type Transaction } from './db';
import { propose, proposes } from './doors/proposals';
import { may, type Who } from './doors/who';
import { Problem, fromZod, invalid, problemResponse } from './problems';

/** Largest body taken, bytes; imports of a whole stockroom have their own. */
export const BODY_LIMIT = 1024 * 1024;
export const IMPORT_LIMIT = 10 * 1024 * 1024;

const json = (value: unknown, status = 200): Response =>
  new Response(JSON.stringify(value), { status, headers: { 'content-type': 'application/json', 'cache-control': 'no-store' } });

/** How much of a body that is too large is read and thrown away, so that its sender gets to read the answer, bytes. */
const DRAINED = 64 * 1024 * 1024;

/** Reads a body up to the limit. @throws Problem 413 when larger */
export async function readBody(request: Request, limit: number = BODY_LIMIT): Promise<string> {
  const reader = request.body?.getReader();
  if (!reader) return '';
  let chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size <= limit) chunks.push(value);
    else chunks = [];
    if (size > limit + DRAINED) {
      await reader.cancel();
      break;
    }
  }
  if (size > limit) throw new Problem(413, 'Too large', `The body is larger than ${limit / 1024 / 1024} MiB.`);
  return Buffer.concat(chunks).toString('utf8');
}

/** Half a character, as only an escape in JSON can bring: it is shown as a letter that is missing, as in every text. */
const whole = (_key: string, value: unknown): unknown => (typeof value === 'string' ? value.toWellFormed() : value);

/** Parses the text of a body with its schema. @throws Problem 400 for JSON that does not parse, 422 for values that are wrong */
function parseText<S extends z.ZodType>(text: string, schema: S): z.infer<S> {
  let body: unknown;
  try {
    body = JSON.parse(text, /\\u[dD][89a-fA-F]/.test(text) ? whole : undefined);
  } catch {
    throw new Problem(400, 'Not JSON', 'The body does not parse as JSON.');
  }
  const parsed = schema.safeParse(body);
  if (!parsed.success) throw fromZod(parsed.error);
  return parsed.data;
}

/** What a route says of itself, beside what it does: the API document is made of nothing else. */
export interface RouteDoc<A extends z.ZodType = z.ZodType> {
  summary: string;
  /** What whoever asks must have. */
  needs: NeedId;
  query?: z.ZodObject;
  /** What it answers; an object of any kind when left out. */
  answer?: A;
  /** What it answers where that is no JSON. */
  media?: string;
  status?: 200 | 201;
  /** Largest body taken, bytes. */
  limit?: number;
}
export interface BodyDoc<S extends z.ZodType, A extends z.ZodType = z.ZodType> extends RouteDoc<A> {
  body: S;
}
/** A route as it is registered: what it says of itself, and whether it reads, computes or writes. */
export interface Route extends RouteDoc {
  body?: z.ZodType;
  does: 'reads' | 'computes' | 'writes';
  /** False for a write that takes no key: asked again, it is done again. */
  once?: boolean;
}
/** What a route must give to answer as it says; a response is an answer of its own making. */
type Answer<A extends z.ZodType> = z.input<A> | Response;
export type Handler<E> = ((event: E) => Promise<Response>) & { route: Route };

/** @throws Problem 401 for nobody, 403 for somebody who may not ask */
export function guard(who: Who | null, needs: NeedId): void {
  if (may(who, needs)) return;
  if (who === null) throw new Problem(401, 'Not signed in', 'Nobody is signed in here, or no more. Sign in, in another tab if you like: what you typed stays.');
  const why = who.scopes ? 'This token does not carry it.' : `Your role is ${ROLE[who.role].name.toLowerCase()}.`;
  throw new Problem(403, 'Not for you', `This needs to ${NEED[needs].name}. ${why}`);
}

/** What somebody may only propose is judged like the change itself, and kept for an owner. */
async function proposed({ request, url }: RequestEvent, { body, summary, limit }: Route, who: Who): Promise<unknown> {
  const text = await readBody(request, limit);
  if (body) parseText(text, body);
  return propose(who, { method: request.method, path: url.pathname + url.search, what: summary, body: body ? text : 'null' });
}

function registered<E extends RequestEvent>(route: Route, handle: (event: E) => Promise<unknown>): Handler<E> {
  const handler = async (event: E): Promise<Response> => {
    try {
      if (route.does === 'writes' && proposes(event.locals.who, route.needs)) return json(await proposed(event, route, event.locals.who), 202);
      guard(event.locals.who, route.needs);
      const value = await handle(event);
      return value instanceof Response ? value : json(value, route.status ?? 200);
    } catch (error) {
      return problemResponse(toProblem(error, noteProblem));
    }
  };
  return Object.assign(handler, { route });
}
/** Notes in the record who did what a route does. */
const noteOf = (event: RequestEvent, summary: string, transaction: Transaction): void =>
  noteDeed({ accountId: event.locals.who?.accountId ?? null, by: fitterOf(event), what: summary, subject: event.url.pathname.slice(API.length), customerId: null, difference: null }, transaction); // prettier-ignore
/** Does a write once, and notes in the record who did it. */
const written = async (event: RequestEvent, text: string, { summary, status }: RouteDoc, work: () => Promise<unknown>): Promise<Response> => {
  const done = await writeOnce(event.request, text, status ?? 200, () =>
    transacted(async (transaction) => {
      const value = await work();
      noteOf(event, summary, transaction);
      return value;
    })
  );
  return new Response(done.answer, { status: done.status, headers: { 'content-type': 'application/json', 'cache-control': 'no-store' } });
};
const API = '/api/v1';

/** Reads without a body. */
export const get = <E extends RequestEvent, A extends z.ZodType>(doc: RouteDoc<A>, work: (event: E) => Promise<Answer<A>> | Answer<A>): Handler<E> =>
  registered({ ...doc, does: 'reads' }, async (event: E) => work(event));

/** Answers by itself: a stream, or an answer of its own making. */
export const asIs = <E extends RequestEvent>(doc: RouteDoc, work: (event: E) => Promise<Response> | Response): Handler<E> =>
  registered({ ...doc, does: 'reads' }, async (event: E) => work(event));

/** Computes from a JSON body and keeps nothing. */
export const take = <S extends z.ZodType, E extends RequestEvent, A extends z.ZodType>(
  doc: BodyDoc<S, A>,
  work: (body: z.infer<S>, event: E) => Promise<Answer<A>> | Answer<A>
): Handler<E> => registered({ ...doc, does: 'computes' }, async (event: E) => work(parseText(await readBody(event.request, doc.limit), doc.body), event));

/** Writes what a JSON body says, in one transaction and once for its key. */
export const write = <S extends z.ZodType, E extends RequestEvent, A extends z.ZodType>(
  doc: BodyDoc<S, A>,
  work: (body: z.infer<S>, event: E) => Promise<Answer<A>>
): Handler<E> => writePrepared(doc, async (body) => body, work);

/**
 * Writes what a JSON body says, after something that takes long: that is worked out first, while no connection is held.
 * @param prepare reads and computes, and writes nothing
 */
export const writePrepared = <S extends z.ZodType, P, E extends RequestEvent, A extends z.ZodType>(
  doc: BodyDoc<S, A>,
  prepare: (body: z.infer<S>, event: E) => Promise<P>,
  work: (prepared: P, event: E) => Promise<Answer<A>>
): Handler<E> =>
  registered({ ...doc, does: 'writes' }, async (event: E) => {
    const text = await readBody(event.request, doc.limit);
    const prepared = await prepare(parseText(text, doc.body), event);
    return written(event, text, doc, () => work(prepared, event));
  });

/** Writes without a body, in one transaction and once for its key. */
export const act = <E extends RequestEvent, A extends z.ZodType>(doc: RouteDoc<A>, work: (event: E) => Promise<Answer<A>>): Handler<E> =>
  registered({ ...doc, does: 'writes' }, async (event: E) => written(event, await readBody(event.request), doc, () => work(event)));

/**
 * Writes what holds a secret, in what is sent or in what is answered. Nothing of either is kept to answer it again, so it takes no key;
 * it is noted in the record like any other.
 */
export const writeSecret = <S extends z.ZodType, E extends RequestEvent, A extends z.ZodType>(
  doc: BodyDoc<S, A>,
  work: (body: z.infer<S>, event: E) => Promise<Answer<A>>
): Handler<E> =>
  registered({ ...doc, does: 'writes', once: false }, async (event: E) => {
    const value = await work(parseText(await readBody(event.request, doc.limit), doc.body), event);
    await transacted(async (transaction) => noteOf(event, doc.summary, transaction));
    return value;
  });

/** Who writes, for the record: the account; where nobody has one yet, the name the device says. */
export const fitterOf = ({ request, locals }: { request: Request; locals: App.Locals }): string => {
  const { who } = locals;
  if (who && who.accountId !== null) return who.name;
  try {
    return decodeURIComponent(request.headers.get('x-fitter') ?? '')
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

/** What stands behind the question mark, by its schema. @throws Problem 422 */
export function queryOf<S extends z.ZodType>(event: { url: URL }, schema: S): z.infer<S> {
  const parsed = schema.safeParse(Object.fromEntries(event.url.searchParams));
  if (!parsed.success) throw fromZod(parsed.error);
  return parsed.data;
}

const LISTED = new Intl.ListFormat('en-GB');
/** The paper asked for; A4 when none is. @throws Problem 422 */
export const paperOf = (event: { url: URL }): PaperId => paperAmong(event, PAPERS);
/** A paper that the address names, of some. @throws Problem 422 for another */
export function paperAmong<P extends object>(event: { url: URL }, papers: P): keyof P & string {
  const paper = event.url.searchParams.get('paper') ?? Object.keys(papers)[0];
  if (!Object.hasOwn(papers, paper)) throw invalid([{ path: 'paper', message: `there are ${LISTED.format(Object.keys(papers))}` }]);
  return paper as keyof P & string;
}
