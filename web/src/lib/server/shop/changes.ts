import type { Transaction } from 'sequelize';
import { database, fromJson, tables } from '../db';

/** Who changed what and when, kept with the person it concerns and erased with them. */
export interface ChangeRow {
  at: string;
  by: string;
  what: string;
  changed: unknown;
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
