import type { Me } from '../../api/door-schema';
import { database, tables } from '../db';
import { Problem } from '../problems';
import { handsOfShop } from './accounts';
import type { Who } from './who';

/** What only somebody with an account has. @throws Problem 409 for the demo's owner, 403 for a token */
export function ownAccount(who: Who | null): Who & { accountId: number } {
  if (who?.scopes) throw new Problem(403, 'Not by a token', 'This is for somebody who is signed in, not for a token.');
  if (!who || who.accountId === null) throw new Problem(409, 'No account yet', 'Nobody has an account yet: make the first one under Accounts.');
  return { ...who, accountId: who.accountId };
}
/** The session of a device that stays for the shop day. @throws Problem 409 for any other */
export async function dayTablet(who: Who | null): Promise<{ id: number; endsAt: Date }> {
  const { sessionId } = ownAccount(who);
  const session = sessionId === null ? null : await tables(database()).Session.findByPk(sessionId);
  if (!session?.shopDay)
    throw new Problem(409, 'Not for the day', 'This device does not stay for the shop day: sign out, and sign in with “stays for the shop day”.');
  return { id: session.id, endsAt: session.endsAt };
}
/** Who is signed in here, and who may take over by PIN; null for nobody. */
export async function meOf(who: Who | null): Promise<Me | null> {
  if (!who) return null;
  const { name, role, way, accountId } = who;
  const shopDay = await staysForDay(who);
  return { name, role, way, accountId, shopDay, hands: shopDay ? await handsOfShop() : [] };
}
/** Whether the device of whoever asks stays for the shop day. */
const staysForDay = async (who: Who | null): Promise<boolean> =>
  who?.sessionId ? Boolean((await tables(database()).Session.findByPk(who.sessionId))?.shopDay) : false;
