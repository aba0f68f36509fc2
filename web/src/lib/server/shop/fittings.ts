import { LOADS, SIDES, WAYS, type TakenId } from '@chiave/core/measure';
import type { Transaction } from 'sequelize';
import { z } from 'zod';
import { emptySide, FEATURE_IDS, featuresOf, TAKEN_IDS, type FeetBody, type TakenValue } from '../../api/foot-schema';
import type { FittingRow, TryRow } from '../../api/rows';
import type { feetSchema, fittingPatchSchema } from '../../api/shop-schema';
import { KEPT, UNDECIDED } from '../../api/outcomes';
import { idOf } from '../../api/values';
import { database, isFigure, oneOf, Op, readingsOf, select, tables, transacted } from '../db';
import type { FittingModel, FootFeatureModel, FootMeasureModel, TryOnModel } from '../db';
import { conflict, gone, notFound } from '../problems';
import { logChange, whatChanged } from './changes';
import { mayNow } from '../doors/who';
import { customerOf, customerRowOf, heldPerson, withoutHealth } from './customers';
import { allPulls } from './pulls';
import { targetsOfShop } from './settings';
import { correctionsOfShop, noteInstruments, type NotedMeasure } from './instruments';
import { lastOutlines } from './tracings';

const TAKEN = new Set<string>(TAKEN_IDS);
const isTaken = (id: string): id is TakenId => TAKEN.has(id);

/** A value with how it was taken. The row is plain: what stands as JSON in it is read here. */
const valueOf = ({ mm, typed, how, sd, takenAt, takenBy, under, sockMm, readings }: FootMeasureModel): TakenValue => ({
  mm,
  typed,
  how: oneOf(how, idOf(WAYS), 'tape'),
  ...(sd === null ? {} : { sdMm: sd }),
  at: takenAt ? new Date(takenAt).toISOString() : null,
  by: takenBy,
  under: oneOf(under, idOf(LOADS), 'standing'),
  sockMm,
  readings: readingsOf(readings)
});

function feetOf(measures: readonly FootMeasureModel[], features: readonly FootFeatureModel[]): FeetBody {
  const feet: FeetBody = { left: emptySide(), right: emptySide() };
  for (const m of measures) if (SIDES.includes(m.side) && isTaken(m.field) && isFigure(m.mm)) feet[m.side].values[m.field] = valueOf(m);
  for (const f of features) if (SIDES.includes(f.side)) Object.assign(feet[f.side], featuresOf(f));
  return feet;
}

/** A pair tried, from its row. */
export const tryOf = (row: TryOnModel): TryRow => ({
  id: row.id,
  fittingId: row.fittingId,
  styleId: row.styleId,
  size: row.size,
  width: row.width,
  put: row.putIn,
  felt: row.felt,
  outcome: row.outcome,
  why: row.why ?? '',
  verdict: row.verdict,
  probability: row.probability,
  said: row.said ?? '',
  engine: row.engine,
  chair: row.chair,
  reason: row.reason,
  told: row.told,
  triedWith: row.triedWith,
  excluded: row.excluded,
  postId: row.postId ?? null,
  version: row.version ?? 0,
  createdAt: row.createdAt.toISOString()
});

