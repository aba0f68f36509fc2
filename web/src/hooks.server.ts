import { building } from '$app/environment';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { forgetAnswers } from '$lib/server/answered-writes';
import { warmUp } from '$lib/server/heavy/pool';
import { reckonStale } from '$lib/server/shop/due';
import { shopToday } from '$lib/server/shop/settings';
import { log, noteProblem } from '$lib/server/log';
import { COOKIE, cookieIsGood, guardHost, passcodeNeeded } from '$lib/server/passcode';
import { isDatabaseAway } from '$lib/server/database-problems';
import { Problem, problemResponse } from '$lib/server/problems';

export const init: ServerInit = () => {
  if (building) return;
  if (process.env.NODE_ENV === 'production') guardHost();
  const forget = (): void => void forgetAnswers().catch((err: unknown) => log.warn({ err }, 'old answers are kept a while longer'));
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
const OPEN_PATHS = new Set(['/enter', '/api/v1/enter', '/api/v1/health', '/mark.svg']);
/** Calendars are read by other programs, by an address that nobody can guess. */
const CALENDARS = '/calendar/';
const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

/** A page elsewhere must not write here: a request that changes something comes from our own origin, or from no page. */
function fromElsewhere(request: Request): boolean {
  if (['GET', 'HEAD', 'OPTIONS'].includes(request.method)) return false;
  const origin = request.headers.get('origin');
  if (!origin) return false;
  return origin.replace(/^https?:\/\//, '') !== request.headers.get('host');
}

/** On loopback a foreign host name means another site has been pointed at this machine. */
function strangeHost(request: Request): boolean {
  const host = process.env.HOST ?? '';
  const loopback = ['127.0.0.1', 'localhost', '::1'].includes(host);
  return loopback && !LOOPBACK.test(request.headers.get('host') ?? '');
}

export const handle: Handle = async ({ event, resolve }) => {
  const { pathname } = event.url;
  const secure = (response: Response): Response => {
    for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
    return response;
  };
  if (!building && strangeHost(event.request))
    return secure(problemResponse(new Problem(403, 'Not this host', 'Open the application by the address it printed.')));
  if (fromElsewhere(event.request)) return secure(problemResponse(new Problem(403, 'From elsewhere', 'The request comes from another site.')));
  const known = building || !passcodeNeeded() || cookieIsGood(event.cookies.get(COOKIE));
  event.locals.role = known ? 'fitter' : null;
  if (!known && !OPEN_PATHS.has(pathname) && !pathname.startsWith('/_app/') && !pathname.startsWith(CALENDARS)) {
    if (pathname.startsWith('/api/')) return secure(problemResponse(new Problem(401, 'Passcode needed', 'Enter the shop passcode first.')));
    return secure(new Response(null, { status: 303, headers: { location: `/enter?to=${encodeURIComponent(pathname + event.url.search)}` } }));
  }
  const response = await resolve(event);
  // Unknown API paths and methods are problems too, not pages.
  if (pathname.startsWith('/api/v1/') && response.status >= 404 && response.status < 406 && !response.headers.get('content-type')?.includes('json')) {
    return secure(
      problemResponse(
        new Problem(response.status, response.status === 405 ? 'Not that way' : 'Not found', `${event.request.method} ${pathname} is not part of this API.`)
      )
    );
  }
  return secure(response);
};

export const handleError: HandleServerError = ({ error, status, message }) => {
  if (status < 500) return { message };
  const id = crypto.randomUUID();
  if (!(error instanceof Problem)) noteProblem(id, status, error);
  if (isDatabaseAway(error)) return { message: 'The database does not answer. Nothing is lost: wait a moment and open the page again.' };
  if (error instanceof Problem) return { message: error.detail };
  return { message: 'Something failed. It has been noted.', id };
};
