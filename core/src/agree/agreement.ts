// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- who imports the core finds the types with it
/// <reference path="./jstat.d.ts" />
import jstat from 'jstat';

/** How two instruments differ on one foot that both read at one visit, in one state. */
export interface Difference {
  /** Whose foot: left and right of one person are not two. */
  person: number;
  /** First instrument less second, and the mean of both, mm. */
  d: number;
  mean: number;
  /** When the later of the two was read, ISO. */
  at: string;
  /** Whose hand used the first instrument. */
  by: string;
}

/** With fewer persons than these, single points are all that can be told; with fewer than those, limits are a guess. */
const LEAST_PERSONS = 4;
const ENOUGH_PERSONS = 10;
/** How many persons the usual deviation counts for beside the shop's own [model]. */
const USUAL_COUNTS = 6;
/** A hand's own bias is told as if so many more readings had shown none [model]. */
const HAND_COUNTS = 4;
/** No instrument is believed to err by less than this, mm. */
const LEAST_SD_MM = 0.3;
/** A difference this large is a unit or a method mixed up, not a bias, mm. */
export const MOST_BIAS_MM = 5;

/** How two instruments agree on one measure. */
export interface Agreement {
  persons: number;
  pairs: number;
  /** What so many persons can say: their points only, limits that are a guess, or limits. */
  says: 'points' | 'few' | 'limits';
  /** Mean difference, and half of the interval that holds the true one 95 times in 100, mm. */
  biasMm: number;
  biasHalfMm: number;
  /** Deviation of one difference: the shop's own, drawn to the usual one while they are few, mm. */
  sdMm: number;
  /** Between these the next difference lies 95 times in 100, mm. */
  limits: readonly [number, number];
}

export const meanOf = (all: readonly number[]): number => all.reduce((sum, v) => sum + v, 0) / all.length;
const twoSided = (degrees: number): number => jstat.studentt.inv(0.975, degrees);

/** One difference a person: both feet of one are read by one hand at one time. */
const byPerson = (all: readonly Difference[]): number[] => {
  const own = new Map<number, number[]>();
  for (const { person, d } of all) own.set(person, [...(own.get(person) ?? []), d]);
  return [...own.values()].map(meanOf);
};

/**
 * How two instruments agree: bias and limits of agreement as those of the next foot, with Student's t (prediction limits).
 * @param usualSdMm deviation of one difference where nothing is known of this shop, mm
 * @returns null where no foot was read by both
 */
export function agreementOf(all: readonly Difference[], usualSdMm: number): Agreement | null {
  const own = byPerson(all);
  const n = own.length;
  if (n === 0) return null;
  const biasMm = meanOf(own);
  const spread = own.reduce((sum, d) => sum + (d - biasMm) ** 2, 0);
  const sdMm = Math.sqrt((USUAL_COUNTS * usualSdMm ** 2 + spread) / (USUAL_COUNTS + n - 1));
  const t = twoSided(USUAL_COUNTS + n - 1);
  const reach = t * Math.sqrt(1 + 1 / n) * sdMm;
  return {
    persons: n,
    pairs: all.length,
    says: n < LEAST_PERSONS ? 'points' : n < ENOUGH_PERSONS ? 'few' : 'limits',
    biasMm,
    biasHalfMm: (t * sdMm) / Math.sqrt(n),
    sdMm,
    limits: [biasMm - reach, biasMm + reach]
  };
}

/** What each hand adds to an instrument's bias, drawn to nothing while its readings are few, mm. */
export function biasByHand(all: readonly Difference[]): { by: string; pairs: number; biasMm: number }[] {
  const whole = meanOf(all.map((p) => p.d));
  const hands = new Map<string, number[]>();
  for (const { by, d } of all) hands.set(by, [...(hands.get(by) ?? []), d]);
  return [...hands].map(([by, own]) => ({ by, pairs: own.length, biasMm: ((meanOf(own) - whole) * own.length) / (own.length + HAND_COUNTS) }));
}

/** What one instrument errs by, from the same foot read twice with it, mm; null with fewer than four. */
export function ownSdOf(repeats: readonly number[]): number | null {
  if (repeats.length < LEAST_PERSONS) return null;
  const centre = meanOf(repeats);
  return Math.sqrt(repeats.reduce((sum, d) => sum + (d - centre) ** 2, 0) / (repeats.length - 1) / 2);
}

/** What the fit takes of an instrument once somebody has accepted it. */
export interface Correction {
  /** Taken off its readings, mm. */
  biasMm: number;
  sdMm: number;
}
/**
 * What an agreement says of the first instrument: its bias, and its share of the deviation.
 * @param firstSd usual deviation of the first instrument, mm; @param secondSd of the second
 * @throws RangeError in words where it says too little, or something that is no bias
 */
export function correctionOf({ biasMm, sdMm, says }: Agreement, firstSd: number, secondSd: number): Correction {
  if (says === 'points') throw new RangeError(`read ${LEAST_PERSONS} persons’ feet with both first`);
  if (Math.abs(biasMm) > MOST_BIAS_MM)
    throw new RangeError(`they lie ${Math.abs(biasMm).toFixed(1)} mm apart: look for a unit or a place that is mixed up, that is no bias`);
  return { biasMm, sdMm: Math.max(LEAST_SD_MM, (sdMm * firstSd) / Math.hypot(firstSd, secondSd)) };
}
