import type { z } from 'zod';
import { makerScale, type MakerScaleInput } from '@chiave/core/size';
import type { makerScaleSchema } from '../../api/size-schema';
import { database, fromJson, tables } from '../db';
import { invalid, notFound } from '../problems';

export interface MakerScaleRow {
  id: number;
  makerId: string;
  maker: string;
  definition: MakerScaleInput;
}

/** Every maker's own scale. */
export async function allMakerScales(): Promise<MakerScaleRow[]> {
  const t = tables(database());
  const [rows, makers] = await Promise.all([t.MakerScale.findAll({ order: [['id', 'ASC']] }), t.Maker.findAll()]);
  const names = new Map(makers.map((m) => [m.get('id') as string, m.get('name') as string]));
  return rows.map((row) => ({
    id: row.get('id') as number,
    makerId: row.get('makerId') as string,
    maker: names.get(row.get('makerId') as string) ?? '',
    definition: fromJson<MakerScaleInput>(row.get('definition'))
  }));
}

/** Makers, for choosing. */
export async function allMakers(): Promise<{ id: string; name: string }[]> {
  const rows = await tables(database()).Maker.findAll({ order: [['name', 'ASC']] });
  return rows.map((m) => ({ id: m.get('id') as string, name: m.get('name') as string }));
}

/** Keeps a maker's scale. @throws Problem 404 for a maker that is not there, 422 for a scale that could hold no foot */
export async function addMakerScale({ makerId, ...definition }: z.infer<typeof makerScaleSchema>): Promise<number> {
  const t = tables(database());
  if (!(await t.Maker.findByPk(makerId))) throw notFound(`maker “${makerId}”`);
  try {
    makerScale('maker-0', definition);
  } catch (error) {
    if (error instanceof RangeError) throw invalid([{ path: 'unitMm', message: error.message }]);
    throw error;
  }
  const row = await t.MakerScale.create({ makerId, definition });
  return row.get('id') as number;
}

/** Takes a scale away. @throws Problem 404 */
export async function removeMakerScale(id: number): Promise<void> {
  if ((await tables(database()).MakerScale.destroy({ where: { id } })) === 0) throw notFound(`scale ${id}`);
}