interface Parts {
  measures: FootMeasureModel[];
  features: FootFeatureModel[];
  tries: TryOnModel[];
  outlines: FittingRow['outlines'];
}
/** What stands around every visit of a person: who they are, and what the shop goes by. */
type Around = Pick<FittingRow, 'customer' | 'shopTargets' | 'shopInstruments' | 'shopPulls'>;
async function aroundOf(customerId: number): Promise<Around> {
  const [customer, shopTargets, shopInstruments, shopPulls] = await Promise.all([customerOf(customerId), targetsOfShop(), correctionsOfShop(), allPulls()]);
  return { customer, shopTargets, shopInstruments, shopPulls };
}
const fittingRow = (
  row: FittingModel,
  { measures, features, tries, outlines }: Parts,
  { customer, shopTargets, shopInstruments, shopPulls }: Around
): FittingRow => ({
  id: row.id,
  openedAt: row.openedAt.toISOString(),
  updatedAt: row.updatedAt.toISOString(),
  purpose: row.purpose,
  kinds: row.kinds,
  sockMm: row.sockMm,
  insertMm: row.insertMm,
  preference: row.preference,
  ground: row.ground,
  measuredAt: row.measuredAt ?? '',
  wornAt: row.wornAt ?? '',
  breakIn: row.breakIn,
  roomSchool: row.roomSchool,
  betweenSchool: row.betweenSchool,
  shopTargets,
  shopInstruments,
  shopPulls,
  population: row.population,
  wearingNow: row.wearingNow ?? '',
  // What hurts is for those who fit.
  trouble: mayNow('fit') ? (row.trouble ?? '') : '',
  looked: row.looked,
  note: mayNow('fit') ? (row.note ?? '') : '',
  feet: feetOf(measures, features),
  tries: tries.map(tryOf),
  customer,
  version: row.version,
  feetVersion: row.feetVersion,
  measuredLoad: row.measuredLoad,
  measuredSockMm: row.measuredSockMm,
  measuredWarm: row.measuredWarm,
  wornWarm: row.wornWarm,
  weightKg: row.weightKg ?? null,
  feetWeightKg: row.feetWeightKg ?? null,
  stateOff: row.stateOff,
  bouts: row.bouts,
  use: row.use,
  outlines
});

function byFitting<R extends { fittingId: number }>(rows: readonly R[]): Map<number, R[]> {
  const found = new Map<number, R[]>();
  for (const row of rows) {
    const own = found.get(row.fittingId);
    if (own) own.push(row);
    else found.set(row.fittingId, [row]);
  }
  return found;
}

/** Measures, features, tries and traced outlines of some visits; each kind is asked for by itself, since one join would multiply them. */
async function partsOf(rows: readonly FittingModel[]): Promise<(id: number) => Parts> {
  const t = tables(database());
  const where = { fittingId: rows.map((row) => row.id) };
  const order: [string, string][] = [['fittingId', 'ASC']];
  const [measures, features, tries, outlines] = await Promise.all([
    // Hundreds of values: plain rows are read much faster than models.
    t.FootMeasure.findAll({ where, order, raw: true }).then(byFitting),
    t.FootFeature.findAll({ where, order }).then(byFitting),
    t.TryOn.findAll({ where, order: [['id', 'ASC']] }).then(byFitting),
    lastOutlines(where.fittingId)
  ]);
  return (id) => ({
    measures: measures.get(id) ?? [],
    features: features.get(id) ?? [],
    tries: tries.get(id) ?? [],
    outlines: outlines.get(id) ?? { left: null, right: null }
  });
}
/** Rows with all that hangs on them. */
async function withParts(rows: readonly FittingModel[], around: Around): Promise<FittingRow[]> {
  if (rows.length === 0) return [];
  const parts = await partsOf(rows);
  return rows.map((row) => fittingRow(row, parts(row.id), around));
}

/** One fitting with its feet and what was tried. @throws Problem 404, 410 when the person was erased */
export async function fittingOf(id: number): Promise<FittingRow> {
  const row = await tables(database()).Fitting.findByPk(id);
  if (!row) throw notFound(`fitting ${id}`);
  const around = await aroundOf(row.customerId);
  if (around.customer.erasedAt) throw gone(`The person of fitting ${id}`);
  return (await withParts([row], around))[0];
}

/** Which fittings of a person: at most so many, those opened before another one. */
export interface FittingsPage {
  limit?: number;
  /** Id of the fitting the page begins behind. */
  after?: number;
}

/** Fittings of a person, newest first; all of them, or a page. */
export async function fittingsOf(customerId: number, { limit, after }: FittingsPage = {}): Promise<FittingRow[]> {
  const { Fitting } = tables(database());
  const [around, last] = await Promise.all([aroundOf(customerId), after === undefined ? null : Fitting.findByPk(after)]);
  const openedAt = last?.openedAt;
  const behind = openedAt ? { [Op.or]: [{ openedAt: { [Op.lt]: openedAt } }, { openedAt, id: { [Op.lt]: after } }] } : {};
  const rows = await Fitting.findAll({
    where: { customerId, ...behind },
    order: [
      ['openedAt', 'DESC'],
      ['id', 'DESC']
    ],
    limit
  });
  return withParts(rows, around);
}

