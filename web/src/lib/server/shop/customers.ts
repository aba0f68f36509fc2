import type { Model, ModelStatic, Transaction } from 'sequelize';
import { z } from 'zod';
import type { CustomerLine, CustomerRow, PeoplePage } from '../../api/rows';
import type { customerPatchSchema, customerSchema } from '../../api/shop-schema';
import type { Consents, consentSchema, PurposeId } from '../../api/consent';
import { BLANK_CHAIR } from '../../api/chair-schema';
import { tellsOfShoes } from '../../learn-fitting';
import { change, database, ERASED, noteDeed, TOOK_BACK, select, selectRows, tables, transacted, wordsOf, type CustomerModel } from '../db';
import { mayNow, whoAsks } from '../doors/who';
import { conflict, gone, notFound, Problem } from '../problems';
import { changesOf, forgetHealth, logChange, whatChanged } from './changes';

const moment = (value: Date | null | undefined): string | null => value?.toISOString() ?? null;

const consentsOf = ({ consentAt, consents }: CustomerModel): Consents => ({
  fitting: null,
  health: null,
  photos: null,
  reminders: null,
  ...consents,
  ...(consentAt ? { fitting: { agreed: true, at: consentAt.toISOString() } } : {})
});
/** A person as whoever asks may see them: health notes are for those who fit, and for no others. */
export function customerRowOf(row: CustomerModel): CustomerRow {
  const seen = mayNow('health');
  const whole = wholeRowOf(row);
  return seen ? whole : { ...whole, story: '', flags: [], withheld: whole.flags.length > 0 || Boolean(whole.story) };
}
const wholeRowOf = (row: CustomerModel): CustomerRow => ({
  id: row.id,
  name: row.name,
  born: row.born ?? null,
  bornMonth: row.bornMonth ?? null,
  work: row.work ?? '',
  story: row.story ?? null,
  fitsAs: row.fitsAs,
  flags: row.flags,
  withheld: false,
  version: row.version ?? 0,
  consentAt: moment(row.consentAt),
  consentNote: row.consentNote ?? '',
  consents: consentsOf(row),
  guardian: row.guardian ?? '',
  erasedAt: moment(row.erasedAt)
});

/** Which people: those found by the words typed, so many at a time. */
export interface PeopleAsked {
  search?: string;
  limit?: number;
  /** Id of the person the page begins behind. */
  after?: number;
  /** Only those of whom a foot was measured. */
  measured?: boolean;
}
export const PEOPLE_AT_ONCE = 50;
/** What of a line of people stands in no column of theirs. */
const besides = z.object({
  fittings: z.coerce.number(),
  lastSeen: z.date().nullable().transform(moment),
  leftMm: z.number().nullable(),
  rightMm: z.number().nullable()
});
/** Words that are looked for; more find nobody else. */
const MOST_WORDS = 8;

const lastMm = (side: string): string =>
  `(SELECT m.mm FROM fittings g JOIN foot_measures m ON m.fitting_id = g.id AND m.side = '${side}' AND m.field = 'lengthMm'
    WHERE g.customer_id = c.id ORDER BY g.opened_at DESC LIMIT 1)`;
/** Lines of people, each with when it was last fitted and the lengths measured then. @param people a SELECT of their rows */
async function linesOf(people: string, order: string, values: Record<string, unknown>): Promise<CustomerLine[]> {
  const rows = await selectRows(
    tables(database()).Customer,
    `SELECT c.*, (SELECT COUNT(*) FROM fittings f WHERE f.customer_id = c.id) AS fittings,
       (SELECT MAX(f.opened_at) FROM fittings f WHERE f.customer_id = c.id) AS lastSeen,
       ${lastMm('left')} AS leftMm, ${lastMm('right')} AS rightMm
     FROM (${people}) c ORDER BY ${order}`,
    values
  );
  return rows.map((row) => ({ ...customerRowOf(row), ...besides.parse(row.get()) }));
}

