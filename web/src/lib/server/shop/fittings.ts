import { KIND_IDS, type PairPutIn, type RoomSchool, type BetweenSchool, type ShopTargets } from '@chiave/core/fit';
import type { Model, Transaction } from 'sequelize';
import type { z } from 'zod';
import type { FeetBody, SideBody, feetSchema, fittingPatchSchema } from '../../api/shop-schema';
import { database, fromJson, Op, tables, transacted } from '../db';
import { EXTRAS, MEASURES, SIDES, type Load, type TakenId } from '@chiave/core/measure';
import type { FootCircumstances } from '../../fit-feet';
import { conflict, gone, notFound } from '../problems';
import { logChange, whatChanged } from './changes';
import { isFigure, records, textRecord, textSet } from './kept';
import { targetsOfShop } from './settings';
import { customerOf, heldPerson, type CustomerRow } from './customers';

export interface TryRow {
  id: number;
  fittingId: number;
  styleId: string;
  size: string;
  width: string;
  /** What was put into either shoe. */
  put: PairPutIn;
  felt: { left: Record<string, string>; right: Record<string, string> };
  outcome: 'open' | 'kept' | 'left' | 'returned';
  why: string;
  verdict: string;
  probability: number;
  said: string;
  engine: string;
  version: number;
  createdAt: string;
}

export interface FittingRow extends FootCircumstances {
  id: number;
  openedAt: string;
  updatedAt: string;
  purpose: string;
  kinds: string[];
  sockMm: number;
  insertMm: number;
  preference: 'snug' | 'regular' | 'generous';
  breakIn: 'now' | 'mould';
  roomSchool: RoomSchool;
  betweenSchool: BetweenSchool;
  shopTargets: ShopTargets | null;
  population: string;
  wearingNow: string;
  trouble: string;
  looked: Record<string, string>;
  note: string;
  feet: FeetBody;
  tries: TryRow[];
  customer: CustomerRow;
  version: number;
  feetVersion: number;
}

type Plain = Record<string, unknown>;
/** A copy: what is changed in the row afterwards does not change it. */
const plainOf = (row: Model): Plain => structuredClone(row.get({ plain: true })) as Plain;

const emptySide = (): SideBody => ({
  values: {},
  toeShape: null,
  archType: null,
  bunionMm: null,
  hammerToeMm: null,
  ankleReachDeg: null,
  posture: null,
  print: null
});

const TAKEN = new Set<string>([...MEASURES, ...EXTRAS].map((m) => m.id));

function feetOf(measures: Plain[], features: Plain[]): FeetBody {
  const feet: FeetBody = { left: emptySide(), right: emptySide() };
  for (const m of measures) {
    if (!(m.side === 'left' || m.side === 'right') || !TAKEN.has(m.field as string) || !isFigure(m.mm)) continue;
    feet[m.side as 'left' | 'right'].values[m.field as 'lengthMm'] = {
      mm: m.mm as number,
      typed: m.typed as string,
      how: m.how as 'tape',
      ...(m.sd === null ? {} : { sdMm: m.sd as number }),
      at: m.takenAt ? new Date(m.takenAt as string).toISOString() : null,
      by: m.takenBy as string,
      under: m.under as Load,
      sockMm: m.sockMm as number,
      readings: records(m.readings, (r: SideBody['values'][TakenId] & object) => isFigure(r.mm) && typeof r.typed === 'string')
    };
  }
  for (const { side, toeShape, archType, bunionMm, hammerToeMm, ankleReachDeg, posture, print } of features) {
    if (side !== 'left' && side !== 'right') continue;
    Object.assign(feet[side as 'left' | 'right'], { toeShape, archType, bunionMm, hammerToeMm, ankleReachDeg });
    Object.assign(feet[side as 'left' | 'right'], { posture: posture ? fromJson(posture) : null, print: print ? fromJson(print) : null });
  }
  return feet;
}

const feltOf = (value: unknown): TryRow['felt'] => {
  const [felt] = records<{ left?: unknown; right?: unknown }>([fromJson(value)], () => true);
  return { left: textRecord(felt?.left ?? {}), right: textRecord(felt?.right ?? {}) };
};

/** A pair tried, from its row. */
export const tryOf = (row: Plain): TryRow => ({
  id: row.id as number,
  fittingId: row.fittingId as number,
  styleId: row.styleId as string,
  size: row.size as string,
  width: row.width as string,
  put: row.putIn ? fromJson(row.putIn) : {},
  felt: feltOf(row.felt),
  outcome: row.outcome as TryRow['outcome'],
  why: (row.why as string | null) ?? '',
  verdict: row.verdict as string,
  probability: row.probability as number,
  said: (row.said as string | null) ?? '',
  engine: row.engine as string,
  version: (row.version as number | null) ?? 0,
  createdAt: new Date(row.createdAt as string).toISOString()
});

