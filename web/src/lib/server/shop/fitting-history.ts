import type { HowTaken } from '@chiave/core/measure';
import { FOLLOWED, type FollowedFitting, type FollowedId, type KeptPair } from '../../feet-history';
import { fromJson, select } from '../db';
import { fittingOf, type FittingRow } from './fittings';
import { isFigure } from './kept';

/** What is asked over all visits of a person, each in one query. */

/** Of every visit of a person what is followed over the years, newest first: figures only, however many visits there are. */
export async function followedOf(customerId: number): Promise<FollowedFitting[]> {
  const rows = await select(
    `SELECT f.id, f.opened_at, f.weight_kg, m.side, m.field, m.mm, m.how, m.sd
     FROM fittings f LEFT JOIN foot_measures m ON m.fitting_id = f.id AND m.field IN (:fields)
     WHERE f.customer_id = :customerId ORDER BY f.opened_at DESC, f.id DESC`,
    { customerId, fields: [...FOLLOWED] }
  );
  const found = new Map<number, FollowedFitting>();
  for (const { id, opened_at, weight_kg, side, field, mm, how, sd } of rows) {
    const own = found.get(id as number) ?? {
      openedAt: new Date(opened_at as string).toISOString(),
      weightKg: weight_kg as number | null,
      feet: { left: { values: {} }, right: { values: {} } }
    };
    found.set(id as number, own);
    if ((side === 'left' || side === 'right') && isFigure(mm))
      own.feet[side].values[field as FollowedId] = { mm, how: how as Exclude<HowTaken, 'derived'>, ...(sd === null ? {} : { sdMm: sd as number }) };
  }
  return [...found.values()];
}

/** Pairs a person took home, newest visit first. */
export async function keptOf(customerId: number): Promise<KeptPair[]> {
  const rows = await select(
    `SELECT t.id, t.style_id AS styleId, t.size, t.width, t.put_in AS putIn, t.felt, t.why, f.opened_at
     FROM fittings f JOIN try_ons t ON t.fitting_id = f.id WHERE f.customer_id = :customerId AND t.outcome = 'kept' ORDER BY f.opened_at DESC, t.id`,
    { customerId }
  );
  return rows.map((row) => ({
    id: row.id as number,
    styleId: row.styleId as string,
    size: row.size as string,
    width: row.width as string,
    put: row.putIn ? fromJson(row.putIn) : {},
    why: (row.why as string | null) ?? '',
    on: new Date(row.opened_at as string).toISOString()
  }));
}

/** Styles a person has tried at any visit. */
export async function triedStyles(customerId: number): Promise<Set<string>> {
  const rows = await select('SELECT DISTINCT t.style_id AS id FROM fittings f JOIN try_ons t ON t.fitting_id = f.id WHERE f.customer_id = :customerId', {
    customerId
  });
  return new Set(rows.map((row) => row.id as string));
}

/** The newest fitting of a person at which both feet were measured, or null. */
export async function lastMeasured(customerId: number): Promise<FittingRow | null> {
  const [found] = await select(
    `SELECT f.id FROM fittings f
     JOIN foot_measures l ON l.fitting_id = f.id AND l.side = 'left' AND l.field = 'lengthMm'
     JOIN foot_measures r ON r.fitting_id = f.id AND r.side = 'right' AND r.field = 'lengthMm'
     WHERE f.customer_id = :customerId ORDER BY f.opened_at DESC, f.id DESC LIMIT 1`,
    { customerId }
  );
  return found ? fittingOf(found.id as number) : null;
}

/** The newest fitting of a person before another one at which the left foot was measured, or null. */
export async function measuredBefore(fitting: Pick<FittingRow, 'id' | 'openedAt' | 'customer'>): Promise<FittingRow | null> {
  const [found] = await select(
    `SELECT f.id FROM fittings f JOIN foot_measures m ON m.fitting_id = f.id AND m.side = 'left' AND m.field = 'lengthMm'
     WHERE f.customer_id = :person AND f.opened_at < :at AND f.id <> :id ORDER BY f.opened_at DESC LIMIT 1`,
    { person: fitting.customer.id, at: new Date(fitting.openedAt), id: fitting.id }
  );
  return found ? fittingOf(found.id as number) : null;
}
