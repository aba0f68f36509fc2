import type { z } from 'zod';
import type { matrixSchema } from '../../api/stock-schema';
import { database, fromJson, tables } from '../db';
import { invalid, notFound } from '../problems';
import { isFigure, textSet } from './kept';
import { allLasts, allStyles } from './stockroom';

/** Foot of a matrix that says none, mm. */
const USUAL_FOOT_MM = 255;
export type SavedMatrix = z.infer<typeof matrixSchema> & { id: number };

const definitionOf = (value: unknown): { lasts: string[]; footMm: number } => {
  const { lasts, footMm } = fromJson<{ lasts?: unknown; footMm?: unknown }>(value) ?? {};
  return { lasts: textSet(lasts), footMm: isFigure(footMm) ? footMm : USUAL_FOOT_MM };
};

/** Matrices the shop keeps, by name. */
export async function savedMatrices(): Promise<SavedMatrix[]> {
  const rows = await tables(database()).SizeMatrix.findAll({ order: [['name', 'ASC']] });
  return rows.map((r) => ({ id: r.get('id') as number, name: r.get('name') as string, ...definitionOf(r.get('definition')) }));
}

/** Keeps which lasts or styles a matrix is of, and for which foot: the sizes are worked out anew each time. @throws Problem 422 for one that is not there */
export async function saveMatrix({ name, lasts, footMm }: z.infer<typeof matrixSchema>): Promise<{ id: number }> {
  const known = new Set([...(await allLasts()), ...(await allStyles())].map((row) => row.id));
  const strange = lasts.findIndex((id) => !known.has(id));
  if (strange >= 0) throw invalid([{ path: `lasts.${strange}`, message: `there is no last or style “${lasts[strange]}”` }]);
  const row = await tables(database()).SizeMatrix.create({ name, definition: { lasts, footMm }, createdAt: new Date() });
  return { id: row.get('id') as number };
}

/** Takes a matrix away. @throws Problem 404 */
export async function removeMatrix(id: number): Promise<void> {
  if ((await tables(database()).SizeMatrix.destroy({ where: { id } })) === 0) throw notFound(`matrix ${id}`);
}
