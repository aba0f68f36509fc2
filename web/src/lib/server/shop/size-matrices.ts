import type { z } from 'zod';
import type { matrixSchema } from '../../api/stock-schema';
import { database, fromJson, tables } from '../db';
import { notFound } from '../problems';

export type SavedMatrix = z.infer<typeof matrixSchema> & { id: number };

/** Matrices the shop keeps, by name. */
export async function savedMatrices(): Promise<SavedMatrix[]> {
  const rows = await tables(database()).SizeMatrix.findAll({ order: [['name', 'ASC']] });
  return rows.map((r) => ({ id: r.get('id') as number, name: r.get('name') as string, ...fromJson<{ lasts: string[]; footMm: number }>(r.get('definition')) }));
}

/** Keeps which lasts a matrix is of, and for which foot: the sizes are worked out anew each time. */
export async function saveMatrix({ name, lasts, footMm }: z.infer<typeof matrixSchema>): Promise<{ id: number }> {
  const row = await tables(database()).SizeMatrix.create({ name, definition: { lasts, footMm }, createdAt: new Date() });
  return { id: row.get('id') as number };
}

/** Takes a matrix away. @throws Problem 404 */
export async function removeMatrix(id: number): Promise<void> {
  if ((await tables(database()).SizeMatrix.destroy({ where: { id } })) === 0) throw notFound(`matrix ${id}`);
}
