import type { z } from 'zod';
import type { tracingSchema } from '../../api/shop-schema';
import { database, fromJson, tables, transacted } from '../db';
import { heldFitting } from './fittings';

export interface TracingRow {
  id: number;
  side: 'left' | 'right';
  outline: [number, number][];
  source: string;
  lengthSdMm: number;
  widthSdMm: number;
  createdAt: string;
}

/** Tracings of a fitting, newest first. */
export async function tracingsOf(fittingId: number): Promise<TracingRow[]> {
  const rows = await tables(database()).Tracing.findAll({ where: { fittingId }, order: [['id', 'DESC']] });
  return rows.map((row) => {
    const { id, side, source, lengthSdMm, widthSdMm, createdAt } = row.get({ plain: true }) as TracingRow;
    return { id, side, source, lengthSdMm, widthSdMm, outline: fromJson(row.get('outline')), createdAt: new Date(createdAt).toISOString() };
  });
}

/** Keeps the outline of a tracing with its visit. @throws Problem 404, 410 */
export async function addTracing(fittingId: number, tracing: z.infer<typeof tracingSchema>): Promise<number> {
  return transacted(async (transaction) => {
    await heldFitting(fittingId, transaction);
    const row = await tables(database()).Tracing.create({ fittingId, ...tracing, createdAt: new Date() }, { transaction });
    return Number(row.get('id'));
  });
}
