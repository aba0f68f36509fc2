import type { ProposalRow } from '../../api/door-schema';
import { PROPOSED_BY, type NeedId } from '../../roles';
import { database, noteDeed, tables, transacted } from '../db';
import { notFound, Problem } from '../problems';
import { ownAccount } from './own';
import { may, type Who } from './who';

/** Changes that somebody may not make and proposes: kept as they would be sent, and sent by an owner who takes them over. */
const PROPOSED: NeedId = 'lasts';
/** True where somebody may not do this and may propose it. */
export const proposes = (who: Who | null, need: NeedId): who is Who =>
  need === PROPOSED && who !== null && who.role === PROPOSED_BY && !who.scopes && !may(who, need);

export interface Proposed {
  method: string;
  path: string;
  what: string;
  body: string;
}
const LONGEST_WHAT = 160;
/** Keeps a proposal. @returns what is answered in place of the change */
export async function propose(who: Who, { method, path, what, body }: Proposed): Promise<{ proposed: number; detail: string }> {
  const { accountId, name } = ownAccount(who);
  return transacted(async (transaction) => {
    const row = await tables(database()).Proposal.create({ accountId, method, path, what: what.slice(0, LONGEST_WHAT), body, why: '', createdAt: new Date() });
    noteDeed({ accountId, by: name, what: `proposed: ${what}`, subject: path, customerId: null, difference: null }, transaction);
    return { proposed: Number(row.id), detail: 'Proposed: nothing has changed yet. An owner decides.' };
  });
}
const MOST = 200;
/** Proposals, those that wait first; an apprentice sees their own. */
export async function proposalsFor(who: Who | null): Promise<ProposalRow[]> {
  const t = tables(database());
  const own = may(who, 'shop') ? {} : { accountId: who?.accountId ?? 0 };
  const rows = await t.Proposal.findAll({ where: own, order: [['answer', 'ASC'], ['id', 'DESC']], limit: MOST }); // prettier-ignore
  const names = new Map((await t.Account.findAll({ attributes: ['id', 'name'] })).map((a) => [a.id, a.name]));
  return rows.map((p) => ({ id: p.id, what: p.what, method: p.method, path: p.path, by: names.get(p.accountId) ?? '', why: p.why, body: JSON.parse(p.body) as unknown, createdAt: p.createdAt.toISOString(), answer: p.answer, answeredBy: p.answeredBy, answeredAt: p.answeredAt?.toISOString() ?? null })); // prettier-ignore
}
/** Sends a request as whoever decides, within this application. */
type Send = (path: string, init: { method: string; headers: Record<string, string>; body: string }) => Promise<Response>;
/**
 * Takes a proposal over or leaves it. Taken over it is the change itself, by whoever decides, with all its own checks: one that no longer
 * fits what is there is refused, and goes on waiting.
 * @throws Problem 404, 409 for one that was answered, whatever the change is refused with
 */
export async function answerProposal(id: number, accept: boolean, by: string, send: Send): Promise<void> {
  await transacted(async (transaction) => {
    const row = await tables(database()).Proposal.findByPk(id, { lock: transaction.LOCK.UPDATE, transaction });
    if (!row) throw notFound(`proposal ${id}`);
    if (row.answer) throw new Problem(409, 'Answered', `This was answered by ${row.answeredBy} already.`);
    if (accept) {
      const response = await send(row.path, { method: row.method, headers: { 'content-type': 'application/json' }, body: row.body });
      if (!response.ok) {
        const { title, detail, errors } = (await response.json()) as { title: string; detail: string; errors: [] };
        throw new Problem(response.status, title, detail, errors);
      }
    }
    await row.update({ answer: accept ? 'taken' : 'left', answeredBy: by, answeredAt: new Date() }, { transaction });
  });
}
