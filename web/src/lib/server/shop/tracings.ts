import type { z } from 'zod';
import type { TracingRow } from '../../api/rows';
import type { tracingSchema } from '../../api/shop-schema';
import { database, tables, transacted, type TracingModel } from '../db';
import { heldFitting } from './fittings';

/** Tracings of a fitting, newest first. */
export async function tracingsOf(fittingId: number): Promise<TracingRow[]> {
  const rows = await tables(database()).Tracing.findAll({ where: { fittingId }, order: [['id', 'DESC']] });
  return rows.map(tracingOf);
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