/** Visits looked through for each person listed: somebody who came many times lately must not hide the others. */
const VISITS_EACH = 20;
/** Who was here last, that one first; none who was erased. */
export const seenLast = (limit: number): Promise<CustomerLine[]> =>
  linesOf(
    `SELECT c.* FROM customers c JOIN (SELECT v.customer_id, MAX(v.opened_at) AS seen
         FROM (SELECT customer_id, opened_at FROM fittings ORDER BY opened_at DESC LIMIT :most) v GROUP BY v.customer_id) f
       ON f.customer_id = c.id WHERE c.erased_at IS NULL ORDER BY f.seen DESC LIMIT :limit`,
    'lastSeen DESC, c.id',
    { limit, most: VISITS_EACH * limit }
  );

/**
 * People by name, a page at a time, with when they were last fitted and the lengths measured then; those who were erased are
 * not listed. What is looked for are the beginnings of words in name, work and, for those who may read it, story, all of them.
 */
export async function peoplePage({ search = '', limit = PEOPLE_AT_ONCE, after, measured = false }: PeopleAsked = {}): Promise<PeoplePage> {
  const words = wordsOf(search).slice(0, MOST_WORDS);
  const values: Record<string, unknown> = { limit: limit + 1, after: after ?? 0 };
  words.forEach((word, i) => (values[`word${i}`] = `${word.replace(/[\\%_]/g, '\\$&')}%`));
  // Nobody learns of somebody's health by looking for it.
  const seen = mayNow('health') ? '' : ' AND w.of_health = 0';
  const found = [
    'c.erased_at IS NULL',
    ...words.map((_, i) => `c.id IN (SELECT w.customer_id FROM customer_words w WHERE w.word LIKE :word${i}${seen})`),
    ...(measured ? ["EXISTS (SELECT 1 FROM fittings f JOIN foot_measures m ON m.fitting_id = f.id AND m.field = 'lengthMm' WHERE f.customer_id = c.id)"] : [])
  ].join(' AND ');
  const behind = after === undefined ? '' : 'AND (c.name, c.id) > (SELECT p.name, p.id FROM customers p WHERE p.id = :after)';
  const [rows, [{ total }]] = await Promise.all([
    linesOf(`SELECT c.* FROM customers c WHERE ${found} ${behind} ORDER BY c.name, c.id LIMIT :limit`, 'c.name, c.id', values),
    select(z.object({ total: z.coerce.number() }), `SELECT COUNT(*) AS total FROM customers c WHERE ${found}`, values)
  ]);
  const customers = rows.slice(0, limit);
  return { customers, next: rows.length > limit ? customers.at(-1)!.id : null, total };
}

/** One person. @throws Problem 404 */
export async function customerOf(id: number): Promise<CustomerRow> {
  const row = await tables(database()).Customer.findByPk(id);
  if (!row) throw notFound(`person ${id}`);
  return customerRowOf(row);
}

/**
 * A person held for a write to what is kept with them.
 * @param changesDue false where nothing is written that what is due goes by
 * @throws Problem 404, 410 when they were erased
 */
export async function heldPerson(id: number, transaction: Transaction, how: 'share' | 'update', changesDue = true): Promise<CustomerModel> {
  const row = await tables(database()).Customer.findByPk(id, { transaction, lock: how === 'share' ? transaction.LOCK.SHARE : transaction.LOCK.UPDATE });
  if (!row) throw notFound(`person ${id}`);
  if (row.erasedAt) throw gone(`Person ${id}`);
  if (changesDue) await change(STALE, { id });
  return row;
}
/** Whoever writes to a person changes what is due of them: it is reckoned anew. */
const STALE =
  "INSERT INTO due_people (customer_id, next_on, sort_on, stale) VALUES (:id, '', '', 1) ON DUPLICATE KEY UPDATE next_on = '', sort_on = '', stale = stale + 1";

/** What is kept with a person: whose it is, and how often it was changed. */
type OfPerson = Model & { customerId: number; version?: number | null };
/**
 * A row that hangs on a person, held for writing, the person held against being erased meanwhile.
 * @param what what it is called: “occasion”
 * @param seen the version that was seen; another one now is a conflict
 * @throws Problem 404, 409, 410
 */
