import type { FitsAs } from '../measure';

/**
 * Feet over time: change told from noise, growth of children, and when to measure again.
 */
export interface DatedReading {
  /** Years, as a fraction: 2026.9. */
  year: number;
  mm: number;
  sdMm: number;
}

export interface Trend {
  perYearMm: number;
  sdPerYearMm: number;
  /** True only where the change is beyond what reading errors explain. */
  real: boolean;
  /** Fitted value at a year, with its deviation. */
  at: (year: number) => { mm: number; sdMm: number };
}

/** A change must stand this many deviations from nought to be called one. */
const REAL_AT = 2;
/** Day-to-day variation of one person's length, mm, beside the reading's error [estimate]. */
const DAY_TO_DAY_MM = 1;

/**
 * Straight line through dated readings, weighted by their errors.
 * @returns null with fewer than two dates
 * @example trendOf([{ year: 2024, mm: 240, sdMm: 1.5 }, { year: 2026, mm: 241, sdMm: 1.5 }])!.real // false
 */
export function trendOf(readings: readonly DatedReading[]): Trend | null {
  if (new Set(readings.map((r) => r.year)).size < 2) return null;
  const weights = readings.map((r) => 1 / (r.sdMm ** 2 + DAY_TO_DAY_MM ** 2));
  const total = weights.reduce((a, b) => a + b, 0);
  const meanYear = readings.reduce((sum, r, i) => sum + weights[i] * r.year, 0) / total;
  const meanMm = readings.reduce((sum, r, i) => sum + weights[i] * r.mm, 0) / total;
  const sxx = readings.reduce((sum, r, i) => sum + weights[i] * (r.year - meanYear) ** 2, 0);
  const perYearMm = readings.reduce((sum, r, i) => sum + weights[i] * (r.year - meanYear) * (r.mm - meanMm), 0) / sxx;
  const sdPerYearMm = Math.sqrt(1 / sxx);
  const real = Math.abs(perYearMm) > REAL_AT * sdPerYearMm;
  return {
    perYearMm,
    sdPerYearMm,
    real,
    at: (year) => ({ mm: meanMm + perYearMm * (year - meanYear), sdMm: Math.sqrt(1 / total + (year - meanYear) ** 2 / sxx) })
  };
}

/** As whom a child grows. */
export type GrowsAs = FitsAs;

/** Growth by age, mm a year, and when it ends (Anderson, Blais and Green 1956: about 9 mm a year from five to twelve or fourteen; Wenger 1983 for toddlers, weak; from memory). */
// prettier-ignore
const GROWTH: readonly { untilAge: Record<GrowsAs, number>; perYearMm: number; sdMm: number }[] = [
  { untilAge: { women: 1, men: 1 }, perYearMm: 24, sdMm: 8 },
  { untilAge: { women: 3, men: 3 }, perYearMm: 18, sdMm: 5 },
  { untilAge: { women: 5, men: 5 }, perYearMm: 12, sdMm: 4 },
  { untilAge: { women: 12, men: 14 }, perYearMm: 9, sdMm: 3 },
  { untilAge: { women: 14, men: 16 }, perYearMm: 4, sdMm: 3 }
];

/** How fast a foot grows at an age; nought once growth has ended (girls about 14, boys about 16). */
export function growthAt(ageYears: number, growsAs: GrowsAs): { perYearMm: number; sdMm: number } {
  const row = GROWTH.find((r) => ageYears < r.untilAge[growsAs]);
  return row ? { perYearMm: row.perYearMm, sdMm: row.sdMm } : { perYearMm: 0, sdMm: 0 };
}

/** Length expected after some time, step by step through the ages. */
export function grownLength(lengthMm: number, ageYears: number, years: number, growsAs: GrowsAs): { mm: number; sdMm: number } {
  const STEP = 1 / 24;
  let mm = lengthMm;
  let sdMm = 0;
  for (let t = 0; t < years - 1e-9; t += STEP) {
    const part = Math.min(STEP, years - t);
    const rate = growthAt(ageYears + t, growsAs);
    mm += rate.perYearMm * part;
    sdMm += rate.sdMm * part;
  }
  return { mm, sdMm };
}

/** Months between readings by age (Gould 1990, from memory). */
const REMEASURE: readonly { underMonths: number; months: number }[] = [
  { underMonths: 16, months: 2 },
  { underMonths: 24, months: 3 },
  { underMonths: 36, months: 4 }
];
const CHILD_MONTHS = 6;
/** A change of body weight that changes feet, kg [practice]. */
const WEIGHT_CHANGED_KG = 8;
export const weightChanges = (leastKg: number, mostKg: number): boolean => mostKg - leastKg >= WEIGHT_CHANGED_KG;
/** Adults: at each purchase; through the sixties and seventies yearly [estimate]. */
const ELDER = { from: 60, to: 80, months: 12 };
const ADULT_MONTHS = 24;

export interface Remeasure {
  months: number;
  /** What decides; `remeasureWords` says it. */
  why: 'pregnant' | 'weight' | 'age-unknown' | 'small-child' | 'growing' | 'elder' | 'grown';
  /** A published source, `practice` or `estimate`. */
  source: string;
}

/** When to measure again. @param ageYears unknown counts as an adult */
export function remeasureAfter(ageYears: number | undefined, growsAs: GrowsAs, reasons: { pregnant?: boolean; weightChanged?: boolean } = {}): Remeasure {
  if (reasons.pregnant) return { months: 3, why: 'pregnant', source: 'practice' };
  if (reasons.weightChanged) return { months: 3, why: 'weight', source: 'practice' };
  if (ageYears === undefined) return { months: ADULT_MONTHS, why: 'age-unknown', source: 'practice' };
  const months = REMEASURE.find((r) => ageYears * 12 < r.underMonths)?.months;
  if (months) return { months, why: 'small-child', source: 'Gould 1990, from memory' };
  if (growthAt(ageYears, growsAs).perYearMm > 0) return { months: CHILD_MONTHS, why: 'growing', source: 'Gould 1990, from memory' };
  if (ageYears >= ELDER.from && ageYears < ELDER.to) return { months: ELDER.months, why: 'elder', source: 'estimate' };
  return { months: ADULT_MONTHS, why: 'grown', source: 'practice' };
}

/** Least room a growing foot needs in front, mm (Kinz and others: 10 to 12 at the least, from memory). */
export const CHILD_LEAST_ROOM_MM = 10;

/**
 * Until when a pair has room enough for a growing foot.
 * @param roomMm room in front of the toes now
 * @returns months, 0 when it is already too short, null when growth has ended or ends first
 */
export function roomLasts(roomMm: number, lengthMm: number, ageYears: number, growsAs: GrowsAs): number | null {
  if (growthAt(ageYears, growsAs).perYearMm <= 0) return null;
  if (roomMm <= CHILD_LEAST_ROOM_MM) return 0;
  for (let months = 1; months <= 120; months++) {
    if (roomMm - (grownLength(lengthMm, ageYears, months / 12, growsAs).mm - lengthMm) <= CHILD_LEAST_ROOM_MM) return months;
  }
  return null;
}
