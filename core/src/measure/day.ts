/** Morning-to-evening growth, share of the value [estimate]. Width follows girth, their ratio being steady. */
export const DAY_GROWTH = { length: 0.002, girth: 0.01, source: 'estimate; feet are smallest on waking, largest about four in the afternoon (practice)' };
/** Times of day that have a word, with their hour. */
export const WORN_TIMES = [
  { id: 'morning', name: 'morning', hour: 8 },
  { id: 'noon', name: 'noon', hour: 12 },
  { id: 'afternoon', name: 'afternoon', hour: 16 },
  { id: 'evening', name: 'evening', hour: 19 }
] as const;
const WORDS: Readonly<Record<string, number>> = Object.fromEntries(WORN_TIMES.map((t) => [t.id, t.hour]));
/** Share of the day's growth reached by the hour: none until ten, all from four in the afternoon [estimate]. */
const GROWN_FROM_H = 10;
const GROWN_BY_H = 16;

/**
 * Hour of the day from `HH:MM` or a word.
 * @returns hours 0 to 24, or null when it is not a time
 */
export function hourOf(time: string): number | null {
  if (Object.hasOwn(WORDS, time)) return WORDS[time];
  const match = /^([01]?\d|2[0-3])[:.]([0-5]\d)$/.exec(time.trim());
  return match ? Number(match[1]) + Number(match[2]) / 60 : null;
}

/** Share of the day's swelling reached at an hour, 0 to 1. */
export function dayShare(hour: number): number {
  return Math.min(1, Math.max(0, (hour - GROWN_FROM_H) / (GROWN_BY_H - GROWN_FROM_H)));
}
