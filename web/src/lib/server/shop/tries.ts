import type { ChairTimer } from '@chiave/core/chair';
import type { Transaction } from 'sequelize';
import { z } from 'zod';
import type { tryPatchSchema, trySchema } from '../../api/shop-schema';
import { KEPT, RETURNED, UNDECIDED } from '../../api/outcomes';
import type { TryRow } from '../../api/rows';
import { database, select, selectRows, tables, transacted, type FittingModel, type TryOnModel } from '../db';
import type { Answered } from '../heavy/jobs';
import { heavy } from '../heavy/pool';
import { conflict, notFound } from '../problems';
import { fittingOf, heldFitting, tryOf } from './fittings';
import { wholeAroundOf, pairOfTry, type Around } from './pairs';
import { shopToday } from './settings';
import { wholly } from '../watch/asking';

/** A pair as it is kept: with what the engine said of it. */
export type SaidOfTry = Answered<'sayOfTry'>;

/** What the engine says of a pair for a fitting's feet. @throws Problem 404, 410, 422 for a size outside the run or a help that is not for this shoe */
export async function sayOf(fittingId: number, pair: z.infer<typeof trySchema>): Promise<SaidOfTry> {
  // What is kept with a pair is what the engine says, health notes and all.
  const { tries: _tries, ...fitting } = await wholly(() => fittingOf(fittingId));
  return heavy('sayOfTry', { pair, fitting });
}

/** Carries a pair to the chair: kept with what the engine said of it at the time. @throws Problem 404, 410 */
export async function addTry(fittingId: number, said: SaidOfTry, by: string): Promise<TryRow> {
  return transacted(async (transaction) => {
    const { row: fitting } = await heldFitting(fittingId, transaction);
    return tryOf(await createTry(fitting, said, by, transaction));
  });
}

/** Writes a pair into a visit that is held, with all that is needed to learn from it again. @param postId the parcel it goes out in */
export async function createTry(
  fitting: FittingModel,
  { last, ...said }: SaidOfTry,
  by: string,
  transaction: Transaction,
  postId: number | null = null
): Promise<TryOnModel> {
  const { feetVersion, sockMm, insertMm } = fitting;
  const triedWith = { by, feetVersion: feetVersion ?? 0, sockMm: sockMm ?? 0, insertMm: insertMm ?? 0, ...last };
  return tables(database()).TryOn.create(
    { ...said, triedWith, postId, fittingId: fitting.id, felt: { left: {}, right: {} }, outcome: 'open', why: '', version: 0, createdAt: new Date() },
    { transaction }
  );
}

/** A pair tried, its fitting held. @param changesDue false where nothing becomes of it @throws Problem 404, 410 */
async function heldTry(id: number, transaction: Transaction, changesDue = true): Promise<{ row: TryOnModel; fitting: FittingModel }> {
  const { TryOn } = tables(database());
  const found = await TryOn.findByPk(id, { attributes: ['fittingId'], transaction });
  if (!found) throw notFound(`pair tried ${id}`);
  const { row: fitting } = await heldFitting(found.fittingId, transaction, 'share', changesDue);
  const row = await TryOn.findByPk(id, { transaction });
  if (!row) throw notFound(`pair tried ${id}`);
  return { row, fitting };
}

/** Notes what was felt, what became of it and why; returns the new version. @throws Problem 404, 409, 410 */
export async function saveTry(id: number, { version, excludedWhy, ...patch }: z.infer<typeof tryPatchSchema>, by: string): Promise<number> {
  const pairs = patch.outcome === undefined ? null : await forPairs(id);
  return transacted(async (transaction) => {
    const { row, fitting } = await heldTry(id, transaction, patch.outcome !== undefined);
    const now = row.version;
    if (version !== undefined && version !== now) throw conflict('this pair', version, now);
    const excluded = excludedWhy === undefined ? {} : { excluded: excludedWhy === null ? null : { by, at: new Date().toISOString(), why: excludedWhy } };
    await row.update({ ...patch, ...excluded, version: now + 1 }, { transaction });
    if (row.postId && patch.outcome) await closePost(row.postId, transaction);
    if (pairs && patch.outcome) await pairOfTry(row, { customerId: fitting.customerId, kept: patch.outcome === KEPT, today: pairs.today, by }, pairs.around, transaction); // prettier-ignore
    await fitting.update({ updatedAt: new Date() }, { transaction });
    return now + 1;
  });
}

