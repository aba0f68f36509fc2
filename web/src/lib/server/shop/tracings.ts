import { SIDES } from '@chiave/core/measure';
import { thinned } from '@chiave/core/shape';
import type { z } from 'zod';
import type { FittingRow, OutlineRow, TracingRow } from '../../api/rows';
import type { tracingSchema } from '../../api/shop-schema';
import { database, tables, transacted, type TracingModel } from '../db';
import { notFound } from '../problems';
import { heldFitting } from './fittings';

/** Tracings of a fitting, newest first. */
export async function tracingsOf(fittingId: number): Promise<TracingRow[]> {
  const rows = await tables(database()).Tracing.findAll({ where: { fittingId }, order: [['id', 'DESC']] });
  return rows.map(tracingOf);
}

/** How far points that are not sent may lie off the line, mm. */
const SENT_WITHIN_MM = 0.05;

/** The outline of each foot that was traced last at some visits: what their fits run along. */
export async function lastOutlines(fittingIds: readonly number[]): Promise<Map<number, FittingRow['outlines']>> {
  const rows = await tables(database()).Tracing.findAll({
    where: { fittingId: [...fittingIds] },
    attributes: ['fittingId', 'side', 'outline'],
    order: [['id', 'ASC']]
  });
  const found = new Map<number, FittingRow['outlines']>();
  for (const { fittingId, side, outline } of rows) {
    const own = found.get(fittingId) ?? { left: null, right: null };
    own[side] = outline;
    found.set(fittingId, own);
  }
  for (const own of found.values()) for (const side of SIDES) own[side] = own[side] && fewer(own[side]);
  return found;
}
const fewer = (outline: OutlineRow): OutlineRow =>
  thinned(
    outline.map(([x, y]) => ({ x, y })),
    SENT_WITHIN_MM
  ).map(({ x, y }) => [x, y]);

/** Takes a tracing away: what it filled in stays, and the fit runs along the one before it, or along the model. @throws Problem 404, 410 */
export async function removeTracing(id: number): Promise<void> {
  await transacted(async (transaction) => {
    const row = await tables(database()).Tracing.findByPk(id, { transaction });
    if (!row) throw notFound(`tracing ${id}`);
    await heldFitting(row.fittingId, transaction);
    await row.destroy({ transaction });
  });
}

/** A tracing from its row. */
export const tracingOf = ({ id, side, outline, source, lengthSdMm, widthSdMm, createdAt }: TracingModel): TracingRow => ({
  id,
  side,
  outline,
  source,
  lengthSdMm,
  widthSdMm,
  createdAt: createdAt.toISOString()
});

/** Keeps the outline of a tracing with its visit. @throws Problem 404, 410 */
export async function addTracing(fittingId: number, tracing: z.infer<typeof tracingSchema>): Promise<number> {
  return transacted(async (transaction) => {
    await heldFitting(fittingId, transaction);
    const row = await tables(database()).Tracing.create({ fittingId, ...tracing, createdAt: new Date() }, { transaction });
    return row.id;
  });
}
