import type { Transaction } from 'sequelize';
import type { ChangeRow } from '../../api/rows';
import { database, tables } from '../db';

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
  change: { by: string; customerId: number; what: string; changed: Record<string, unknown> },
  transaction: Transaction
): Promise<void> {
  if (Object.keys(change.changed).length === 0) return;
  const { by, changed, ...rest } = change;
  await tables(database()).Change.create({ ...rest, difference: changed, byWhom: by.slice(0, 60), at: new Date() }, { transaction });
}

/** Changes of one person, newest first. */
export async function changesOf(customerId: number, limit = 200): Promise<ChangeRow[]> {
  const rows = await tables(database()).Change.findAll({ where: { customerId }, order: [['id', 'DESC']], limit });
  return rows.map(({ at, byWhom, what, difference }) => ({ at: at.toISOString(), by: byWhom, what, changed: difference }));
}
