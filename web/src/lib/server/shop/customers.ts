import type { z } from 'zod';
import type { customerPatchSchema, customerSchema } from '../../api/shop-schema';
import { database, fromJson, select, tables } from '../db';
import { conflict, notFound } from '../problems';
import { changesOf, logChange } from './changes';

export interface CustomerRow {
  id: number;
  name: string;
  born: number | null;
  bornMonth: number | null;
  work: string;
  story: string | null;
  fitsAs: 'women' | 'men';
  flags: string[];
  version: number;
  /** When the person agreed that this is kept; null while it has not been asked. */
  consentAt: string | null;
  consentNote: string;
  erasedAt: string | null;
}
export interface CustomerLine extends CustomerRow {
  fittings: number;
  lastSeen: string | null;
  leftMm: number | null;
  rightMm: number | null;
}

const moment = (value: unknown): string | null => (value ? new Date(value as string).toISOString() : null);

const toRow = (value: Record<string, unknown>): CustomerRow => ({
  id: Number(value.id),
  name: value.name as string,
  born: (value.born as number | null) ?? null,
  bornMonth: ((value.bornMonth ?? value.born_month) as number | null) ?? null,
  work: (value.work as string) ?? '',
  story: (value.story as string | null) ?? null,
  fitsAs: (value.fitsAs ?? value.fits_as) as 'women' | 'men',
  flags: fromJson<string[]>(value.flags),
  version: Number(value.version),
  consentAt: moment(value.consentAt ?? value.consent_at),
  consentNote: ((value.consentNote ?? value.consent_note) as string | null) ?? '',
  erasedAt: moment(value.erasedAt ?? value.erased_at)
});
const plain = (row: { get: (how: { plain: true }) => unknown }): CustomerRow => toRow(row.get({ plain: true }) as Record<string, unknown>);

/** Everyone, by name, with when they were last fitted and the lengths measured then; those who were erased are not listed. */
export async function allCustomers(): Promise<CustomerLine[]> {
  const rows = await select(
    `SELECT c.*, f.fittings, f.last_seen,
       (SELECT m.mm FROM foot_measures m JOIN fittings g ON g.id = m.fitting_id WHERE g.customer_id = c.id AND m.side = 'left' AND m.field = 'lengthMm' ORDER BY g.opened_at DESC LIMIT 1) AS left_mm,
       (SELECT m.mm FROM foot_measures m JOIN fittings g ON g.id = m.fitting_id WHERE g.customer_id = c.id AND m.side = 'right' AND m.field = 'lengthMm' ORDER BY g.opened_at DESC LIMIT 1) AS right_mm
     FROM customers c
     LEFT JOIN (SELECT customer_id, COUNT(*) AS fittings, MAX(opened_at) AS last_seen FROM fittings GROUP BY customer_id) f ON f.customer_id = c.id
     WHERE c.erased_at IS NULL
     ORDER BY c.name`
  );
  return rows.map((row) => ({
    ...toRow(row),
    fittings: Number(row.fittings ?? 0),
    lastSeen: moment(row.last_seen),
    leftMm: (row.left_mm as number | null) ?? null,
    rightMm: (row.right_mm as number | null) ?? null
  }));
}

/** One person. @throws Problem 404 */
export async function customerOf(id: number): Promise<CustomerRow> {
  const row = await tables(database()).Customer.findByPk(id);
  if (!row) throw notFound(`person ${id}`);
  return plain(row);
}

/** What stands for a person of whom only the name was told. */
const UNTOLD = { born: null, bornMonth: null, fitsAs: 'women', work: '', story: '', flags: [], consentNote: '' };

/** Adds a person; returns the new id. */
export async function addCustomer({ consent, ...customer }: z.infer<typeof customerSchema>, by: string): Promise<number> {
  return database().transaction(async (transaction) => {
    const now = new Date();
    const row = await tables(database()).Customer.create(
      { ...UNTOLD, ...customer, consentAt: consent ? now : null, createdAt: now, version: 0 },
      { transaction }
    );
    const id = Number(row.get('id'));
    await logChange({ by, customerId: id, what: 'added', changed: { name: customer.name } }, transaction);
    return id;
  });
}

/** Changes what is kept of a person; returns the new version. @throws Problem 404, 409 */
export async function changeCustomer(id: number, { version, consent, ...patch }: z.infer<typeof customerPatchSchema>, by: string): Promise<number> {
  return database().transaction(async (transaction) => {
    const row = await tables(database()).Customer.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
    if (!row || row.get('erasedAt')) throw notFound(`person ${id}`);
    const before = plain(row);
    if (version !== undefined && version !== before.version) throw conflict('this person', version, before.version);
    const consented = consent === undefined ? {} : { consentAt: consent ? new Date() : null };
    await row.update({ ...patch, ...consented, version: before.version + 1 }, { transaction });
    const was = Object.fromEntries(Object.keys(patch).map((key) => [key, before[key as keyof CustomerRow]]));
    await logChange({ by, customerId: id, what: 'person', changed: { was, now: { ...patch, ...(consent === undefined ? {} : { consent }) } } }, transaction);
    return before.version + 1;
  });
}

/** What stays when someone is erased: lengths and what fitted, so that lasts keep what they taught; nobody can be found by it. */
const ANONYMOUS = { name: 'erased', work: '', story: null, born: null, bornMonth: null, flags: [], consentAt: null, consentNote: '' };
const WORDS_OF_A_FITTING = { purpose: '', wearingNow: '', trouble: '', note: '', looked: {}, weightKg: null, feetWeightKg: null };

/**
 * Erases one person on request: name, story, health flags, words, tracings and the record of changes go; measures and tries
 * stay without a name. Cannot be taken back. @throws Problem 404
 */
export async function eraseCustomer(id: number): Promise<void> {
  const t = tables(database());
  await database().transaction(async (transaction) => {
    const row = await t.Customer.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
    if (!row || row.get('erasedAt')) throw notFound(`person ${id}`);
    await row.update({ ...ANONYMOUS, erasedAt: new Date(), version: (row.get('version') as number) + 1 }, { transaction });
    const fittings = (await t.Fitting.findAll({ where: { customerId: id }, attributes: ['id'], transaction })).map((f) => f.get('id') as number);
    await t.Fitting.update(WORDS_OF_A_FITTING, { where: { customerId: id }, transaction });
    const theirs = { where: { fittingId: fittings }, transaction };
    await t.FootMeasure.update({ typed: '', takenBy: '', readings: null }, theirs);
    await t.FootFeature.update({ posture: null, print: null }, theirs);
    await t.Tracing.destroy(theirs);
    await t.TryOn.update({ why: '', said: '' }, theirs);
    await t.Change.destroy({ where: { customerId: id }, transaction });
  });
}

/** The changes of one person, newest first. @throws Problem 404 */
export async function historyOf(id: number): ReturnType<typeof changesOf> {
  await customerOf(id);
  return changesOf(id);
}
