import { mondayOf, type DayNumber } from './days';
import { LIFE_EVENT, WEAR_UNIT, type CheckId, type LifeEventId, type PartId, type WearUnitId } from './life';

/** One thing on the life line of a pair. */
export interface LifeEvent {
  on: DayNumber;
  what: LifeEventId;
  /** How much it was worn. */
  amount?: number;
  unit?: WearUnitId;
  cost?: number;
  checks?: Partial<Record<CheckId, number>>;
}
/** Wear that counts by itself: so much a week from one day to another. */
export interface Habit {
  from: DayNumber;
  /** The last day; null while it goes on. */
  until: DayNumber | null;
  unit: WearUnitId;
  perWeek: number;
  /** How often a week. */
  times: number;
}
export interface Amounts {
  hours: number;
  km: number;
  wears: number;
}
const NOTHING: Amounts = { hours: 0, km: 0, wears: 0 };
const plus = (a: Amounts, b: Amounts): Amounts => ({ hours: a.hours + b.hours, km: a.km + b.km, wears: a.wears + b.wears });
/** What goes beyond, never below nought. */
const over = (a: Amounts, b: Amounts): Amounts => ({ hours: Math.max(0, a.hours - b.hours), km: Math.max(0, a.km - b.km), wears: Math.max(0, a.wears - b.wears) }); // prettier-ignore

/** Wear as hours and as kilometres. @param kmh how fast one goes in the kind */
export function amountsOf(amount: number, unit: WearUnitId, kmh: number, wears: number): Amounts {
  const own = WEAR_UNIT[unit].hours;
  const hours = own === null ? amount / kmh : amount * own;
  return { hours, km: own === null ? amount : hours * kmh, wears };
}
/** How often a logged wear was: classes and performances are told by their number. */
const timesOf = (amount: number, unit: WearUnitId): number => (unit === 'classes' || unit === 'performances' ? amount : 1);

/** What was logged by hand, beyond what habits count in the same weeks. */
export interface Logged {
  first: DayNumber | null;
  last: DayNumber | null;
  /** Of weeks before the last logged one: what goes beyond the habit. */
  beyond: Amounts;
  /** The last week in which something was logged, whole. */
  week: { monday: DayNumber; amounts: Amounts } | null;
}
/** All that the rules read of a pair's life line, worked out when it changes. */
export interface Tally {
  all: Logged;
  /** Since a part was renewed last. */
  since: Partial<Record<PartId, { on: DayNumber; logged: Logged }>>;
  /** The newest mark of each thing looked at. */
  checks: Partial<Record<CheckId, { on: DayNumber; mark: number }>>;
  checkedOn: DayNumber | null;
  /** Repairs and care, beside the price. */
  cost: number;
  ended: { on: DayNumber; what: LifeEventId } | null;
}
const BLANK: Logged = { first: null, last: null, beyond: NOTHING, week: null };
export const BLANK_TALLY: Tally = { all: BLANK, since: {}, checks: {}, checkedOn: null, cost: 0, ended: null };

/** What habits count between two days, both of them in. */
export function habitIn(habits: readonly Habit[], from: DayNumber, to: DayNumber, kmh: number): Amounts {
  if (habits.length === 0) return NOTHING;
  let sum = NOTHING;
  for (const h of habits) {
    const days = Math.min(to, h.until ?? to) - Math.max(from, h.from) + 1;
    if (days <= 0) continue;
    const a = amountsOf(h.perWeek, h.unit, kmh, h.times);
    const weeks = days / 7;
    sum = plus(sum, { hours: a.hours * weeks, km: a.km * weeks, wears: a.wears * weeks });
  }
  return sum;
}
/** Events of wear, oldest first, from one day on. */
function loggedOf(worn: readonly LifeEvent[], habits: readonly Habit[], from: DayNumber, kmh: number): Logged {
  let out = BLANK;
  for (const e of worn) {
    if (e.on < from) continue;
    const a = amountsOf(e.amount!, e.unit!, kmh, timesOf(e.amount!, e.unit!));
    const monday = mondayOf(e.on);
    if (out.week && out.week.monday === monday) {
      const week = out.week.amounts;
      out = { ...out, last: e.on, week: { monday, amounts: plus(week, a) } };
    } else {
      out = { first: out.first ?? e.on, last: e.on, beyond: closed(out, habits, from, kmh), week: { monday, amounts: a } };
    }
  }
  return out;
}
/** What stands beyond the habit once the last logged week is over. */
function closed({ beyond, week }: Logged, habits: readonly Habit[], from: DayNumber, kmh: number): Amounts {
  if (!week) return beyond;
  const habit = habitIn(habits, Math.max(from, week.monday), week.monday + 6, kmh);
  return plus(beyond, over(week.amounts, habit));
}
/** @param kmh how fast one goes in its kind */
export function tallyOf(events: readonly LifeEvent[], habits: readonly Habit[], kmh: number): Tally {
  const line = [...events].sort((a, b) => a.on - b.on);
  const worn = line.filter((e) => LIFE_EVENT[e.what].wears && e.unit !== undefined && e.amount !== undefined);
  const out: Tally = { ...BLANK_TALLY, all: loggedOf(worn, habits, -Infinity, kmh), since: {}, checks: {} };
  for (const e of line) {
    const { checks, ends, renews } = LIFE_EVENT[e.what];
    out.cost += e.cost ?? 0;
    if (ends) out.ended = { on: e.on, what: e.what };
    // What is worn on the day itself counts to the old part.
    if (renews) out.since[renews] = { on: e.on, logged: loggedOf(worn, habits, e.on + 1, kmh) };
    if (!checks) continue;
    out.checkedOn = e.on;
    for (const [id, mark] of Object.entries(e.checks ?? {})) out.checks[id as CheckId] = { on: e.on, mark };
  }
  return out;
}
/**
 * Wear until a day: what was logged and what habits count. In a week in which both speak the larger counts, so that nothing is counted twice.
 * @param from the first day that counts
 */
export function usedBy({ beyond, week }: Logged, habits: readonly Habit[], from: DayNumber, today: DayNumber, kmh: number): Amounts {
  if (habits.length === 0) return week ? plus(beyond, week.amounts) : beyond;
  const habit = habitIn(habits, from, today, kmh);
  if (!week) return plus(beyond, habit);
  const sameWeek = habitIn(habits, Math.max(from, week.monday), Math.min(today, week.monday + 6), kmh);
  return plus(plus(beyond, habit), over(week.amounts, sameWeek));
}