export async function heldOf<M extends OfPerson>(model: ModelStatic<M>, id: number, what: string, transaction: Transaction, seen?: number): Promise<M> {
  const before = await model.findByPk(id, { transaction });
  if (!before) throw notFound(`${what} ${id}`);
  await heldPerson(before.customerId, transaction, 'share');
  const row = await model.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
  if (!row) throw notFound(`${what} ${id}`);
  const now = row.version ?? 0;
  if (seen !== undefined && seen !== now) throw conflict(`this ${what}`, seen, now);
  return row;
}

/** What stands for a person of whom only the name was told. */
const UNTOLD = { born: null, bornMonth: null, fitsAs: 'women', work: '', story: '', flags: [], consentNote: '', guardian: '' } satisfies Partial<CustomerRow>;

/** What tells of health. */
type Health = { flags?: readonly unknown[]; story?: string | null };
/**
 * Leaves health notes as they are where whoever writes may not see them: a form of theirs shows none, and must not wipe them out.
 * @throws Problem 403 where they write some
 */
export function withoutHealth<P extends Health>(patch: P): P {
  if (mayNow('health')) return patch;
  for (const field of ['flags', 'story'] as const)
    if ((patch[field]?.length ?? 0) > 0) throw new Problem(403, 'Not for you', 'Health notes are written by those who fit: ask a fitter.', [{ path: field, message: 'a fitter writes this' }]); // prettier-ignore
  const { flags: _flags, story: _story, ...rest } = patch;
  return rest as P;
}

/** Adds a person; returns the new id. */
export async function addCustomer({ consent, ...asked }: z.infer<typeof customerSchema>, by: string): Promise<number> {
  const customer = withoutHealth(asked);
  return transacted(async (transaction) => {
    const now = new Date();
    const row = await tables(database()).Customer.create(
      { ...UNTOLD, ...customer, consentAt: consent ? now : null, createdAt: now, version: 0 },
      { transaction }
    );
    const id = Number(row.id);
    await logChange({ by, customerId: id, what: 'added', changed: { name: customer.name } }, transaction);
    return id;
  });
}

/** Changes what is kept of a person; returns the new version. @throws Problem 404, 409, 410 */
export async function changeCustomer(id: number, { version, consent, ...typed }: z.infer<typeof customerPatchSchema>, by: string): Promise<number> {
  const patch = withoutHealth(typed);
  return transacted(async (transaction) => {
    const row = await heldPerson(id, transaction, 'update');
    const before = wholeRowOf(row);
    if (version !== undefined && version !== before.version) throw conflict('this person', version, before.version);
    const consented = consent === undefined ? {} : { consentAt: consent ? new Date() : null };
    await row.update({ ...patch, ...consented, version: before.version + 1 }, { transaction });
    const asked = consent === undefined ? patch : { ...patch, consent };
    await logChange({ by, customerId: id, what: 'person', changed: whatChanged({ ...before, consent: before.consentAt !== null }, asked) }, transaction);
    return before.version + 1;
  });
}

/** What taking a purpose back erases at once, by purpose. */
const TAKEN_BACK: Partial<Record<PurposeId, (id: number, row: CustomerModel, transaction: Transaction) => Promise<unknown>>> = {
  health: async (id, row, transaction) => {
    const t = tables(database());
    const kept = { where: { customerId: id }, transaction };
    await row.update({ flags: [], story: '' }, { transaction });
    await t.Fitting.update({ trouble: '' }, kept);
    await t.Trouble.destroy(kept);
    await t.FeetLooked.destroy(kept);
    // What was noted of it in the record of changes goes too; that something was, stays.
    await forgetHealth(id, transaction);
  },
  photos: async (id, _row, transaction) => {
    const t = tables(database());
    const fittings = (await t.Fitting.findAll({ where: { customerId: id }, attributes: ['id'], transaction })).map((f) => f.id);
    await t.Tracing.destroy({ where: { fittingId: fittings }, transaction });
    for (const pair of await t.Pair.findAll({ where: { customerId: id }, transaction, lock: transaction.LOCK.UPDATE }))
      if (pair.body?.photo) await pair.update({ body: { ...pair.body, photo: '' }, version: pair.version + 1 }, { transaction });
  }
};
/** Notes what somebody agrees to or takes back. Taken back, what was kept for it is erased at once. @throws Problem 404, 410 */
export async function answerConsent(id: number, { purpose, agreed }: z.infer<typeof consentSchema>, by: string): Promise<number> {
  return transacted(async (transaction) => {
    const row = await heldPerson(id, transaction, 'update');
    const at = new Date();
    const erases = agreed ? undefined : TAKEN_BACK[purpose];
    // What is agreed to is no change of what a form shows; what is erased is.
    const version = row.version + (erases ? 1 : 0);
    await row.update({ consents: { ...row.consents, [purpose]: { agreed, at: at.toISOString() } }, ...(purpose === 'fitting' ? { consentAt: agreed ? at : null } : {}), version }, { transaction }); // prettier-ignore
    await erases?.(id, row, transaction);
    await logChange({ by, customerId: id, what: agreed ? 'agreed to' : TOOK_BACK, changed: { now: { purpose } } }, transaction);
    return version;
  });
}

