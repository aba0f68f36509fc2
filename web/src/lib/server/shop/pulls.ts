import type { Pull } from '@chiave/core/use';
import { pullRow, type PullRow } from '../../api/use-schema';
import { bySchema, database, tables, type PullModel } from '../db';
import { notFound } from '../problems';
import { onceAsked } from '../watch/asking';

/** @returns null for a row of a part or floor that there is none of: it stays out of the sums */
const toRow = (row: PullModel): PullRow | null => {
  const { createdAt, ...plain } = row.get({ plain: true });
  return bySchema({ ...plain, kg: row.kg, createdAt: createdAt.toISOString() }, pullRow, null);
};
/** Every pull test of this shop, newest first. */
export const allPulls = (): Promise<PullRow[]> =>
  onceAsked('pulls', async () => {
    const rows = await tables(database()).Pull.findAll({ order: [['id', 'DESC']] });
    return rows.flatMap((row) => toRow(row) ?? []);
  });
/** Keeps a pull. @param who took it */
export async function addPull(pull: Pull, who: string): Promise<PullRow> {
  const row = await tables(database()).Pull.create({ ...pull, kg: [...pull.kg], who, createdAt: new Date() });
  return toRow(row)!;
}
/** Takes a pull away. @throws Problem 404 */
export async function removePull(id: number): Promise<void> {
  if ((await tables(database()).Pull.destroy({ where: { id } })) === 0) throw notFound(`pull ${id}`);
}
