import { MEASURES, type MeasureId } from './measures';
import type { Foot, FootValue } from './foot';

/** Morning-to-evening growth, share of the value [estimate]. Width follows girth, their ratio being steady. */
export const DAY_GROWTH = { length: 0.002, girth: 0.01, source: 'estimate; feet are smallest on waking, largest about four in the afternoon (practice)' };
const WORDS: Readonly<Record<string, number>> = { morning: 8, noon: 12, afternoon: 16, evening: 19 };
/** Share of the day's growth reached by the hour: none until ten, all from four in the afternoon [estimate]. */
const GROWN_FROM_H = 10;
const GROWN_BY_H = 16;

/**
 * Hour of the day from `HH:MM` or a word.
 * @returns hours 0 to 24, or null when it is not a time
 */
export function hourOf(time: string): number | null {
  if (time in WORDS) return WORDS[time];
  const match = /^([01]?\d|2[0-3])[:.]([0-5]\d)$/.exec(time.trim());
  return match ? Number(match[1]) + Number(match[2]) / 60 : null;
}

/** Share of the day's swelling reached at an hour, 0 to 1. */
export function dayShare(hour: number): number {
  return Math.min(1, Math.max(0, (hour - GROWN_FROM_H) / (GROWN_BY_H - GROWN_FROM_H)));
}

export interface StateStep {
  what: string;
  measure: 'length' | 'girth';
  mm: number;
  source: string;
}

const GROWS_AS_LENGTH = new Set<MeasureId>(['lengthMm', 'ballLengthMm', 'outerBallLengthMm']);

/**
 * The foot at the hour the shoe is worn, from the foot at the hour it was measured.
 * Unknown hours change nothing.
 * @returns the foot as worn and each step with its amount in mm
 */
export function footAtHour(foot: Foot, measuredAt?: string, wornAt?: string): { foot: Foot; steps: StateStep[] } {
  const from = measuredAt === undefined ? null : hourOf(measuredAt);
  const to = wornAt === undefined ? null : hourOf(wornAt);
  if (from === null || to === null) return { foot, steps: [] };
  const share = dayShare(to) - dayShare(from);
  if (share === 0) return { foot, steps: [] };
  const values = {} as Record<MeasureId, FootValue>;
  for (const { id } of MEASURES) {
    const value = foot.values[id];
    const rate = GROWS_AS_LENGTH.has(id) ? DAY_GROWTH.length : DAY_GROWTH.girth;
    values[id] = { ...value, mm: value.mm * (1 + share * rate) };
  }
  const what = share > 0 ? 'later in the day' : 'earlier in the day';
  const step = (measure: 'length' | 'girth', id: MeasureId): StateStep => ({
    what,
    measure,
    mm: values[id].mm - foot.values[id].mm,
    source: DAY_GROWTH.source
  });
  return { foot: { ...foot, values }, steps: [step('length', 'lengthMm'), step('girth', 'ballGirthMm')] };
}
