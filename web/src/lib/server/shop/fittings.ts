import type { PairPutIn, RoomSchool, BetweenSchool, ShopTargets } from '@chiave/core/fit';
import type { Model, Transaction } from 'sequelize';
import type { z } from 'zod';
import type { FeetBody, SideBody, feetSchema, fittingPatchSchema } from '../../api/shop-schema';
import { database, fromJson, tables } from '../db';
import type { Load } from '@chiave/core/measure';
import type { FootCircumstances } from '../../fit-feet';
import { conflict, notFound } from '../problems';
import { logChange } from './changes';
import { targetsOfShop } from './settings';
import { customerOf, type CustomerRow } from './customers';

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
const plainOf = (row: Model): Plain => row.get({ plain: true }) as Plain;

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

function feetOf(measures: Plain[], features: Plain[]): FeetBody {
  const feet: FeetBody = { left: emptySide(), right: emptySide() };
  for (const m of measures) {
    feet[m.side as 'left' | 'right'].values[m.field as 'lengthMm'] = {
      mm: m.mm as number,
      typed: m.typed as string,
      how: m.how as 'tape',
      ...(m.sd === null ? {} : { sdMm: m.sd as number }),
      at: m.takenAt ? new Date(m.takenAt as string).toISOString() : null,
      by: m.takenBy as string,
      under: m.under as Load,
      sockMm: m.sockMm as number,
      readings: m.readings ? fromJson(m.readings) : []
    };
  }
  for (const { side, toeShape, archType, bunionMm, hammerToeMm, ankleReachDeg, posture, print } of features) {
    Object.assign(feet[side as 'left' | 'right'], { toeShape, archType, bunionMm, hammerToeMm, ankleReachDeg });
    Object.assign(feet[side as 'left' | 'right'], { posture: posture ? fromJson(posture) : null, print: print ? fromJson(print) : null });
  }
  return feet;
}

/** A pair tried, from its row. */
export const tryOf = (row: Plain): TryRow => ({
  id: row.id as number,
  fittingId: row.fittingId as number,
  styleId: row.styleId as string,
  size: row.size as string,
  width: row.width as string,
  put: row.putIn ? fromJson(row.putIn) : {},
  felt: fromJson(row.felt),
  outcome: row.outcome as TryRow['outcome'],
  why: (row.why as string | null) ?? '',
  verdict: row.verdict as string,
  probability: row.probability as number,
  said: (row.said as string | null) ?? '',
  engine: row.engine as string,
  createdAt: new Date(row.createdAt as string).toISOString()
});

function fittingRow(row: Plain, customer: CustomerRow, shopTargets: ShopTargets | null): FittingRow {
  return {
    id: row.id as number,
    openedAt: new Date(row.openedAt as string).toISOString(),
    updatedAt: new Date(row.updatedAt as string).toISOString(),
    purpose: row.purpose as string,
    kinds: fromJson(row.kinds),
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
    looked: fromJson(row.looked),
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
    stateOff: row.stateOff ? fromJson(row.stateOff) : []
  };
}

const ALL_PARTS = ['measures', 'features', 'tries'];

/** One fitting with its feet and what was tried. @throws Problem 404 */
export async function fittingOf(id: number): Promise<FittingRow> {
  const row = await tables(database()).Fitting.findByPk(id, { include: ALL_PARTS });
  if (!row) throw notFound(`fitting ${id}`);
  const value = plainOf(row);
  return fittingRow(value, await customerOf(value.customerId as number), await targetsOfShop());
}

/** All fittings of a person, newest first. */
export async function fittingsOf(customerId: number): Promise<FittingRow[]> {
  const [customer, targets] = await Promise.all([customerOf(customerId), targetsOfShop()]);
  const rows = await tables(database()).Fitting.findAll({ where: { customerId }, include: ALL_PARTS, order: [['openedAt', 'DESC']] });
  return rows.map((row) => fittingRow(plainOf(row), customer, targets));
}

