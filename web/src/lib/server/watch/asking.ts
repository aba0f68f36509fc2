import { AsyncLocalStorage } from 'node:async_hooks';
import type { Who } from '../doors/who';

/** What belongs to the request that is being answered, for whatever is done for it, however deep. */
export interface Asked {
  who: Who | null;
  /** Names the request in the log and to whoever asked. */
  id: string;
  /** Whose work it is when there is too much: an account, or an address. */
  asker: string;
  /** What was read for it already; null in a request that writes, which must see what it wrote. */
  read: Map<string, Promise<unknown>> | null;
}
const asking = new AsyncLocalStorage<Asked>();
export const during = <T>(asked: Asked, work: () => T): T => asking.run(asked, work);
/** The request that is being answered; undefined for work that nobody asked for. */
export const askedNow = (): Asked | undefined => asking.getStore();
/**
 * Does work that is kept for everybody, or that goes on by itself: it reads everything, whatever whoever asked for it may see. What it
 * answers must tell nobody what they may not see.
 */
export const wholly = <T>(work: () => T): T => asking.exit(work);
/** Reads something once for the request that is being answered, however often it is needed; anew in one that writes, and in work that nobody asked for. */
export function onceAsked<T>(name: string, read: () => Promise<T>): Promise<T> {
  const known = askedNow()?.read;
  if (!known) return read();
  const before = known.get(name) as Promise<T> | undefined;
  const found = before ?? read();
  if (!before) known.set(name, found);
  return found;
}
