import { byUrgency, dayNumber, dayText, DUE_RULE, dueOf, LIFE_EVENT, sayDue, type DueItem, type DueRuleId } from '@chiave/core/keep';
import type { z } from 'zod';
import { type dueAnswerSchema, type DueRow } from '../../api/keep-schema';
import { apart, change, database, selectPlain, tables, transacted } from '../db';
import { mayNow } from '../doors/who';
import { invalid, notFound } from '../problems';
import { heldPerson } from './customers';
import { recordsOf, withoutFacts, type NamedRecords } from './kept-records';
import { addLife, refreshPairs } from './pairs';
import { log } from '../log';
import { wholly } from '../watch/asking';

/** What is due: of one person, of all of them, and of those of whom something is told this week. */
const PAIR_SUBJECT = /^pair:(\d+)$/;
const doneWords = (rule: DueRuleId): string => {
  const { writes } = DUE_RULE[rule];
  return writes ? LIFE_EVENT[writes].name : 'done';
};
/** What is due of somebody, in words, as whoever asks may see it: what tells of health is for those who fit. */
export function rowsOf({ id, name, reminded, items }: DueOfPerson, today: number): DueRow[] {
  const seen = mayNow('health');
  const shown = seen ? items : items.filter((i) => !DUE_RULE[i.rule].health);
  return shown.map((item) => {
    const said = sayDue(item, today);
    // Why somebody is measured again may be a child that is on its way.
    const reason = seen || item.subject !== 'person' ? said.reason : '';
    return {
      person: { id, name },
      ...said,
      reason,
      remind: reminded ? said.remind : null,
      pair: PAIR_SUBJECT.exec(item.subject)?.[1] ?? null,
      done: doneWords(item.rule)
    };
  });
}
export interface DueOfPerson {
  id: number;
  name: string;
  /** False for somebody who wants no reminders. */
  reminded: boolean;
  items: DueItem[];
}
const told = ({ records }: NamedRecords, today: number, ahead: number, quiet: boolean): DueItem[] =>
  dueOf(records, today, ahead).filter((i) => quiet || !DUE_RULE[i.rule].quiet);
