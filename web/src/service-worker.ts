/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
import { build } from '$service-worker';
import { ExpirationPlugin } from 'workbox-expiration';
import { registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';
import { KEPT_API, KEPT_PAGES, PAGES_CACHE, PARTS_CACHE, type WorkerMessage } from './lib/send/kept-pages';

/**
 * Keeps what a tablet needs to go on while the shop's server does not answer: the parts of the application, and the pages and data its
 * fitter looked at last. The server is always asked first; what is kept answers only where it does not. Writes never come here: the page
 * itself holds what was typed until it is saved.
 */
declare const self: ServiceWorkerGlobalScope;

/** So many pages and answers are kept, at most for so long: a shop day. */
const MOST_KEPT = 120;
const KEPT_SECONDS = 12 * 3600;
const MOST_PARTS = 1200;
/** A server that says nothing for so long does not answer, s. */
const WAIT_S = 8;
const WITHOUT_SERVER = '/without-server.html';

const sameOrigin = (url: URL): boolean => url.origin === self.location.origin;
/** True for a page that is kept, by its path. */
const isKept = (path: string): boolean => path === '/' || KEPT_PAGES.some((page) => path === page || path.startsWith(`${page}/`));

/** How SvelteKit answers a question for a page's data with another place to go to. */
const SENT_ON = '{"type":"redirect"';
/** An answer of a server that is there but cannot: what is kept is better. Being sent elsewhere, as to the door, is nothing to keep. */
const onlyWhole = {
  fetchDidSucceed: async ({ response }: { response: Response }): Promise<Response> => {
    if (response.status >= 500) throw new Error(`the server answers ${response.status}`);
    return response;
  },
  cacheWillUpdate: async ({ request, response }: { request: Request; response: Response }): Promise<Response | null> => {
    if (response.status !== 200 || response.redirected) return null;
    const data = new URL(request.url).pathname.endsWith('/__data.json');
    return data && (await response.clone().text()).startsWith(SENT_ON) ? null : response;
  }
};
const pages = new NetworkFirst({
  cacheName: PAGES_CACHE,
  networkTimeoutSeconds: WAIT_S,
  plugins: [onlyWhole, new ExpirationPlugin({ maxEntries: MOST_KEPT, maxAgeSeconds: KEPT_SECONDS })]
});
const parts = new CacheFirst({ cacheName: PARTS_CACHE, plugins: [new ExpirationPlugin({ maxEntries: MOST_PARTS })] });

registerRoute(({ url, sameOrigin: own }) => own && url.pathname.startsWith('/_app/immutable/'), parts);
registerRoute(
  ({ url, sameOrigin: own }) =>
    own && ((url.pathname.endsWith('/__data.json') && isKept(url.pathname.slice(0, -'/__data.json'.length) || '/')) || KEPT_API.includes(url.pathname)),
  pages
);
registerRoute(
  ({ request, url, sameOrigin: own }) => own && request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
  async ({ request, event, url }) => {
    try {
      return await (isKept(url.pathname) ? pages.handle({ request, event }) : fetch(request));
    } catch {
      return (await nearest(url)) ?? (await caches.match(WITHOUT_SERVER)) ?? Response.error();
    }
  }
);

/** Another page of the same visit or person that is kept: better than none. */
async function nearest({ pathname }: URL): Promise<Response | null> {
  const [, first, id] = pathname.split('/');
  if (!id) return null;
  const kept = await (await caches.open(PAGES_CACHE)).keys();
  const found = kept.map((request) => new URL(request.url)).find((url) => url.pathname.startsWith(`/${first}/${id}`) && !url.pathname.endsWith('.json'));
  return found && found.pathname !== pathname ? Response.redirect(found.href, 302) : null;
}

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(PARTS_CACHE).then((cache) => cache.add(WITHOUT_SERVER)).then(() => self.skipWaiting())); // prettier-ignore
});
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** Fetches through a strategy what a page asks to have kept; what cannot be had now is left out. */
async function keep(event: ExtendableMessageEvent, { urls, parts: all }: WorkerMessage): Promise<void> {
  for (const text of urls) {
    const url = new URL(text, self.location.origin);
    if (sameOrigin(url)) await pages.handle({ request: new Request(url), event }).catch(() => {});
  }
  if (all) {
    const had = new Set((await (await caches.open(PARTS_CACHE)).keys()).map((request) => new URL(request.url).pathname));
    for (const path of build.filter((file) => !had.has(file)))
      await parts.handle({ request: new Request(new URL(path, self.location.origin)), event }).catch(() => {});
  }
}
self.addEventListener('message', (event) => {
  const said = event.data as Partial<WorkerMessage> | null;
  if (Array.isArray(said?.urls)) event.waitUntil(keep(event, { urls: said.urls, parts: said.parts === true }));
});
