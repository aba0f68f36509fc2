import { hasAccounts } from './accounts';
import { sessionLives } from './sessions';
import type { Who } from './who';

/** True while whoever was let in once may still listen: their session goes on; the demo's owner, while nobody has an account. */
export async function stillIn(who: Who | null): Promise<boolean> {
  if (who?.sessionId != null) return sessionLives(who.sessionId);
  return who?.way !== 'open' || !(await hasAccounts());
}
