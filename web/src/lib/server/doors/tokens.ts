import { addDays } from 'date-fns';
import type { z } from 'zod';
import type { tokenSchema, TokenRow } from '../../api/door-schema';
import { roleHas } from '../../roles';
import { apart, database, tables } from '../db';
import { invalid, notFound } from '../problems';
import { newToken, tokenHash } from './secrets';
import type { Who } from './who';

/** Tokens for other programs: each names what it may, ends on a day, and is shown once. */
const PREFIX = 'chiave_';
/** When one was used is noted at most so often. */
const NOTED_AFTER_MS = 60_000;

export async function tokensOf(accountId: number): Promise<TokenRow[]> {
  const rows = await tables(database()).ApiToken.findAll({ where: { accountId }, order: [['id', 'DESC']] });
  return rows.map(({ id, name, scopes, createdAt, expiresAt, usedAt }) => ({ id, name, scopes, createdAt: createdAt.toISOString(), expiresAt: expiresAt.toISOString(), usedAt: usedAt?.toISOString() ?? null })); // prettier-ignore
}
/** Makes a token for what its maker may. @throws Problem 422 for more than that */
export async function addToken({ name, scopes, days }: z.infer<typeof tokenSchema>, who: Who & { accountId: number }): Promise<{ id: number; token: string }> {
  const beyond = scopes.find((s) => !roleHas(who.role, s));
  if (beyond) throw invalid([{ path: 'scopes', message: `your own role does not have “${beyond}”` }]);
  const token = newToken(PREFIX);
  const now = new Date();
  const row = await tables(database()).ApiToken.create({ accountId: who.accountId, name, scopes: [...scopes], token: tokenHash(token), createdAt: now, expiresAt: addDays(now, days) }); // prettier-ignore
  return { id: Number(row.id), token };
}
/** Takes a token back. @throws Problem 404 for one of somebody else's */
export async function removeToken(id: number, accountId: number): Promise<void> {
  if ((await tables(database()).ApiToken.destroy({ where: { id, accountId } })) === 0) throw notFound(`token ${id} of yours`);
}
/** Who asks by an `authorization` header; null where it is nobody. Role and account count as they are now. */
export const whoByToken = (header: string | null, now = new Date()): Promise<Who | null> => apart(() => lookUp(header, now));
async function lookUp(header: string | null, now: Date): Promise<Who | null> {
  const token = /^Bearer (\S{20,100})$/i.exec(header ?? '')?.[1];
  if (!token) return null;
  const { ApiToken, Account } = tables(database());
  const row = await ApiToken.findOne({ where: { token: tokenHash(token) } });
  if (!row || row.expiresAt <= now) return null;
  const account = await Account.findByPk(row.accountId);
  if (!account || account.closedAt) return null;
  if (!row.usedAt || now.getTime() - row.usedAt.getTime() > NOTED_AFTER_MS) await row.update({ usedAt: now });
  return { accountId: account.id, name: account.name, role: account.role, way: 'token', sessionId: null, scopes: row.scopes };
}
