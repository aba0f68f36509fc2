import { building } from '$app/environment';
import { error, isHttpError, type Handle, type HandleServerError, type RequestEvent, type ServerInit } from '@sveltejs/kit';
import { closeDatabase } from '$lib/server/db';
import { forgetAnswers } from '$lib/server/answered-writes';
import { warmUp } from '$lib/server/heavy/pool';
import { reckonStale } from '$lib/server/shop/due';
import { shopToday } from '$lib/server/shop/settings';
import { log, noteProblem } from '$lib/server/log';
import { NEED, ROLE, type NeedId } from '$lib/roles';
import { DATABASE_AWAY, isDatabaseAway, toProblem } from '$lib/server/database-problems';
import { hasAccounts } from '$lib/server/doors/accounts';
import { dropToken, keepToken, sessionToken } from '$lib/server/doors/cookie';
import { addressOf, guardHost, isLoopback } from '$lib/server/doors/host';
import { PAGE_NEEDS } from '$lib/server/doors/page-needs';
import { forgetSessions, knownBy } from '$lib/server/doors/sessions';
import { whoByToken } from '$lib/server/doors/tokens';
import { forgetTries } from '$lib/server/doors/tries';
import { DEMO_OWNER, may, type Who } from '$lib/server/doors/who';
import { during, type Asked } from '$lib/server/watch/asking';
import { noteRequest } from '$lib/server/watch/metrics';
import { Problem, problemResponse } from '$lib/server/problems';

export const init: ServerInit = () => {
  if (building) return;
  if (process.env.NODE_ENV === 'production') guardHost();
  const forget = (): void => {
    for (const old of [forgetAnswers, forgetSessions, forgetTries]) old().catch((err: unknown) => log.warn({ err }, 'what is old is kept a while longer'));
  };
  // What nobody waited for must not take everybody else's work with it.
  process.on('unhandledRejection', (err) => log.error({ err }, 'something failed that nobody waited for'));
  // Once every request under way was answered, the connections that stay open are let go of: they would hold the process.
  process.once('sveltekit:shutdown', () => void closeDatabase().finally(() => process.exit(0)));
  forget();
  warmUp();
  void shopToday().then(reckonStale, () => {});
  setInterval(forget, FORGET_EVERY_MS).unref();
};

const FORGET_EVERY_MS = 3_600_000;

const HEADERS: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=()'
};
const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

