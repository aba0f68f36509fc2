import { createHash, randomBytes } from 'node:crypto';
import { Op, type Transaction } from 'sequelize';
import { database } from './connect';
import { tables, type DeedModel } from './models';

/**
 * The record of deeds: who did what, each entry holding the hash of the one before it. What somebody changed of a person lies beside it,
 * in `change_log`, and can be erased with them: the entry keeps a salted hash of it only.
 */
export interface Deed {
  accountId: number | null;
  by: string;
  what: string;
  /** What it was done to, as the API names it: `/lasts/plover`. */
  subject: string;
  customerId: number | null;
  /** What it was and what it is; null where only that it was done is noted. */
  difference: Record<string, unknown> | null;
}
const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');
type Entry = Pick<DeedModel, 'at' | 'accountId' | 'byWhom' | 'what' | 'subject' | 'customerId' | 'content' | 'before'>;
/** The hash of an entry. */
export const deedHash = ({ before, at, accountId, byWhom, what, subject, customerId, content }: Entry): string =>
  sha256(JSON.stringify([before, at.toISOString(), accountId, byWhom, what, subject, customerId, content]));
/** The salted hash of what was changed. */
export const contentHash = (salt: string, of: { at: Date; byWhom: string; customerId: number | null; what: string; difference: unknown }): string =>
  sha256(JSON.stringify([salt, of.at.toISOString(), of.byWhom, of.customerId, of.what, of.difference]));

const waiting = new WeakMap<Transaction, Deed[]>();
/** Notes a deed within the transaction that does it; it is chained just before that commits. */
export function noteDeed(deed: Deed, transaction: Transaction): void {
  const list = waiting.get(transaction);
  if (list) list.push(deed);
  else waiting.set(transaction, [deed]);
}
/** What a name or a path may be long in the record. */
const LONGEST = { by: 60, what: 200, subject: 200 } as const;
const SALT_BYTES = 16;
/**
 * Chains what was noted. The end of the chain is held from here to the commit and nothing else is asked for after it, so that those who
 * write wait for each other a moment and never in a circle.
 */
export async function chainDeeds(transaction: Transaction): Promise<void> {
  const list = waiting.get(transaction);
  if (!list) return;
  waiting.delete(transaction);
  const { Deed, DeedsEnd, Change } = tables(database());
  const end = await DeedsEnd.findByPk(1, { transaction, lock: transaction.LOCK.UPDATE, rejectOnEmpty: true });
  let before = end.hash;
  for (const { accountId, by, what, subject, customerId, difference } of list) {
    const at = new Date();
    const byWhom = by.slice(0, LONGEST.by);
    const told = { at, byWhom, customerId, what: what.slice(0, LONGEST.what) };
    const salt = difference && randomBytes(SALT_BYTES).toString('hex');
    const entry = { ...told, accountId, subject: subject.slice(0, LONGEST.subject), content: salt && contentHash(salt, { ...told, difference }), before };
    before = deedHash(entry);
    const { id } = await Deed.create({ ...entry, hash: before }, { transaction });
    if (difference) await Change.create({ ...told, difference, deedId: id, salt }, { transaction });
  }
  await end.update({ hash: before, deeds: end.deeds + list.length }, { transaction });
}

/** What a look through the record found. */
export interface Audit {
  deeds: number;
  /** Changes from before the record was chained. */
  earlier: number;
  /** The hash of its end: written down elsewhere, it proves later that nothing was cut off. */
  end: string;
  wrong: string[];
}
const AT_ONCE = 2000;
/**
 * Looks through the whole record: every entry, every change beside it, and its end.
 * @param known an end that an earlier look told; it must be in it still
 */
export async function auditDeeds(known = ''): Promise<Audit> {
  const { Deed, DeedsEnd, Change } = tables(database());
  const wrong: string[] = [];
  let before = '';
  let deeds = 0;
  let there = known === '';
  // Of an erased person the changes are gone, and that they were erased stands in the record.
  const erased = new Set((await Deed.findAll({ where: { what: ERASED }, attributes: ['customerId'] })).map((d) => d.customerId));
  const takenBack = new Map(
    (await Deed.findAll({ where: { what: TOOK_BACK }, attributes: ['id', 'customerId'], order: [['id', 'ASC']] })).map((d) => [d.customerId, d.id])
  );
  for (let after = 0; ;) {
    const entries = await Deed.findAll({ where: { id: { [Op.gt]: after } }, order: [['id', 'ASC']], limit: AT_ONCE });
    if (entries.length === 0) break;
    const changes = new Map((await Change.findAll({ where: { deedId: entries.map((e) => e.id) } })).map((c) => [c.deedId, c]));
    for (const entry of entries) {
      const where = `entry ${entry.id}, ${entry.at.toISOString()}, ${entry.byWhom || 'nobody'}: ${entry.what}`;
      if (entry.before !== before) wrong.push(`${where}: what stood before it was removed or changed`);
      if (deedHash(entry) !== entry.hash) wrong.push(`${where}: the entry was changed`);
      before = entry.hash;
      there ||= entry.hash === known;
      const change = changes.get(entry.id);
      if (entry.content === null ? change : !change && !erased.has(entry.customerId))
        wrong.push(`${where}: ${change ? 'a change was added to it' : 'what was changed is missing, and the person was not erased'}`);
      // Forgotten on request: allowed only where the record says, later, that the person took something back.
      const forgotten = change?.salt === FORGOTTEN && change.difference.forgotten === true && (takenBack.get(entry.customerId) ?? 0) > entry.id;
      if (change && entry.content !== null && !forgotten && contentHash(change.salt ?? '', change) !== entry.content)
        wrong.push(`${where}: what it says was changed`);
    }
    deeds += entries.length;
    after = entries.at(-1)!.id;
  }
  const end = await DeedsEnd.findByPk(1);
  if (!end || end.hash !== before || end.deeds !== deeds)
    wrong.push(`the record ends otherwise than it was left: ${deeds} entries, ${end?.deeds ?? 0} were written`);
  if (!there) wrong.push(`the end ${known} is not in the record: what was written until then was cut off or written anew`);
  return { deeds, earlier: await Change.count({ where: { deedId: null } }), end: before, wrong };
}
/** In place of the salt of a change whose words were forgotten on request. */
export const FORGOTTEN = 'forgotten';
/** What the record says where somebody takes back what they agreed to, and where a person was erased. */
export const TOOK_BACK = 'took back';
export const ERASED = 'a person was erased';
