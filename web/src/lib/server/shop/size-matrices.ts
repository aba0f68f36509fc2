import type { z } from 'zod';
import type { SavedMatrix } from '../../api/rows';
import type { matrixSchema } from '../../api/stock-schema';
import { database, tables } from '../db';
import { invalid, notFound } from '../problems';
import { allLasts, allStyles } from './stockroom';

/** Matrices the shop keeps, by name. */
export async function savedMatrices(): Promise<SavedMatrix[]> {
  const rows = await tables(database()).SizeMatrix.findAll({ order: [['name', 'ASC']] });
  return rows.map(({ id, name, definition }) => ({ id, name, ...definition }));
}

/** Keeps which lasts or styles a matrix is of, and for which foot: the sizes are worked out anew each time. @throws Problem 422 for one that is not there */
export async function saveMatrix({ name, lasts, footMm }: z.infer<typeof matrixSchema>): Promise<{ id: number }> {
  const known = new Set([...(await allLasts()), ...(await allStyles())].map((row) => row.id));
  const strange = lasts.findIndex((id) => !known.has(id));
  if (strange >= 0) throw invalid([{ path: `lasts.${strange}`, message: `there is no last or style “${lasts[strange]}”` }]);
  const row = await tables(database()).SizeMatrix.create({ name, definition: { lasts, footMm }, createdAt: new Date() });
  return { id: row.id };
}

/** Takes a matrix away. @throws Problem 404 */
export async function removeMatrix(id: number): Promise<void> {
  if ((await tables(database()).SizeMatrix.destroy({ where: { id } })) === 0) throw notFound(`matrix ${id}`);
}