const DAY_MS = 86_400_000;
/** A visit that nobody went on with for so long stands with its person only. */
const FORGOTTEN_DAYS = 180;
/** Fittings that go on: nothing is kept, and nothing was tried yet or something is not decided. The one opened last first; none of a person who was erased. */
export async function openFittings(limit: number): Promise<FittingRow[]> {
  const ids = await select(
    z.object({ id: z.number() }),
    `SELECT f.id FROM fittings f JOIN customers c ON c.id = f.customer_id
     WHERE c.erased_at IS NULL AND f.opened_at > :since
       AND NOT EXISTS (SELECT 1 FROM try_ons t WHERE t.fitting_id = f.id AND t.outcome = :kept)
       AND (NOT EXISTS (SELECT 1 FROM try_ons t WHERE t.fitting_id = f.id)
         OR EXISTS (SELECT 1 FROM try_ons t WHERE t.fitting_id = f.id AND t.outcome = :undecided))
     ORDER BY f.opened_at DESC, f.id DESC LIMIT :limit`,
    { limit, undecided: UNDECIDED, kept: KEPT, since: new Date(Date.now() - FORGOTTEN_DAYS * DAY_MS) }
  );
  return Promise.all(ids.map(({ id }) => fittingOf(id)));
}

/** The fitting of a row that something hangs on, held for writing, its person held against being erased meanwhile. */
export interface HeldFitting {
  row: FittingModel;
  customerId: number;
}
/**
 * Every write to a fitting begins here. The person is held first, as erasing does, so that the two cannot wait for each other.
 * @param person 'share' lets two fittings of one person be written at once, 'update' is for a write to the person too
 * @param changesDue false where nothing is written that what is due goes by: of a visit that is a measured length and the weight
 * @throws Problem 404, 410 when the person was erased
 */
export async function heldFitting(id: number, transaction: Transaction, person: 'share' | 'update' = 'share', changesDue = true): Promise<HeldFitting> {
  const t = tables(database());
  const found = await t.Fitting.findByPk(id, { attributes: ['customerId'], transaction });
  if (!found) throw notFound(`fitting ${id}`);
  const customerId = found.customerId;
  await heldPerson(customerId, transaction, person, changesDue);
  const row = await t.Fitting.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
  if (!row) throw notFound(`fitting ${id}`);
  return { row, customerId };
}

/** Opens a fitting; what the shoes are for, sock and insert are carried over from the last visit, the feet are measured and looked at anew. @throws Problem 404, 410 */
export async function openFitting(customerId: number): Promise<number> {
  const { Fitting } = tables(database());
  return transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const last = await Fitting.findOne({ where: { customerId }, order: [['openedAt', 'DESC']], transaction });
    const now = new Date();
    const row = await Fitting.create(
      {
        customerId,
        openedAt: now,
        updatedAt: now,
        purpose: '',
        kinds: last?.kinds ?? [],
        sockMm: last?.sockMm ?? 0,
        insertMm: last?.insertMm ?? 0,
        preference: last?.preference ?? 'regular',
        population: last?.population ?? 'general',
        use: last ? { ...last.use, looks: {} } : undefined,
        looked: {}
      },
      { transaction }
    );
    return Number(row.id);
  });
}

/** Saves what was asked and seen; returns the new version. @throws Problem 404, 409, 410 */
export async function saveFitting(id: number, asked: z.infer<typeof fittingPatchSchema>, by: string): Promise<number> {
  const { flags, version, ...patch } = withoutHealth(asked);
  const t = tables(database());
  return transacted(async (transaction) => {
    const { row, customerId } = await heldFitting(id, transaction, flags ? 'update' : 'share', flags !== undefined || patch.weightKg !== undefined);
    const now = row.version;
    if (version !== undefined && version !== now) throw conflict('this fitting', version, now);
    // A copy: what is changed in the row afterwards does not change it.
    const before = structuredClone(row.get({ plain: true }));
    const had = flags ? { flags: (await customerOf(customerId)).flags } : {};
    await row.update({ ...patch, version: now + 1, updatedAt: new Date() }, { transaction });
    if (flags) await t.Customer.update({ flags }, { where: { id: customerId }, transaction });
    const changed = whatChanged({ ...before, ...had }, flags ? { ...patch, flags } : patch);
    await logChange({ by, customerId, what: `fitting ${id}`, changed }, transaction);
    return now + 1;
  });
}