/** A page elsewhere must not write here: a request that changes something comes from our own origin, or from no page. */
function fromElsewhere(request: Request): boolean {
  if (['GET', 'HEAD', 'OPTIONS'].includes(request.method)) return false;
  if (request.headers.get('sec-fetch-site') === 'cross-site') return true;
  const origin = request.headers.get('origin');
  if (!origin) return false;
  return origin.replace(/^https?:\/\//, '') !== request.headers.get('host');
}

/** On loopback a foreign host name means another site has been pointed at this machine. */
function strangeHost(request: Request): boolean {
  return isLoopback() && !LOOPBACK.test(request.headers.get('host') ?? '');
}

/** Who asks: by a token, by the device's session, or as the demo's owner while nobody has an account. */
async function whoIs({ request, cookies }: RequestEvent): Promise<Who | null> {
  const header = request.headers.get('authorization');
  if (header) return whoByToken(header);
  const token = sessionToken(cookies);
  const known = token ? await knownBy(token) : null;
  if (known?.fresh) keepToken(cookies, request, known.fresh, known.endsAt);
  if (known) return known.who;
  if (token) dropToken(cookies, request);
  return isLoopback() && !(await hasAccounts()) ? DEMO_OWNER : null;
}
const API = '/api/v1/';
/** What a request needs; a route of the API says so itself, when it answers. */
const needOf = (id: string | null): NeedId | null => (id === null || (id.startsWith(API) && id !== DOCS) ? null : (PAGE_NEEDS[id] ?? 'shop'));
const [DOCS, HEALTH] = ['/api/v1/docs', '/api/v1/health'];

/** A name a proxy gave the request, or one of our own. */
const REQUEST_ID = /^[\w.-]{8,64}$/;
function requestId(request: Request): string {
  const given = request.headers.get('x-request-id') ?? '';
  return REQUEST_ID.test(given) ? given : crypto.randomUUID();
}

export const handle: Handle = async ({ event, resolve }) => {
  if (building) return resolve(event);
  const began = performance.now();
  const id = requestId(event.request);
  const asked: Asked = { who: null, id, asker: addressOf(event), read: event.request.method === 'GET' ? new Map() : null };
  /** Notes how it was answered: by the route as it is written, since an address may hold what somebody searched for. */
  const note = (status: number): void => {
    const seconds = (performance.now() - began) / 1000;
    const told = { method: event.request.method, route: event.route.id ?? 'none', status };
    noteRequest(told.method, told.route, status, seconds);
    during(asked, () => log.info({ ...told, ms: Math.round(seconds * 1000), account: asked.who?.accountId ?? null }, 'answered'));
  };
  try {
    const response = await during(asked, () => answer(event, resolve, asked));
    note(response.status);
    response.headers.set('x-request-id', id);
    return response;
  } catch (cause) {
    note(isHttpError(cause) ? cause.status : 500);
    throw cause;
  }
};

async function answer(event: RequestEvent, resolve: Parameters<Handle>[0]['resolve'], asked: Asked): Promise<Response> {
  const { pathname, search } = event.url;
  const secure = (response: Response): Response => {
    for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
    return response;
  };
  if (strangeHost(event.request)) return secure(problemResponse(new Problem(403, 'Not this host', 'Open the application by the address it printed.')));
  if (fromElsewhere(event.request)) return secure(problemResponse(new Problem(403, 'From elsewhere', 'The request comes from another site.')));
  const need = needOf(event.route.id);
  let who: Who | null;
  try {
    who = await whoIs(event);
  } catch (cause) {
    if (!isDatabaseAway(cause)) throw cause;
    // Nobody knows who asks. Whether the application is well is told to anyone.
    who = null;
    if (need !== 'open' && event.route.id !== HEALTH) {
      if (pathname.startsWith(API)) return secure(problemResponse(toProblem(cause, noteProblem)));
      error(503, DATABASE_AWAY);
    }
  }
  event.locals.who = who;
  if (need !== null && !may(who, need)) {
    // A program that says it has a token is told that it does not count.
    if (who === null && event.request.headers.has('authorization'))
      return secure(problemResponse(new Problem(401, 'Not signed in', 'This token does not count, or no more.')));
    if (who === null) return secure(new Response(null, { status: 303, headers: { location: `/enter?to=${encodeURIComponent(pathname + search)}` } }));
    error(403, `This page is for those who ${NEED[need].name}. You are signed in as ${who.name}, ${ROLE[who.role].name.toLowerCase()}.`);
  }
  asked.who = who;
  if (who !== null && who.accountId !== null) asked.asker = `account ${who.accountId}`;
  const response = await resolve(event);
  // Unknown API paths and methods are problems too, not pages.
  if (pathname.startsWith(API) && response.status >= 404 && response.status < 406 && !response.headers.get('content-type')?.includes('json')) {
    const problem =
      who === null
        ? new Problem(401, 'Not signed in', 'Sign in first.')
        : new Problem(response.status, response.status === 405 ? 'Not that way' : 'Not found', `${event.request.method} ${pathname} is not part of this API.`);
    return secure(problemResponse(problem));
  }
  return secure(response);
}

export const handleError: HandleServerError = ({ error, status, message }) => {
  if (status < 500) return { message };
  const id = crypto.randomUUID();
  if (!(error instanceof Problem)) noteProblem(id, status, error);
  if (isDatabaseAway(error)) return { message: DATABASE_AWAY };
  if (error instanceof Problem) return { message: error.detail };
  return { message: 'Something failed. It has been noted.', id };
};
