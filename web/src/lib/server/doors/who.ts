import { NEED, roleHas, type NeedId, type RoleId } from '../../roles';
import { askedNow } from '../watch/asking';

/** How somebody came in. */
export type Way = 'open' | 'password' | 'pin' | 'token';
/** Who asks. */
export interface Who {
  /** Null for the demo’s owner, who needs no account. */
  accountId: number | null;
  name: string;
  role: RoleId;
  way: Way;
  sessionId: number | null;
  /** What a token may; null where the role alone decides. */
  scopes: readonly NeedId[] | null;
}
/** Nobody has made an account yet, and only this machine reaches the application. */
export const DEMO_OWNER: Who = { accountId: null, name: 'the demo’s owner', role: 'owner', way: 'open', sessionId: null, scopes: null };

/** True where somebody may do what a route or a page needs. Nobody has only what is open. */
export function may(who: Who | null, need: NeedId): boolean {
  if (!roleHas(who?.role ?? null, need)) return false;
  return !who?.scopes || NEED[need].least === null || who.scopes.includes(need);
}

/** True where whoever asks now may see this. Work that nobody asked for, as at a start, sees everything. */
export const mayNow = (need: NeedId): boolean => {
  const asked = askedNow();
  return asked === undefined || may(asked.who, need);
};
/** Who asks now; undefined for work that nobody asked for. */
export const whoAsks = (): Who | null | undefined => askedNow()?.who;
