import { ENGINE_VERSION } from '@chiave/core/fit';
import { z } from 'zod';
import { ANSWER_KINDS, ASKED_ALIKE, type AlikeQuestion, type saidSchema, type SaidRow } from '../../api/said-schema';
import { database, select, tables, transacted } from '../db';
import { invalid, notFound } from '../problems';
import { heldPerson } from './customers';

/** Answers that were sent: who asked, what was said and by which engine; each can be said again. */
const LISTED = 200;
/** A question as alike ones are counted by: without case, without who asked. */
const alike = (about: string): string => about.trim().toLowerCase().replace(/\s+/g, ' ').slice(0, 160);

/** The newest first; of one person, or of all. */
export async function saidAnswers(customerId?: number): Promise<SaidRow[]> {
  const t = tables(database());
  const rows = await t.SaidAnswer.findAll({ where: customerId === undefined ? {} : { customerId }, order: [['saidAt', 'DESC'], ['id', 'DESC']], limit: LISTED }); // prettier-ignore
  const people = await t.Customer.findAll({ where: { id: [...new Set(rows.flatMap((r) => r.customerId ?? []))] }, attributes: ['id', 'name'] });
  const nameOf = new Map(people.map((p) => [p.id, p.name]));
  return rows.flatMap((r) =>
    r.card
      ? [{ id: Number(r.id), customerId: r.customerId ?? null, person: r.customerId === null ? r.askedBy : (nameOf.get(r.customerId) ?? ''), kind: r.kind, about: r.question, card: r.card, engine: r.engine, by: r.byWhom, said: r.said ?? 1, saidAt: r.saidAt.toISOString() }]
      : []
  ); // prettier-ignore
}
/** Questions that several people asked, counted without names: what to write down or to stock. */
export async function askedAlike(): Promise<AlikeQuestion[]> {
  const count = z.coerce.number();
  return select(
    z.object({ kind: z.enum(ANSWER_KINDS.map((k) => k.id)), about: z.string(), people: count, times: count }),
    `SELECT kind, question AS about, COUNT(DISTINCT COALESCE(CAST(customer_id AS CHAR), NULLIF(asked_by, ''), CONCAT('?', id))) AS people, SUM(said) AS times
     FROM said_answers GROUP BY kind, question HAVING people >= :least ORDER BY people DESC, times DESC LIMIT 50`,
    { least: ASKED_ALIKE }
  );
}
/** Keeps an answer that was given. @throws Problem 404, 410, 422 */
export async function keepSaid(
  { customerId, askedBy, kind, about, card, engine }: z.infer<typeof saidSchema>,
  by: string
): Promise<{ id: number; said: number }> {
  if (customerId !== null && askedBy !== '') throw invalid([{ path: 'askedBy', message: 'somebody of ours asked: leave the name out, it stands with the person' }]); // prettier-ignore
  return transacted(async (transaction) => {
    if (customerId !== null) await heldPerson(customerId, transaction, 'share');
    const now = new Date();
    const row = await tables(database()).SaidAnswer.create({ customerId, askedBy, kind, question: alike(about), card, engine: engine || ENGINE_VERSION, byWhom: by, said: 1, saidAt: now, createdAt: now }, { transaction }); // prettier-ignore
    return { id: Number(row.id), said: 1 };
  });
}
/** Says it once more, to the same or to somebody else. @throws Problem 404, 410 */
export async function sayAgain(id: number): Promise<{ id: number; said: number }> {
  return transacted(async (transaction) => {
    const row = await tables(database()).SaidAnswer.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
    if (!row) throw notFound(`answer ${id}`);
    const said = (row.said ?? 1) + 1;
    await row.update({ said, saidAt: new Date() }, { transaction });
    return { id, said };
  });
}
/** @throws Problem 404 */
export async function removeSaid(id: number): Promise<void> {
  if ((await tables(database()).SaidAnswer.destroy({ where: { id } })) === 0) throw notFound(`answer ${id}`);
}
