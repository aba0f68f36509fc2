import type { Transaction } from 'sequelize';
import { database, fromJson, tables } from '../db';

/** Who changed what and when, kept with the person it concerns and erased with them. */
export interface ChangeRow {
  at: string;
  by: string;
  what: string;
  changed: unknown;
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/** Fields of a patch that differ from what stood there: what they were and what they are; nothing when none does. */
export function whatChanged(before: Readonly<Record<string, unknown>>, patch: Readonly<Record<string, unknown>>): { was?: object; now?: object } {
  const asIs = (value: unknown): unknown => {
    // JSON columns come back as text or parsed.
    try {
      return typeof value === 'string' && /^[[{]/.test(value) ? JSON.parse(value) : value;
    } catch {
      return value;
    }
  };
  const changed = Object.keys(patch).filter((key) => !same(asIs(before[key]), patch[key]));
  if (changed.length === 0) return {};
  return { was: Object.fromEntries(changed.map((key) => [key, asIs(before[key]) ?? null])), now: Object.fromEntries(changed.map((key) => [key, patch[key]])) };
}

/** Writes one change, within the transaction that makes it. A save that changed nothing leaves no line. */
export async function logChange(change: { by: string; customerId: number; what: string; changed: object }, transaction: Transaction): Promise<void> {
  if (Object.keys(change.changed).length === 0) return;
  const { by, ...rest } = change;
  await tables(database()).Change.create({ ...rest, byWhom: by.slice(0, 60), at: new Date() }, { transaction });
}

/** Changes of one person, newest first. */
export async function changesOf(customerId: number, limit = 200): Promise<ChangeRow[]> {
  const rows = await tables(database()).Change.findAll({ where: { customerId }, order: [['id', 'DESC']], limit });
  return rows.map((row) => ({
    at: new Date(row.get('at') as string).toISOString(),
    by: row.get('byWhom') as string,
    what: row.get('what') as string,
    changed: fromJson(row.get('changed'))
  }));
}
