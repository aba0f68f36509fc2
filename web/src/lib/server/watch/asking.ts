import { AsyncLocalStorage } from 'node:async_hooks';
import type { Who } from '../doors/who';

/** What belongs to the request that is being answered, for whatever is done for it, however deep. */
export interface Asked {
  who: Who | null;
  /** Names the request in the log and to whoever asked. */
  id: string;
  /** Whose work it is when there is too much: an account, or an address. */
  asker: string;
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
