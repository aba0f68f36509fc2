/** What the service worker keeps for minutes without the shop's server, and how a page asks it to. */
export const PAGES_CACHE = 'chiave-pages';
export const PARTS_CACHE = 'chiave-parts';
/** Pages a fitter goes on with at the chair, with all below them. */
export const KEPT_PAGES = ['/people', '/fittings', '/sizes', '/guide'] as const satisfies readonly `/${string}`[];
/** What the workers of these pages fetch by themselves. */
export const KEPT_API: readonly string[] = ['/api/v1/styles'];

export interface WorkerMessage {
  /** Pages and data to be kept now. */
  urls: readonly string[];
  /** All parts of the application, so that pages that were not opened yet open. */
  parts: boolean;
}

/** Asks for pages to be kept; nothing where there is no service worker, as without TLS on a network. */
export function keepPages(urls: readonly string[], parts = false): void {
  if (typeof navigator === 'undefined') return;
  const message: WorkerMessage = { urls, parts };
  void navigator.serviceWorker?.ready.then((worker) => worker.active?.postMessage(message));
}
/** What was kept of pages goes: somebody else works here from now on, or nobody. */
export async function forgetPages(): Promise<void> {
  if (typeof caches !== 'undefined') await caches.delete(PAGES_CACHE).catch(() => false);
}