function fittingRow(row: Plain, customer: CustomerRow, shopTargets: ShopTargets | null): FittingRow {
  return {
    id: row.id as number,
    openedAt: new Date(row.openedAt as string).toISOString(),
    updatedAt: new Date(row.updatedAt as string).toISOString(),
    purpose: row.purpose as string,
    kinds: textSet(row.kinds, KIND_IDS),
    sockMm: row.sockMm as number,
    insertMm: row.insertMm as number,
    preference: row.preference as FittingRow['preference'],
    measuredAt: (row.measuredAt as string | null) ?? '',
    wornAt: (row.wornAt as string | null) ?? '',
    breakIn: row.breakIn as FittingRow['breakIn'],
    roomSchool: row.roomSchool as RoomSchool,
    betweenSchool: row.betweenSchool as BetweenSchool,
    shopTargets,
    population: row.population as string,
    wearingNow: (row.wearingNow as string | null) ?? '',
    trouble: (row.trouble as string | null) ?? '',
    looked: textRecord(row.looked),
    note: (row.note as string | null) ?? '',
    feet: feetOf(row.measures as Plain[], row.features as Plain[]),
    tries: (row.tries as Plain[]).map(tryOf),
    customer,
    version: row.version as number,
    feetVersion: row.feetVersion as number,
    measuredLoad: row.measuredLoad as Load,
    measuredSockMm: row.measuredSockMm as number,
    measuredWarm: Boolean(row.measuredWarm),
    wornWarm: Boolean(row.wornWarm),
    weightKg: (row.weightKg as number | null) ?? null,
    feetWeightKg: (row.feetWeightKg as number | null) ?? null,
    stateOff: textSet(row.stateOff)
  };
}

const byFitting = (rows: readonly Plain[]): Map<number, Plain[]> => {
  const found = new Map<number, Plain[]>();
  for (const row of rows) {
    const own = found.get(row.fittingId as number);
    if (own) own.push(row);
    else found.set(row.fittingId as number, [row]);
  }
  return found;
};

/** Rows with their measures, features and tries; each kind is asked for by itself, since one join would multiply them. */
async function withParts(rows: readonly Model[], customer: CustomerRow, targets: ShopTargets | null): Promise<FittingRow[]> {
  const t = tables(database());
  const where = { fittingId: rows.map((row) => row.get('id') as number) };
  const order: [string, string][] = [['fittingId', 'ASC']];
  const [measures, features, tries] =
    rows.length === 0
      ? [[], [], []]
      : ((await Promise.all([
          t.FootMeasure.findAll({ where, order, raw: true }),
          t.FootFeature.findAll({ where, order, raw: true }),
          t.TryOn.findAll({ where, order: [['id', 'ASC']], raw: true })
        ])) as unknown as Plain[][]);
  const [measured, featured, tried] = [measures, features, tries].map(byFitting);
  return rows.map((row) => {
    const value = plainOf(row);
    const id = value.id as number;
    const parts = { measures: measured.get(id) ?? [], features: featured.get(id) ?? [], tries: tried.get(id) ?? [] };
    return fittingRow({ ...value, ...parts }, customer, targets);
  });
}

/** One fitting with its feet and what was tried. @throws Problem 404, 410 when the person was erased */
export async function fittingOf(id: number): Promise<FittingRow> {
  const row = await tables(database()).Fitting.findByPk(id);
  if (!row) throw notFound(`fitting ${id}`);
  const [customer, targets] = await Promise.all([customerOf(row.get('customerId') as number), targetsOfShop()]);
  if (customer.erasedAt) throw gone(`The person of fitting ${id}`);
  return (await withParts([row], customer, targets))[0];
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
  const [customer, targets, last] = await Promise.all([customerOf(customerId), targetsOfShop(), after === undefined ? null : Fitting.findByPk(after)]);
  const openedAt = last?.get('openedAt') as Date | undefined;
  const behind = openedAt ? { [Op.or]: [{ openedAt: { [Op.lt]: openedAt } }, { openedAt, id: { [Op.lt]: after } }] } : {};
  const rows = await Fitting.findAll({
    where: { customerId, ...behind },
    order: [
      ['openedAt', 'DESC'],
      ['id', 'DESC']
    ],
    limit
  });
  return withParts(rows, customer, targets);
}

/** The fitting of a row that something hangs on, held for writing, its person held against being erased meanwhile. */
export interface HeldFitting {
  row: Model;
  customerId: number;
}
/**
 * Every write to a fitting begins here. The person is held first, as erasing does, so that the two cannot wait for each other.
 * @param person 'share' lets two fittings of one person be written at once, 'update' is for a write to the person too
 * @throws Problem 404, 410 when the person was erased
 */
