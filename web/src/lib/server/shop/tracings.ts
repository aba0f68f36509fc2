import { SIDES } from '@chiave/core/measure';
import { MOST_SCAN_BYTES } from '@chiave/core/scan';
import { thinned } from '@chiave/core/shape';
import type { z } from 'zod';
import type { FittingRow, OutlineRow, TracingRow } from '../../api/rows';
import type { tracingSchema } from '../../api/shop-schema';
import { database, tables, transacted, type TracingModel } from '../db';
import { notFound } from '../problems';
import { gunzipped, needUnpacks } from '../packed';
import { heldFitting } from './fittings';

/** Tracings of a fitting, newest first. */
export async function tracingsOf(fittingId: number): Promise<TracingRow[]> {
  // Not the files themselves, which are large.
  const include = [{ association: 'file', attributes: ['name'] }];
  return (await tables(database()).Tracing.findAll({ where: { fittingId }, include, order: [['id', 'DESC']] })).map(tracingOf);
}
/** Every tracing of some visits with the visit it belongs to, and the scans that are kept with them, packed. */
export async function tracingsWithFiles(fittingIds: readonly number[]): Promise<(TracingRow & { fittingId: number; packed: string | null })[]> {
  const rows = await tables(database()).Tracing.findAll({ where: { fittingId: [...fittingIds] }, include: ['file'], order: [['id', 'ASC']] });
  return rows.map((row) => ({ fittingId: row.fittingId, ...tracingOf(row), packed: row.file?.packed ?? null }));
}
/** The scan that is kept with an outline, as it came. @throws Problem 404 */
export async function scanOf(id: number): Promise<Response> {
  const row = await tables(database()).ScanFile.findByPk(id);
  if (!row) throw notFound(`a scan kept with tracing ${id}`);
  return new Response(gunzipped(row.packed), {
    headers: {
      'content-type': 'application/octet-stream',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(row.name)}`,
      'cache-control': 'no-store',
      'x-content-type-options': 'nosniff'
    }
  });
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
const tracingOf = ({ id, side, outline, source, lengthSdMm, widthSdMm, createdAt, file }: TracingModel): TracingRow => ({
  id,
  side,
  outline,
  source,
  lengthSdMm,
  widthSdMm,
  createdAt: createdAt.toISOString(),
  file: file?.name ?? null
});

/** Keeps the outline of a tracing with its visit, with the scan it was read from if that is sent. @throws Problem 404, 410, 422 */
export async function addTracing(fittingId: number, { file, ...tracing }: z.infer<typeof tracingSchema>): Promise<number> {
  if (file) await needUnpacks(file.packed, 'file.packed', MOST_SCAN_BYTES);
  return transacted(async (transaction) => {
    await heldFitting(fittingId, transaction);
    const row = await tables(database()).Tracing.create({ fittingId, ...tracing, createdAt: new Date() }, { transaction });
    if (file) await tables(database()).ScanFile.create({ tracingId: row.id, ...file }, { transaction });
    return row.id;
  });
}
