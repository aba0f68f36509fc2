import type { KnownShoeKept } from '../../api/known-schema';
import { database, tables, transacted } from '../db';
import { customerOf, heldPerson } from './customers';

/** The shoes a person wears, as they told them; they go when the person is erased. */

/** @throws Problem 404 */
export async function knownOf(customerId: number): Promise<KnownShoeKept[]> {
  await customerOf(customerId);
  const rows = await tables(database()).KnownShoe.findAll({ where: { customerId }, order: [['id', 'ASC']] });
  return rows.flatMap((row) => row.shoe ?? []);
}
/** Keeps them in place of those that were told before. @throws Problem 404, 410 */
export async function keepKnown(customerId: number, shoes: readonly KnownShoeKept[]): Promise<void> {
  await transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const { KnownShoe } = tables(database());
    await KnownShoe.destroy({ where: { customerId }, transaction });
    await KnownShoe.bulkCreate(shoes.map((shoe) => ({ customerId, shoe, createdAt: new Date() })), { transaction }); // prettier-ignore
  });
}