const measuresOf = (fittingId: number, transaction: Transaction): Promise<NotedMeasure[]> =>
  tables(database()).FootMeasure.findAll({
    where: { fittingId },
    attributes: ['side', 'field', 'mm', 'how', 'takenAt', 'under', 'sockMm'],
    raw: true,
    transaction
  });

const MEASURE_COLUMNS = ['mm', 'typed', 'how', 'sd', 'takenAt', 'takenBy', 'under', 'sockMm', 'readings'] as const;

/**
 * Writes both feet of a fitting in place of what it had, within a transaction that holds the fitting. Rows are written over
 * and only those taken away that were there: deleting first would lock the gaps in which new fittings put theirs.
 * @param there measures the fitting has now
 */
export async function writeFeet(
  fittingId: number,
  feet: FeetBody,
  there: readonly Pick<NotedMeasure, 'side' | 'field'>[],
  transaction: Transaction
): Promise<void> {
  const t = tables(database());
  const measures = SIDES.flatMap((side) =>
    Object.entries(feet[side].values).map(([field, { mm, typed, how, sdMm, at, by: takenBy, under, sockMm, readings }]) => ({
      fittingId,
      side,
      field,
      mm,
      typed,
      how,
      sd: sdMm ?? null,
      takenAt: at ? new Date(at) : null,
      takenBy,
      under,
      sockMm,
      readings
    }))
  );
  const features = SIDES.map((side) => ({ fittingId, side, ...featuresOf(feet[side]) }));
  for (const side of SIDES) {
    const missing = there.filter((m) => m.side === side && !(m.field in feet[side].values)).map((m) => m.field);
    if (missing.length > 0) await t.FootMeasure.destroy({ where: { fittingId, side, field: missing }, transaction });
  }
  if (measures.length > 0) await t.FootMeasure.bulkCreate(measures, { transaction, updateOnDuplicate: [...MEASURE_COLUMNS] });
  await t.FootFeature.bulkCreate(features, { transaction, updateOnDuplicate: [...FEATURE_IDS] });
}

/** Saves both feet as they were measured, replacing what this fitting had; all or nothing. Returns the new version. @throws Problem 404, 409, 410 */
export async function saveFeet(id: number, { version, ...feet }: z.infer<typeof feetSchema>, by: string): Promise<number> {
  return transacted(async (transaction) => {
    const { row, customerId } = await heldFitting(id, transaction);
    const now = row.feetVersion;
    if (version !== undefined && version !== now) throw conflict('these feet', version, now);
    const before = await measuresOf(id, transaction);
    await writeFeet(id, feet, before, transaction);
    await noteInstruments({ fittingId: id, openedAt: row.openedAt }, feet, before, transaction);
    await row.update({ updatedAt: new Date(), feetVersion: now + 1 }, { transaction });
    const was: Record<string, number> = Object.fromEntries(before.map((m) => [`${m.side}.${m.field}`, m.mm]));
    const then: Record<string, number> = Object.fromEntries(SIDES.flatMap((side) => Object.entries(feet[side].values).map(([f, v]) => [`${side}.${f}`, v.mm])));
    const changed = Object.fromEntries(
      [...new Set([...Object.keys(was), ...Object.keys(then)])].filter((k) => was[k] !== then[k]).map((k) => [k, [was[k] ?? null, then[k] ?? null]])
    );
    await logChange({ by, customerId, what: `feet of fitting ${id}`, changed }, transaction);
    return now + 1;
  });
}

/** Visits as they were kept, whoever came and whether they have a name still: for what a shop learns. Ids that are gone are left out. */
export async function visitsAsKept(ids: readonly number[]): Promise<FittingRow[]> {
  const t = tables(database());
  const rows = await t.Fitting.findAll({ where: { id: [...ids] }, order: [['id', 'ASC']] });
  const people = await t.Customer.findAll({ where: { id: [...new Set(rows.map((r) => r.customerId))] } });
  const shopInstruments = await correctionsOfShop();
  const around = new Map(people.map((p) => [p.id, { customer: customerRowOf(p), shopTargets: null, shopInstruments, shopPulls: [] }]));
  const parts = await partsOf(rows);
  return rows.flatMap((row) => (around.has(row.customerId) ? [fittingRow(row, parts(row.id), around.get(row.customerId)!)] : []));
}