/** Opens a fitting; purpose and sock are carried over from the last visit, the feet are measured anew. */
export async function openFitting(customerId: number): Promise<number> {
  const [last] = await fittingsOf(customerId);
  const now = new Date();
  const row = await tables(database()).Fitting.create({
    customerId,
    openedAt: now,
    updatedAt: now,
    purpose: '',
    kinds: last?.kinds ?? [],
    sockMm: last?.sockMm ?? 0,
    insertMm: last?.insertMm ?? 0,
    preference: last?.preference ?? 'regular',
    population: last?.population ?? 'general',
    looked: {}
  });
  return Number(row.get('id'));
}

/** Saves what was asked and seen; returns the new version. @throws Problem 404, 409 */
export async function saveFitting(id: number, { flags, version, ...patch }: z.infer<typeof fittingPatchSchema>, by: string): Promise<number> {
  const t = tables(database());
  return database().transaction(async (transaction) => {
    const row = await t.Fitting.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
    if (!row) throw notFound(`fitting ${id}`);
    const now = row.get('version') as number;
    if (version !== undefined && version !== now) throw conflict('this fitting', version, now);
    const before = plainOf(row);
    await row.update({ ...patch, version: now + 1, updatedAt: new Date() }, { transaction });
    const customerId = row.get('customerId') as number;
    if (flags) await t.Customer.update({ flags }, { where: { id: customerId }, transaction });
    const was = Object.fromEntries(Object.keys(patch).map((key) => [key, before[key]]));
    await logChange({ by, customerId, what: `fitting ${id}`, changed: { was, now: flags ? { ...patch, flags } : patch } }, transaction);
    return now + 1;
  });
}

/** Writes both feet of a fitting in place of what it had, within a transaction. */
export async function writeFeet(id: number, feet: FeetBody, transaction: Transaction): Promise<void> {
  const t = tables(database());
  await t.FootMeasure.destroy({ where: { fittingId: id }, transaction });
  await t.FootFeature.destroy({ where: { fittingId: id }, transaction });
  for (const side of ['left', 'right'] as const) {
    const { values, ...features } = feet[side];
    await t.FootMeasure.bulkCreate(
      Object.entries(values).map(([field, { mm, typed, how, sdMm, at, by: takenBy, under, sockMm, readings }]) => ({
        fittingId: id,
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
      })),
      { transaction }
    );
    await t.FootFeature.create({ fittingId: id, side, ...features }, { transaction });
  }
}

/** Saves both feet as they were measured, replacing what this fitting had; all or nothing. Returns the new version. @throws Problem 404, 409 */
export async function saveFeet(id: number, { version, ...feet }: z.infer<typeof feetSchema>, by: string): Promise<number> {
  const t = tables(database());
  return database().transaction(async (transaction) => {
    const row = await t.Fitting.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
    if (!row) throw notFound(`fitting ${id}`);
    const now = row.get('feetVersion') as number;
    if (version !== undefined && version !== now) throw conflict('these feet', version, now);
    const before = await t.FootMeasure.findAll({ where: { fittingId: id }, transaction });
    await writeFeet(id, feet, transaction);
    await row.update({ updatedAt: new Date(), feetVersion: now + 1 }, { transaction });
    const was = Object.fromEntries(before.map((m) => [`${m.get('side')}.${m.get('field')}`, m.get('mm')]));
    const then = Object.fromEntries((['left', 'right'] as const).flatMap((side) => Object.entries(feet[side].values).map(([f, v]) => [`${side}.${f}`, v.mm])));
    const changed = Object.fromEntries(
      [...new Set([...Object.keys(was), ...Object.keys(then)])].filter((k) => was[k] !== then[k]).map((k) => [k, [was[k] ?? null, then[k] ?? null]])
    );
    await logChange({ by, customerId: row.get('customerId') as number, what: `feet of fitting ${id}`, changed }, transaction);
    return now + 1;
  });
}
