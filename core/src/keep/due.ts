import { dayText, type DayNumber } from './days';
import type { DueAnswer, KeptRecords } from './records';
import { isTold, type DueRule, type Figures, type Found } from './rule';
import { AHEAD_RULES } from './rules/ahead';
import { PAIR_RULES } from './rules/pair';
import { PERSON_RULES } from './rules/person';

/** Every rule once; lists, words, the calendar and the API follow from it. */
const DEFINITIONS = [...AHEAD_RULES, ...PAIR_RULES, ...PERSON_RULES] as const;
export type DueRuleId = (typeof DEFINITIONS)[number]['id'];
export const DUE_RULES: readonly DueRule<DueRuleId>[] = DEFINITIONS;
export const DUE_RULE_IDS: readonly DueRuleId[] = DUE_RULES.map((r) => r.id);
export const DUE_RULE = Object.fromEntries(DUE_RULES.map((r) => [r.id, r])) as Readonly<Record<DueRuleId, DueRule<DueRuleId>>>;

/** Something that is due. */
export interface DueItem extends Found {
  rule: DueRuleId;
}
export const DUE_STATES = [
  { id: 'late', name: 'late' },
  { id: 'now', name: 'due' },
  { id: 'soon', name: 'soon' }
] as const;
export type DueState = (typeof DUE_STATES)[number]['id'];
export const dueState = ({ due, latest }: Pick<Found, 'due' | 'latest'>, today: DayNumber): DueState =>
  today > latest ? 'late' : today >= due ? 'now' : 'soon';

const NEVER = (): null => null;
/** What was answered last of a rule and a subject. */
function answered(answers: readonly DueAnswer[]): (rule: string, subject: string) => readonly DueAnswer[] {
  if (answers.length === 0) return () => [];
  const of = new Map<string, DueAnswer[]>();
  for (const a of answers) {
    const key = `${a.rule} ${a.subject}`;
    of.set(key, [...(of.get(key) ?? []), a]);
  }
  return (rule, subject) => of.get(`${rule} ${subject}`) ?? [];
}
const doneOf = (answers: readonly DueAnswer[]): DayNumber | null => answers.reduce<number | null>((last, a) => (a.answer === 'done' ? Math.max(last ?? -Infinity, a.on) : last), null); // prettier-ignore
/** True where an answer keeps it from being told today. */
function silenced(answers: readonly DueAnswer[], found: Found, today: DayNumber): boolean {
  return answers.some((a) => {
    if (a.answer === 'not-wanted') return true;
    if (a.answer === 'snoozed') return a.until !== null && today < a.until;
    // Done is done: only what began later, and comes up after it, is told again.
    return found.anchor <= a.anchor || found.earliest <= a.on;
  });
}
/**
 * What is due of one person: pure, from records and rules to a list. Each has a band of days, its reason, its source and what to do.
 * @param today the shop’s calendar day
 * @param ahead days that are looked ahead: what comes up within them is told too
 * @returns those whose band has begun, the firm and the late first
 */
export function dueOf(records: KeptRecords, today: DayNumber, ahead = 0): DueItem[] {
  const of = answered(records.answers);
  const none = records.answers.length === 0;
  const until = today + ahead;
  const out: DueItem[] = [];
  for (const rule of DUE_RULES) {
    const found = rule.find(records, today, none ? NEVER : (subject) => doneOf(of(rule.id, subject)), until);
    for (const f of found) {
      if (!isTold(f, today, until)) continue;
      if (!none && silenced(of(rule.id, f.subject), f, today)) continue;
      out.push({ ...f, rule: rule.id });
    }
  }
  return out.length > 1 ? out.sort(byUrgency(today)) : out;
}
const RANK: Readonly<Record<DueState, number>> = { late: 1, now: 2, soon: 3 };
const rankOf = (item: DueItem, today: DayNumber): number =>
  DUE_RULE[item.rule].quiet ? 9 : DUE_RULE[item.rule].firm && item.due <= today ? 0 : RANK[dueState(item, today)];
export const byUrgency =
  (today: DayNumber) =>
  (a: DueItem, b: DueItem): number =>
    rankOf(a, today) - rankOf(b, today) || a.latest - b.latest || (a.rule < b.rule ? -1 : 1);

/** An item with its words, as lists, papers and the API have it. */
export interface DueSaid {
  rule: DueRuleId;
  subject: string;
  name: string;
  anchor: string;
  earliest: string;
  due: string;
  latest: string;
  state: DueState;
  firm: boolean;
  quiet: boolean;
  title: string;
  reason: string;
  source: string;
  mark: DueRule['source']['mark'];
  action: string;
  remind: string | null;
}
export function sayDue(item: DueItem, today: DayNumber): DueSaid {
  const r = DUE_RULE[item.rule];
  return {
    rule: item.rule,
    subject: item.subject,
    name: item.name,
    anchor: dayText(item.anchor),
    earliest: dayText(item.earliest),
    due: dayText(item.due),
    latest: dayText(item.latest),
    state: dueState(item, today),
    firm: r.firm,
    quiet: r.quiet,
    title: r.name,
    reason: r.because(item.figures satisfies Figures),
    source: r.source.words,
    mark: r.source.mark,
    action: r.action,
    remind: r.remind ? r.remind(item.name) : null
  };
}