/** What a pair that is kept is looked at with, read before anything is held. @throws Problem 404 */
async function forPairs(tryId: number): Promise<{ today: string; around: Around }> {
  const t = tables(database());
  const tried = await t.TryOn.findByPk(tryId, { attributes: ['fittingId'] });
  const fitting = tried && (await t.Fitting.findByPk(tried.fittingId, { attributes: ['customerId'] }));
  if (!fitting) throw notFound(`pair tried ${tryId}`);
  const [today, around] = await Promise.all([shopToday(), wholeAroundOf(fitting.customerId).catch(() => ({ fitting: null, styles: new Map() }))]);
  return { today, around };
}

/** Takes a pair off the list again. @throws Problem 404, 410 */
export async function removeTry(id: number, by: string): Promise<void> {
  const { today, around } = await forPairs(id);
  await transacted(async (transaction) => {
    const { row, fitting } = await heldTry(id, transaction);
    await pairOfTry(row, { customerId: fitting.customerId, kept: false, today, by }, around, transaction);
    await row.destroy({ transaction });
  });
}

/** A parcel is done when nothing of it is undecided any more; it opens again when something is. */
async function closePost(postId: number, transaction: Transaction): Promise<void> {
  const t = tables(database());
  const open = await t.TryOn.count({ where: { postId, outcome: UNDECIDED }, transaction });
  await t.Post.update({ closedOn: open > 0 ? null : new Date().toISOString().slice(0, 10) }, { where: { id: postId }, transaction });
}

/** Timers at the chair that nobody answered yet, of the last two days; none of a person who was erased. */
export async function runningTimers(): Promise<{ fittingId: number; person: string; styleId: string; timer: ChairTimer }[]> {
  const rows = await selectRows(
    tables(database()).TryOn,
    `SELECT t.*, c.name AS person FROM try_ons t JOIN fittings f ON f.id = t.fitting_id JOIN customers c ON c.id = f.customer_id
     WHERE c.erased_at IS NULL AND t.chair IS NOT NULL AND f.updated_at > :since AND JSON_LENGTH(t.chair, '$.timers') > 0`,
    { since: new Date(Date.now() - 2 * 86_400_000) }
  );
  return rows.flatMap((row) =>
    row.chair.timers
      .filter((t) => !t.answered)
      .map((timer) => ({ fittingId: row.fittingId, person: String((row.get() as unknown as { person: string }).person), styleId: row.styleId, timer }))
  );
}

/** Pairs that came back within some days, the newest first, with the reason that was given. */
export async function cameBack(days: number): Promise<{ personId: number; person: string; styleId: string; size: string; why: string; on: string }[]> {
  return select(
    z.object({ personId: z.number(), person: z.string(), styleId: z.string(), size: z.string(), why: z.string().nullable().transform((w) => w ?? ''), on: z.date().transform((d) => d.toISOString()) }), // prettier-ignore
    `SELECT c.id AS personId, c.name AS person, t.style_id AS styleId, t.size, t.why, f.updated_at AS \`on\` FROM fittings f JOIN try_ons t ON t.fitting_id = f.id JOIN customers c ON c.id = f.customer_id
     WHERE f.updated_at > :since AND t.outcome = :back AND c.erased_at IS NULL ORDER BY f.updated_at DESC LIMIT 6`,
    { since: new Date(Date.now() - days * 86_400_000), back: RETURNED }
  );
}
