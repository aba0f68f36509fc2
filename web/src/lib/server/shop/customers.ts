import type { z } from 'zod';
import type { customerSchema } from '../../api/shop-schema';
import { database, fromJson, select, tables } from '../db';
import { notFound } from '../problems';

export interface CustomerRow {
  id: number;
  name: string;
  born: number | null;
  work: string;
  story: string | null;
  fitsAs: 'women' | 'men';
  flags: string[];
}
export interface CustomerLine extends CustomerRow {
  fittings: number;
  lastSeen: string | null;
  leftMm: number | null;
  rightMm: number | null;
}

const toRow = (value: Record<string, unknown>): CustomerRow => ({
  id: Number(value.id),
  name: value.name as string,
  born: (value.born as number | null) ?? null,
  work: (value.work as string) ?? '',
  story: (value.story as string | null) ?? null,
  fitsAs: (value.fitsAs ?? value.fits_as) as 'women' | 'men',
  flags: fromJson<string[]>(value.flags)
});

/** Everyone, by name, with when they were last fitted and the lengths measured then. */
export async function allCustomers(): Promise<CustomerLine[]> {
  const rows = await select(
    `SELECT c.*, f.fittings, f.last_seen,
       (SELECT m.mm FROM foot_measures m JOIN fittings g ON g.id = m.fitting_id WHERE g.customer_id = c.id AND m.side = 'left' AND m.field = 'lengthMm' ORDER BY g.opened_at DESC LIMIT 1) AS left_mm,
       (SELECT m.mm FROM foot_measures m JOIN fittings g ON g.id = m.fitting_id WHERE g.customer_id = c.id AND m.side = 'right' AND m.field = 'lengthMm' ORDER BY g.opened_at DESC LIMIT 1) AS right_mm
     FROM customers c
     LEFT JOIN (SELECT customer_id, COUNT(*) AS fittings, MAX(opened_at) AS last_seen FROM fittings GROUP BY customer_id) f ON f.customer_id = c.id
     ORDER BY c.name`
  );
  return rows.map((row) => ({
    ...toRow(row),
    fittings: Number(row.fittings ?? 0),
    lastSeen: row.last_seen ? new Date(row.last_seen as string).toISOString() : null,
    leftMm: (row.left_mm as number | null) ?? null,
    rightMm: (row.right_mm as number | null) ?? null
  }));
}

/** One person. @throws Problem 404 */
export async function customerOf(id: number): Promise<CustomerRow> {
  const row = await tables(database()).Customer.findByPk(id);
  if (!row) throw notFound(`person ${id}`);
  return toRow(row.get({ plain: true }) as Record<string, unknown>);
}

/** Adds a person; returns the new id. */
export async function addCustomer(customer: z.infer<typeof customerSchema>): Promise<number> {
  const row = await tables(database()).Customer.create({ ...customer, createdAt: new Date() });
  return Number(row.get('id'));
}
