import type { RoleId } from '../../roles';
import { rankOf } from '../../roles';
import { apart, change, database, Op, tables, type AccountModel, type SessionModel } from '../db';
import { newToken, tokenHash } from './secrets';
import type { Way, Who } from './who';

/** Sessions lie in the database: every process knows them, and taking one back ends it at once. The token itself is in nobody's hands but the device's. */
const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
/** How long a session lasts without a request, and at all; a tablet that stays for the shop day, until its end. */
export const LIMITS = { idleMs: 2 * HOUR_MS, mostMs: 12 * HOUR_MS, shopDayMs: 15 * HOUR_MS } as const;
/** A token is changed for a new one so often; the old one holds a moment longer, for requests under way. */
const ROTATED_AFTER_MS = HOUR_MS;
const BEFORE_HOLDS_MS = MINUTE_MS;
/** When a session was seen is noted at most so often. */
const NOTED_AFTER_MS = MINUTE_MS;
/** A PIN is short: it never gives more than this. */
const MOST_BY_PIN: RoleId = 'fitter';

export const roleBy = (way: Way, role: RoleId): RoleId => (way === 'pin' && rankOf(role) > rankOf(MOST_BY_PIN) ? MOST_BY_PIN : role);
const whoOf = (account: AccountModel, session: SessionModel): Who => ({
  accountId: account.id,
  name: account.name,
  role: roleBy(session.way as Way, account.role),
  way: session.way as Way,
  sessionId: session.id,
  scopes: null
});

export interface Began {
  token: string;
  endsAt: Date;
}
/** Begins a session. @param device what the browser says of itself */
export async function beginSession(accountId: number, own: { way: Way; shopDay: boolean; device: string; address: string }, now = new Date()): Promise<Began> {
  const token = newToken();
  const endsAt = new Date(now.getTime() + (own.shopDay ? LIMITS.shopDayMs : LIMITS.mostMs));
  const { device, address, ...rest } = own;
  await tables(database()).Session.create({ ...rest, accountId, token: tokenHash(token), device: device.slice(0, 120), address: address.slice(0, 64), beganAt: now, rotatedAt: now, seenAt: now, endsAt }); // prettier-ignore
  return { token, endsAt };
}

export interface Known {
  who: Who;
  shopDay: boolean;
  endsAt: Date;
  /** A new token for the device, where it is time. */
  fresh: string | null;
}
/** True where a session has run out. */
const isOver = (s: SessionModel, now: Date): boolean => s.endsAt <= now || (!s.shopDay && now.getTime() - s.seenAt.getTime() > LIMITS.idleMs);
/**
 * Whose a token is; null where it is nobody's any more.
 * A token that was changed for another and comes back later has been stolen by somebody: the session ends for both.
 */
export const knownBy = (token: string, now = new Date()): Promise<Known | null> => apart(() => lookUp(token, now));
async function lookUp(token: string, now: Date): Promise<Known | null> {
  const { Session, Account } = tables(database());
  const hash = tokenHash(token);
  const session = (await Session.findOne({ where: { token: hash } })) ?? (await Session.findOne({ where: { tokenBefore: hash } }));
  if (!session) return null;
  const old = session.token !== hash;
  if (isOver(session, now) || (old && (session.beforeUntil ?? now) <= now)) {
    await session.destroy();
    return null;
  }
  const account = await Account.findByPk(session.accountId);
  if (!account || account.closedAt) return null;
  const known = { who: whoOf(account, session), shopDay: session.shopDay, endsAt: session.endsAt };
  if (!old && now.getTime() - session.rotatedAt.getTime() > ROTATED_AFTER_MS) return { ...known, fresh: await rotated(session, now) };
  if (now.getTime() - session.seenAt.getTime() > NOTED_AFTER_MS) await session.update({ seenAt: now });
  return { ...known, fresh: null };
}
/** Changes a session's token; null where another request did it just now. */
async function rotated(session: SessionModel, now: Date): Promise<string | null> {
  const fresh = newToken();
  const [changed] = await tables(database()).Session.update(
    { token: tokenHash(fresh), tokenBefore: session.token, beforeUntil: new Date(now.getTime() + BEFORE_HOLDS_MS), rotatedAt: now, seenAt: now },
    { where: { id: session.id, token: session.token } }
  );
  return changed === 1 ? fresh : null;
}
/** Gives a session to somebody else, or to the same person anew: with a new token, the old one ends at once. */
export async function handOver(sessionId: number, accountId: number, way: Way, now = new Date()): Promise<string> {
  const fresh = newToken();
  await tables(database()).Session.update({ accountId, way, token: tokenHash(fresh), tokenBefore: null, beforeUntil: null, rotatedAt: now, seenAt: now }, { where: { id: sessionId } }); // prettier-ignore
  return fresh;
}

export interface SessionRow {
  id: number;
  account: string;
  device: string;
  address: string;
  way: string;
  shopDay: boolean;
  beganAt: string;
  seenAt: string;
  own: boolean;
}
/** Sessions that hold, of one account or of everybody; the newest first. */
export async function sessionsOf(accountId: number | null, own: number | null, now = new Date()): Promise<SessionRow[]> {
  const t = tables(database());
  const rows = (await t.Session.findAll({ where: { ...(accountId === null ? {} : { accountId }), endsAt: { [Op.gt]: now } }, order: [['seenAt', 'DESC']], limit: 200 })).filter((s) => !isOver(s, now)); // prettier-ignore
  const accounts = await t.Account.findAll({ where: { id: rows.map((r) => r.accountId) }, attributes: ['id', 'name'] });
  const nameOf = new Map(accounts.map((a) => [a.id, a.name]));
  return rows.map(({ id, accountId: of, device, address, way, shopDay, beganAt, seenAt }) => ({ id, account: nameOf.get(of) ?? '', device, address, way, shopDay, beganAt: beganAt.toISOString(), seenAt: seenAt.toISOString(), own: id === own })); // prettier-ignore
}
/** Ends sessions: one, or all of an account but the one that asks. @returns how many ended */
export async function endSessions({ id, accountId, but }: { id?: number; accountId?: number; but?: number | null }): Promise<number> {
  const which = { ...(id === undefined ? {} : { id }), ...(accountId === undefined ? {} : { accountId }) };
  return tables(database()).Session.destroy({ where: but ? { [Op.and]: [which, { id: { [Op.ne]: but } }] } : which });
}
/** Lets go of sessions that have run out. */
export const forgetSessions = (): Promise<unknown> => change('DELETE FROM sessions WHERE ends_at < NOW(3)');
/** Ends the session that a token names, if it names one. */
export const endSession = async (token: string): Promise<void> => void (await tables(database()).Session.destroy({ where: { token: tokenHash(token) } }));
/** When a session ends at the latest. */
/** True while a session goes on: not ended, and not run out. */
export const sessionLives = async (id: number, now = new Date()): Promise<boolean> => ((await tables(database()).Session.findByPk(id))?.endsAt ?? now) > now;
export const sessionEnd = async (id: number): Promise<Date> => (await tables(database()).Session.findByPk(id))?.endsAt ?? new Date();