export async function heldFitting(id: number, transaction: Transaction, person: 'share' | 'update' = 'share'): Promise<HeldFitting> {
  const t = tables(database());
  const found = await t.Fitting.findByPk(id, { attributes: ['customerId'], transaction });
  if (!found) throw notFound(`fitting ${id}`);
  const customerId = found.get('customerId') as number;
  await heldPerson(customerId, transaction, person);
  const row = await t.Fitting.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
  if (!row) throw notFound(`fitting ${id}`);
  return { row, customerId };
}

/** Opens a fitting; purpose and sock are carried over from the last visit, the feet are measured anew. @throws Problem 404, 410 */
export async function openFitting(customerId: number): Promise<number> {
  const { Fitting } = tables(database());
  return transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const last = await Fitting.findOne({ where: { customerId }, order: [['openedAt', 'DESC']], transaction });
    const carried = (name: string, usual: unknown): unknown => last?.get(name) ?? usual;
    const now = new Date();
    const kinds = textSet(last?.get('kinds'));
    const row = await Fitting.create(
      {
        customerId,
        openedAt: now,
        updatedAt: now,
        purpose: '',
        kinds,
        sockMm: carried('sockMm', 0),
        insertMm: carried('insertMm', 0),
        preference: carried('preference', 'regular'),
        population: carried('population', 'general'),
        looked: {}
      },
      { transaction }
    );
    return Number(row.get('id'));
  });
}

/** Saves what was asked and seen; returns the new version. @throws Problem 404, 409, 410 */
export async function saveFitting(id: number, { flags, version, ...patch }: z.infer<typeof fittingPatchSchema>, by: string): Promise<number> {
  const t = tables(database());
  return transacted(async (transaction) => {
    const { row, customerId } = await heldFitting(id, transaction, flags ? 'update' : 'share');
    const now = row.get('version') as number;
    if (version !== undefined && version !== now) throw conflict('this fitting', version, now);
    const before = plainOf(row);
    const had = flags ? { flags: (await customerOf(customerId)).flags } : {};
    await row.update({ ...patch, version: now + 1, updatedAt: new Date() }, { transaction });
    if (flags) await t.Customer.update({ flags }, { where: { id: customerId }, transaction });
    const changed = whatChanged({ ...before, ...had }, flags ? { ...patch, flags } : patch);
    await logChange({ by, customerId, what: `fitting ${id}`, changed }, transaction);
    return now + 1;
  });
}

type KeptMeasure = { side: string; field: string; mm: number };
const measuresOf = async (fittingId: number, transaction: Transaction): Promise<KeptMeasure[]> =>
  (await tables(database()).FootMeasure.findAll({
    where: { fittingId },
    attributes: ['side', 'field', 'mm'],
    raw: true,
    transaction
  })) as unknown as KeptMeasure[];

/**
 * Writes both feet of a fitting in place of what it had, within a transaction that holds the fitting. Rows are written over
 * and only those taken away that were there: deleting first would lock the gaps in which new fittings put theirs.
 * @param there measures the fitting has now
 */
export async function writeFeet(fittingId: number, feet: FeetBody, there: readonly KeptMeasure[], transaction: Transaction): Promise<void> {
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
      readings: readings.length > 0 ? readings : null
    }))
  );
  const features = SIDES.map((side) => {
    const { values: _values, ...own } = feet[side];
    return { fittingId, side, ...own };
  });
  for (const side of SIDES) {
    const missing = there.filter((m) => m.side === side && !(m.field in feet[side].values)).map((m) => m.field);
    if (missing.length > 0) await t.FootMeasure.destroy({ where: { fittingId, side, field: missing }, transaction });
  }
  if (measures.length > 0) await t.FootMeasure.bulkCreate(measures, { transaction, updateOnDuplicate: Object.keys(measures[0]) as never });
  await t.FootFeature.bulkCreate(features, { transaction, updateOnDuplicate: Object.keys(features[0]) as never });
}

/** Saves both feet as they were measured, replacing what this fitting had; all or nothing. Returns the new version. @throws Problem 404, 409, 410 */
export async function saveFeet(id: number, { version, ...feet }: z.infer<typeof feetSchema>, by: string): Promise<number> {
  return transacted(async (transaction) => {
    const { row, customerId } = await heldFitting(id, transaction);
    const now = row.get('feetVersion') as number;
    if (version !== undefined && version !== now) throw conflict('these feet', version, now);
    const before = await measuresOf(id, transaction);
    await writeFeet(id, feet, before, transaction);
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
