import type { z } from 'zod';
import type { occasionChangeSchema, OccasionRow, occasionSchema } from '../../api/occasion-schema';
import { database, tables, transacted } from '../db';
import { logChange, whatChanged } from './changes';
import { customerOf, heldOf, heldPerson } from './customers';

/** Occasions kept with people; they go when the person is erased. */

/** The occasions of a person, newest first. @throws Problem 404 */
export async function occasionsOf(customerId: number): Promise<OccasionRow[]> {
  await customerOf(customerId);
  const rows = await tables(database()).Occasion.findAll({ where: { customerId }, order: [['updatedAt', 'DESC'], ['id', 'DESC']] }); // prettier-ignore
  // One that cannot be read any more is left out, as a last is.
  return rows.flatMap(({ id, name, plan, version, updatedAt }) => (plan ? [{ id: Number(id), name, plan, version, updatedAt: updatedAt.toISOString() }] : []));
}

/** Keeps an occasion with a person. @throws Problem 404, 410 */
export async function addOccasion(customerId: number, { name, plan }: z.infer<typeof occasionSchema>, by: string): Promise<{ id: number; version: number }> {
  return transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const row = await tables(database()).Occasion.create({ customerId, name, plan, version: 0, updatedAt: new Date() }, { transaction });
    await logChange({ by, customerId, what: 'occasion', changed: { name } }, transaction);
    return { id: Number(row.id), version: 0 };
  });
}

/** Changes a kept occasion. @throws Problem 404, 409, 410 */
export async function changeOccasion(
  id: number,
  { version, ...body }: z.infer<typeof occasionChangeSchema>,
  by: string
): Promise<{ id: number; version: number }> {
  return transacted(async (transaction) => {
    const row = await heldOf(tables(database()).Occasion, id, 'occasion', transaction, version);
    const before = { name: row.name, plan: row.plan };
    const next = row.version + 1;
    await row.update({ ...body, version: next, updatedAt: new Date() }, { transaction });
    await logChange({ by, customerId: row.customerId, what: `occasion ${id}`, changed: whatChanged(before, body) }, transaction);
    return { id, version: next };
  });
}

/** Takes a kept occasion away. @throws Problem 404, 410 */
export async function removeOccasion(id: number, by: string): Promise<void> {
  await transacted(async (transaction) => {
    const row = await heldOf(tables(database()).Occasion, id, 'occasion', transaction);
    await row.destroy({ transaction });
    await logChange({ by, customerId: row.customerId, what: 'occasion taken away', changed: { name: row.name } }, transaction);
  });
}
