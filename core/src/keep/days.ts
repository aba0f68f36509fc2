/** Calendar days of the shop. Inside the sums a day is a number, so that tens of thousands of pairs are gone through at once. */

/** Days since 1970-01-01, in the shop's own time zone. */
export type DayNumber = number;
const DAY_MS = 86_400_000;
/** @param day as YYYY-MM-DD */
export const dayNumber = (day: string): DayNumber => Date.UTC(Number(day.slice(0, 4)), Number(day.slice(5, 7)) - 1, Number(day.slice(8, 10))) / DAY_MS;
/** Days that were written out: a list of thousands names the same few hundred. */
const written = new Map<DayNumber, string>();
const MOST_WRITTEN = 20_000;
export function dayText(day: DayNumber): string {
  const found = written.get(day);
  if (found) return found;
  const text = new Date(Math.round(day) * DAY_MS).toISOString().slice(0, 10);
  if (written.size < MOST_WRITTEN) written.set(day, text);
  return text;
}
/** A day so many months on; the last of a shorter month where it has no such day: 31 January and a month is 28 or 29 February. */
export function addMonths(day: DayNumber, months: number): DayNumber {
  const at = new Date(day * DAY_MS);
  const date = at.getUTCDate();
  at.setUTCDate(1);
  at.setUTCMonth(at.getUTCMonth() + months);
  const last = new Date(Date.UTC(at.getUTCFullYear(), at.getUTCMonth() + 1, 0)).getUTCDate();
  at.setUTCDate(Math.min(date, last));
  return at.getTime() / DAY_MS;
}
/** Which day a moment is in a time zone, as YYYY-MM-DD. @param zone as “Europe/Rome” @throws RangeError for no zone */
export function dayIn(moment: Date, zone: string): string {
  const parts = new Intl.DateTimeFormat('en-GB', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }).formatToParts(moment);
  const of = (type: string): string => parts.find((p) => p.type === type)!.value;
  return `${of('year')}-${of('month')}-${of('day')}`;
}
/** Monday of the week a day is in. */
export const mondayOf = (day: DayNumber): DayNumber => Math.floor((day + 3) / 7) * 7 - 3;
/** 0 Monday to 6 Sunday. */
export const weekdayOf = (day: DayNumber): number => day - mondayOf(day);
export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
