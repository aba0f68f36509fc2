import type { z } from 'zod';
import { bookOfMakers, makerScale, PUBLISHED, type ScaleBook } from '@chiave/core/size';
import type { MakerScaleRow } from '../../api/rows';
import type { makerScaleSchema } from '../../api/size-schema';
import { database, tables } from '../db';
import { invalid, notFound, refusing } from '../problems';

/** Every maker's own scale. */
export async function allMakerScales(): Promise<MakerScaleRow[]> {
  const t = tables(database());
  const [rows, makers] = await Promise.all([t.MakerScale.findAll({ order: [['id', 'ASC']] }), t.Maker.findAll()]);
  const names = new Map(makers.map((m) => [m.id, m.name]));
  return rows.map((row) => ({
    id: row.id,
    makerId: row.makerId,
    maker: names.get(row.makerId) ?? '',
    definition: row.definition
  }));
}

/**
 * The book for scales asked for by name; the database is only asked when one of them is a maker's own.
 * @throws Problem 422 for a maker's scale that is not kept
 */
export async function bookFor(ids: readonly string[]): Promise<ScaleBook> {
  const book = ids.some((id) => id.startsWith('maker-')) ? bookOfMakers(await allMakerScales()) : PUBLISHED;
  const missing = ids.find((id) => !book.find(id));
  if (missing)
    throw invalid([{ path: 'scale', message: `there is no scale “${missing}”; a maker’s own are ${book.own.map((s) => s.id).join(', ') || 'none yet'}` }]);
  return book;
}

/** Keeps a maker's scale. @throws Problem 404 for a maker that is not there, 422 for a scale that could hold no foot */
export async function addMakerScale({ makerId, ...definition }: z.infer<typeof makerScaleSchema>): Promise<number> {
  const t = tables(database());
  if (!(await t.Maker.findByPk(makerId))) throw notFound(`maker “${makerId}”`);
  refusing('unitMm', () => makerScale('maker-0', definition));
  const row = await t.MakerScale.create({ makerId, definition });
  return row.id;
}

/** Takes a scale away. @throws Problem 404 */
export async function removeMakerScale(id: number): Promise<void> {
  if ((await tables(database()).MakerScale.destroy({ where: { id } })) === 0) throw notFound(`scale ${id}`);
}
