import type { Transaction } from 'sequelize';
import type { ChangeRow } from '../../api/rows';
import { database, FORGOTTEN, noteDeed, tables } from '../db';
import { mayNow, whoAsks } from '../doors/who';

/** Who changed what and when, kept with the person it concerns and erased with them. */

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/** Fields of a patch that differ from what stood there: what they were and what they are; nothing when none does. */
export function whatChanged(before: Readonly<Record<string, unknown>>, patch: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const changed = Object.keys(patch).filter((key) => !same(before[key], patch[key]));
  if (changed.length === 0) return {};
  return { was: Object.fromEntries(changed.map((key) => [key, before[key] ?? null])), now: Object.fromEntries(changed.map((key) => [key, patch[key]])) };
}

/** Writes one change, within the transaction that makes it. A save that changed nothing leaves no line. */
export async function logChange(
  { by, customerId, what, changed }: { by: string; customerId: number; what: string; changed: Record<string, unknown> },
  transaction: Transaction
): Promise<void> {
  if (Object.keys(changed).length === 0) return;
  noteDeed({ accountId: whoAsks()?.accountId ?? null, by, what, subject: `/customers/${customerId}`, customerId, difference: changed }, transaction);
}

/** Fields of a change that tell of health, and what hangs on a person that does. */
const HEALTH_FIELDS = new Set(['flags', 'story', 'symptom', 'found', 'place', 'note', 'trouble', 'weightKg', 'feetWeightKg']);
function withoutHealth(difference: Record<string, unknown>): Record<string, unknown> {
  const bare = (part: unknown): unknown => (typeof part === 'object' && part !== null ? Object.fromEntries(Object.entries(part).filter(([k]) => !HEALTH_FIELDS.has(k))) : part); // prettier-ignore
  return Object.fromEntries(Object.entries(difference).map(([key, part]) => [key, bare(part)]));
}

/** Changes of one person as whoever asks may see them, newest first. */
export async function changesOf(customerId: number, limit = 200): Promise<ChangeRow[]> {
  const seen = mayNow('health');
  const rows = await tables(database()).Change.findAll({ where: { customerId }, order: [['id', 'DESC']], limit });
  return rows.map(({ at, byWhom, what, difference }) => ({ at: at.toISOString(), by: byWhom, what, changed: seen ? difference : withoutHealth(difference) }));
}

/**
 * Erases what changes of a person told of their health. The entries of the record stay: each says that what it held was forgotten on request.
 */
export async function forgetHealth(customerId: number, transaction: Transaction): Promise<void> {
  const { Change } = tables(database());
  const rows = await Change.findAll({ where: { customerId }, transaction });
  const told = rows.filter((r) => JSON.stringify(withoutHealth(r.difference)) !== JSON.stringify(r.difference));
  if (told.length > 0) await Change.update({ difference: { forgotten: true }, salt: FORGOTTEN }, { where: { id: told.map((r) => r.id) }, transaction });
}
