import { dayNumber, KIND_LIFE, LIFE_EVENT, PAIR_USE, WEAR_UNIT, type WearUnitId } from '@chiave/core/keep';
import { format, parseISO } from 'date-fns';
import type { DueRow, LifeRow, PairRow } from './api/keep-schema';

/** Words of pairs, their wear, and what is due. */
export const shortDay = (day: string): string => format(parseISO(day), 'd MMM');
export const longDay = (day: string): string => format(parseISO(day), 'd MMM yyyy');
export const daysApart = (from: string, to: string): number => dayNumber(to) - dayNumber(from);
const count = (n: number): string => (n < 10 && !Number.isInteger(n) ? n.toFixed(1) : String(Math.round(n)));
export const amountWords = (amount: number, unit: WearUnitId): string => `${count(amount)} ${amount === 1 ? WEAR_UNIT[unit].one : WEAR_UNIT[unit].name}`;
export const lifeWords = (e: LifeRow): string => {
  const marks = Object.entries(e.checks ?? {}).map(([id, mark]) => `${id} ${mark}`);
  const more = [e.amount !== undefined && e.unit ? amountWords(e.amount, e.unit) : '', marks.join(', '), e.cost ? `cost ${count(e.cost)}` : '', e.note].filter(
    Boolean
  );
  return `${LIFE_EVENT[e.what].name}${more.length > 0 ? `: ${more.join('; ')}` : ''}`;
};
/** What a pair has done, in what its kind counts. */
export const wornWords = ({ worn, counts }: Pick<PairRow, 'worn' | 'counts'>): string => (counts === 'km' ? `${count(worn.km)} km` : `${count(worn.hours)} h`);
/** What it has left: a band, or that it is over. */
export function leftWords({ left, counts }: Pick<PairRow, 'left' | 'counts'>): string {
  const unit = counts === 'km' ? 'km' : 'h';
  if (left.high <= 0) return 'past its life';
  return left.low <= 0 ? `at most ${count(left.high)} ${unit} left` : `${count(left.low)} to ${count(left.high)} ${unit} left`;
}
/** What one tap notes: as it was noted last, or as is usual with its use. */
export function tapOf(pair: Pick<PairRow, 'life' | 'body'>): { amount: number; unit: WearUnitId } {
  const last = pair.life.find((e) => e.what === 'worn' && e.unit && e.amount !== undefined);
  if (last) return { amount: last.amount!, unit: last.unit! };
  const habit = pair.body.habits.at(-1);
  if (habit)
    return { amount: habit.unit === 'classes' || habit.unit === 'performances' ? 1 : Math.max(1, Math.round(habit.perWeek / habit.times)), unit: habit.unit };
  const { unit, amount } = PAIR_USE[pair.body.uses[0] ?? KIND_LIFE[pair.body.kind].uses[0]].tap;
  return { amount, unit };
}
/** When something is due, from the day that is today. */
export function whenWords({ state, latest, earliest }: Pick<DueRow, 'state' | 'latest' | 'earliest'>, today: string): string {
  const day = (d: string): string => (d === today ? 'today' : daysApart(today, d) === 1 ? 'tomorrow' : shortDay(d));
  if (state === 'late') return latest < today ? `late since ${shortDay(latest)}` : 'late';
  if (state === 'now') return latest === today ? 'today at the latest' : `now, by ${day(latest)}`;
  return earliest <= today ? `by ${day(latest)}` : `from ${day(earliest)} to ${day(latest)}`;
}
/** A reminder to copy: nothing is sent from here. */
export const reminderText = (item: DueRow, shop: string): string => `Dear ${item.person.name.split(' ')[0]},\n\n${item.remind ?? ''}\n\n${shop}`;