/** Days that are looked ahead for when something comes up next; after them a person is gone through again. */
const HORIZON = 90;
/** When something of a person is told next, and where they stand among others. */
function nextOf(named: NamedRecords, today: number): { nextOn: string; sortOn: string } {
  const ahead = told(named, today, HORIZON, false);
  const snoozes = named.records.answers.flatMap((a) => (a.until !== null && a.until > today ? [a.until] : []));
  const next = Math.min(today + HORIZON, ...ahead.map((i) => Math.max(today, i.earliest)), ...snoozes);
  const sort = Math.min(next, ...ahead.filter((i) => i.earliest <= today).map((i) => (DUE_RULE[i.rule].firm ? i.latest : Math.max(i.due, today - HORIZON))));
  return { nextOn: dayText(next), sortOn: dayText(sort) };
}
/** A person as Today finds them: how often they were written to since their list was worked out, and when they are told next. */
interface Marked {
  id: number;
  stale: number;
  nextOn: string;
  sortOn: string;
}
const MARKED = 'customer_id AS id, stale, next_on AS nextOn, sort_on AS sortOn';
/** Writes when people are told next, where it is another day than it was. Who was written to meanwhile stays stale. */
async function writeNext(rows: readonly Marked[], found: ReadonlyMap<number, NamedRecords>, today: string): Promise<void> {
  const day = dayNumber(today);
  const changed = rows.flatMap((row) => {
    const named = found.get(row.id);
    const next = named && nextOf(named, day);
    return next && (row.stale > 0 || next.nextOn !== row.nextOn || next.sortOn !== row.sortOn) ? [{ ...row, ...next }] : [];
  });
  if (changed.length === 0) return;
  await transacted(async () => {
    for (const row of changed)
      await change('UPDATE due_people SET next_on = :nextOn, sort_on = :sortOn, stale = 0 WHERE customer_id = :id AND stale = :stale', { ...row });
  });
}
/** Lists of everybody that are being worked out: who asks the same meanwhile gets the same. */
const underWay = new Map<string, Promise<DueOfPerson[]>>();
/** What is due of everybody, or of one. @param ahead days looked ahead */
export function dueList(today: string, asked: { ahead: number; person?: number; quiet?: boolean }): Promise<DueOfPerson[]> {
  if (asked.person !== undefined) return workOut(today, asked);
  const key = `${today} ${asked.ahead} ${asked.quiet}`;
  const found = underWay.get(key) ?? workOut(today, asked).finally(() => underWay.delete(key));
  underWay.set(key, found);
  return found;
}
async function workOut(today: string, { ahead, person, quiet = false }: { ahead: number; person?: number; quiet?: boolean }): Promise<DueOfPerson[]> {
  const found = await recordsOf(person === undefined ? null : [person], today);
  if (person !== undefined && !found.has(person)) throw notFound(`person ${person}`);
  const day = dayNumber(today);
  const out: DueOfPerson[] = [];
  for (const [id, named] of found) {
    const items = told(named, day, ahead, quiet);
    if (items.length > 0) out.push({ id, name: named.name, reminded: named.reminded, items });
  }
  const urgent = byUrgency(day);
  return out.sort((a, b) => urgent(a.items[0], b.items[0]) || a.id - b.id);
}
const CHUNK = 200;
/** Goes through some of those who were written to since their list was worked out. @returns how many there were */
async function reckonSome(today: string): Promise<number> {
  const rows = await selectPlain<Marked>(`SELECT ${MARKED} FROM due_people WHERE stale > 0 ORDER BY customer_id DESC LIMIT :most`, { most: CHUNK });
  if (rows.length === 0) return 0;
  const found = await recordsOf(rows.map((r) => r.id), today); // prettier-ignore
  await writeNext(rows, found, today);
  // Who was erased has no list.
  const gone = rows.filter((r) => !found.has(r.id)).map((r) => r.id);
  if (gone.length > 0) await tables(database()).DuePerson.destroy({ where: { customerId: gone } });
  return rows.length;
}
/** So many people are gone through for Today; the rest are counted. */
const GONE_THROUGH = 40;
/** Those of whom something is told this week, the most urgent first, and how many there are. */
export async function dueThisWeek(today: string, most: number, ahead = 7): Promise<{ people: DueOfPerson[]; total: number }> {
  const until = dayText(dayNumber(today) + ahead);
  // Those who were written to just now are told at once; where there are thousands, as after a migration, the rest follow beside.
  if ((await reckonSome(today)) === CHUNK) void reckonStale(today);
  const [rows, [{ total }]] = await Promise.all([
    selectPlain<Marked>(`SELECT ${MARKED} FROM due_people WHERE next_on <= :until ORDER BY sort_on, customer_id LIMIT :most`, { until, most: GONE_THROUGH }), // prettier-ignore
    selectPlain<{ total: number }>('SELECT COUNT(*) AS total FROM due_people WHERE next_on <= :until', { until })
  ]);
  const found = await recordsOf(rows.map((r) => r.id), today); // prettier-ignore
  const day = dayNumber(today);
  await writeNext(rows, found, today);
  const people = [...found]
    .map(([id, named]) => ({ id, name: named.name, reminded: named.reminded, items: told(named, day, ahead, false) }))
    .filter((p) => p.items.length > 0);
  const urgent = byUrgency(day);
  people.sort((a, b) => urgent(a.items[0], b.items[0]) || a.id - b.id);
  return { people: people.slice(0, most), total: rows.length < GONE_THROUGH ? people.length : Number(total) };
}
let reckoning: Promise<void> | null = null;
/** Goes through everybody whose list was never worked out or has changed, beside the requests. */
export function reckonStale(today: string): Promise<void> {
  return (reckoning ??= wholly(() =>
    apart(async () => {
      try {
        for (let after = 0; ;) {
          const ids = await withoutFacts(after, CHUNK);
          if (ids.length === 0) break;
          for (const id of ids) await refreshPairs(id);
          after = ids.at(-1)!;
        }
        while (await reckonSome(today));
      } catch (err) {
        log.warn({ err }, 'what is due could not be gone through; it is tried again with the next look at Today');
      } finally {
        reckoning = null;
      }
    })
  ));
}

/**
 * Answers what is due. “Done” of something that belongs on a pair’s life line is written there.
 * @throws Problem 404, 410, 422
 */
export async function answerDue(
  { customerId, rule, subject, anchor, answer, days, note }: z.infer<typeof dueAnswerSchema>,
  by: string,
  today: string
): Promise<void> {
  const { writes } = DUE_RULE[rule];
  const pair = PAIR_SUBJECT.exec(subject);
  if (writes && answer === 'done' && pair) {
    await addLife(Number(pair[1]), { on: today, what: writes, note, again: true }, by);
    return;
  }
  await transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const found = await recordsOf([customerId], today);
    const named = found.get(customerId);
    const known = named && dueOf({ ...named.records, answers: [] }, dayNumber(today), 366).some((i) => i.rule === rule && i.subject === subject);
    if (!known) throw invalid([{ path: 'subject', message: `nothing of the kind is due of “${subject}”: it was done or taken away meanwhile` }]);
    await tables(database()).DueAnswer.create(
      { customerId, rule, subject, anchor, answer, onDay: today, untilDay: days === undefined ? null : dayText(dayNumber(today) + days), note, byWhom: by, createdAt: new Date() }, // prettier-ignore
      { transaction }
    );
  });
}
