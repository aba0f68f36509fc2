import { SIDES, WAYS } from '@chiave/core/measure';
import { z } from 'zod';
import type { FittingRow } from '../../api/rows';
import { idOf } from '../../api/values';
import { FOLLOWED, type FollowedFitting } from '../../feet-history';
import { select } from '../db';
import { fittingOf } from './fittings';

/** What is asked over all visits of a person, each in one query. */

const moment = z.date().transform((date) => date.toISOString());
const followedRow = z.object({
  id: z.number(),
  openedAt: moment,
  weightKg: z.number().nullable(),
  // A visit without measures has none of these.
  side: z.enum(SIDES).nullable().catch(null),
  field: z.enum(FOLLOWED).nullable().catch(null),
  mm: z.number().nullable(),
  how: z.enum(idOf(WAYS)).nullable().catch('tape'),
  sd: z.number().nullable()
});

/** Of every visit of a person what is followed over the years, newest first: figures only, however many visits there are. */
export async function followedOf(customerId: number): Promise<FollowedFitting[]> {
  const rows = await select(
    followedRow,
    `SELECT f.id, f.opened_at AS openedAt, f.weight_kg AS weightKg, m.side, m.field, m.mm, m.how, m.sd
     FROM fittings f LEFT JOIN foot_measures m ON m.fitting_id = f.id AND m.field IN (:fields)
     WHERE f.customer_id = :customerId ORDER BY f.opened_at DESC, f.id DESC`,
    { customerId, fields: [...FOLLOWED] }
  );
  const found = new Map<number, FollowedFitting>();
  for (const { id, openedAt, weightKg, side, field, mm, how, sd } of rows) {
    const own = found.get(id) ?? { openedAt, weightKg, feet: { left: { values: {} }, right: { values: {} } } };
    found.set(id, own);
    if (side && field && how && mm !== null) own.feet[side].values[field] = { mm, how, ...(sd === null ? {} : { sdMm: sd }) };
  }
  return [...found.values()];
}

const idRow = z.object({ id: z.number() });
/** Styles a person has tried at any visit. */
export async function triedStyles(customerId: number): Promise<Set<string>> {
  const rows = await select(
    z.object({ id: z.string() }),
    'SELECT DISTINCT t.style_id AS id FROM fittings f JOIN try_ons t ON t.fitting_id = f.id WHERE f.customer_id = :customerId',
    {
      customerId
    }
  );
  return new Set(rows.map((row) => row.id));
}

/** The newest fitting of a person at which both feet were measured, or null. */
export async function lastMeasured(customerId: number): Promise<FittingRow | null> {
  const [found] = await select(
    idRow,
    `SELECT f.id FROM fittings f
     JOIN foot_measures l ON l.fitting_id = f.id AND l.side = 'left' AND l.field = 'lengthMm'
     JOIN foot_measures r ON r.fitting_id = f.id AND r.side = 'right' AND r.field = 'lengthMm'
     WHERE f.customer_id = :customerId ORDER BY f.opened_at DESC, f.id DESC LIMIT 1`,
    { customerId }
  );
  return found ? fittingOf(found.id) : null;
}

/** The newest fitting of a person before another one at which the left foot was measured, or null. */
export async function measuredBefore(fitting: Pick<FittingRow, 'id' | 'openedAt' | 'customer'>): Promise<FittingRow | null> {
  const [found] = await select(
    idRow,
    `SELECT f.id FROM fittings f JOIN foot_measures m ON m.fitting_id = f.id AND m.side = 'left' AND m.field = 'lengthMm'
     WHERE f.customer_id = :person AND f.opened_at < :at AND f.id <> :id ORDER BY f.opened_at DESC LIMIT 1`,
    { person: fitting.customer.id, at: new Date(fitting.openedAt), id: fitting.id }
  );
  return found ? fittingOf(found.id) : null;
}