/** What stays when someone is erased: lengths and what fitted, so that lasts keep what they taught; nobody can be found by it. */
const ANONYMOUS = {
  name: 'erased',
  work: '',
  story: null,
  born: null,
  bornMonth: null,
  flags: [],
  consentAt: null,
  consentNote: '',
  consents: {},
  guardian: ''
};
const WORDS_OF_A_FITTING = { purpose: '', wearingNow: '', trouble: '', note: '', looked: {}, weightKg: null, feetWeightKg: null };

/**
 * Erases one person on request: name, story, health flags, words, tracings, occasions, pairs and what is kept with them, what the pointe bench keeps and the record of changes go;
 * measures and tries stay without a name. Cannot be taken back. @throws Problem 404, 410
 */
export async function eraseCustomer(id: number): Promise<void> {
  const t = tables(database());
  await transacted(async (transaction) => {
    const row = await heldPerson(id, transaction, 'update');
    const before = wholeRowOf(row);
    await row.update({ ...ANONYMOUS, erasedAt: new Date(), version: row.version + 1 }, { transaction });
    const fittings = (await t.Fitting.findAll({ where: { customerId: id }, attributes: ['id'], transaction })).map((f) => f.id);
    await t.Fitting.update(WORDS_OF_A_FITTING, { where: { customerId: id }, transaction });
    const theirs = { where: { fittingId: fittings }, transaction };
    await t.FootMeasure.update({ typed: '', takenBy: '', readings: [] }, theirs);
    await t.InstrumentReading.destroy(theirs);
    await t.FootFeature.update({ posture: null, print: null }, theirs);
    await t.Tracing.destroy(theirs);
    // What somebody said of shoes goes on teaching the shop only if they agreed, and never what feet said that feel little.
    const told = tellsOfShoes({ customer: before }) && before.consentAt !== null;
    await t.TryOn.update({ why: '', said: '', chair: BLANK_CHAIR, ...(told ? {} : { felt: { left: {}, right: {} } }) }, theirs);
    const kept = { where: { customerId: id }, transaction };
    await Promise.all([
      t.KnownShoe.destroy(kept),
      t.Post.destroy(kept),
      t.Occasion.destroy(kept),
      t.PointeDancer.destroy(kept),
      t.PointePair.destroy(kept),
      t.PointeBarre.destroy(kept),
      t.Pair.destroy(kept),
      t.EventAhead.destroy(kept),
      t.Appointment.destroy(kept),
      t.Wish.destroy(kept),
      t.Trouble.destroy(kept),
      t.FeetLooked.destroy(kept),
      t.DueAnswer.destroy(kept),
      t.DuePerson.destroy(kept),
      t.SaidAnswer.destroy(kept)
    ]);
    await t.Change.destroy({ where: { customerId: id }, transaction });
    const who = whoAsks();
    noteDeed(
      { accountId: who?.accountId ?? null, by: who?.name ?? '', what: ERASED, subject: `/customers/${id}`, customerId: id, difference: null },
      transaction
    );
  });
}

/** The changes of one person, newest first. @throws Problem 404 */
export async function historyOf(id: number): ReturnType<typeof changesOf> {
  await customerOf(id);
  return changesOf(id);
}
