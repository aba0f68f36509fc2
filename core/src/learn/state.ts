import { alikeShare, MEASURE_IDS, RATIO_OF, SIDES, type MeasureId, type Side } from '../measure';
import { PREFERENCE_SHIFT, type Preference } from '../fit';
import type { Gaussian } from './ep';

/** Measures of both feet, then what the person likes. */
export const MEASURES_BOTH = SIDES.flatMap((side) => MEASURE_IDS.map((id) => ({ side, id })));
export const stateAt = (side: Side, id: MeasureId): number => SIDES.indexOf(side) * MEASURE_IDS.length + MEASURE_IDS.indexOf(id);
/** Liking of the whole shoe, and of toes, girths and heel beside it. */
export const LIKINGS = ['common', 'toes', 'girth', 'heel'] as const;
export type LikingId = (typeof LIKINGS)[number];
export const likingAt = (id: LikingId): number => MEASURES_BOTH.length + LIKINGS.indexOf(id);
/** Where what belongs to lasts and pairs begins. */
export const PERSON_SIZE = MEASURES_BOTH.length + LIKINGS.length;

/** A value and its doubt before anything was said. */
export interface Before {
  mm: number;
  sdMm: number;
}
/** How far the length of people's feet lies from what their shoes are made for, mm: shoes are no better known than this [model]. */
const ABOUT_ANCHOR_MM = 10;
export const LIKING_SD = { common: 2, group: 1 } as const;

/**
 * What is believed of two feet before anything is said of them: ordinary proportions about a length, and how measures go together.
 * @param anchorMm taped length, or what the known shoes are made for
 * @param extra what lasts and pairs add behind
 */
export function priorOf(anchorMm: number, preference: Preference, extra: readonly Before[]): Gaussian {
  const d = PERSON_SIZE + extra.length;
  const mean = new Float64Array(d);
  const cov = new Float64Array(d * d);
  MEASURES_BOTH.forEach((a, i) => {
    mean[i] = RATIO_OF[a.id] * anchorMm;
    MEASURES_BOTH.forEach((b, j) => {
      cov[i * d + j] = RATIO_OF[a.id] * RATIO_OF[b.id] * (ABOUT_ANCHOR_MM ** 2 + alikeShare(a, b) * anchorMm ** 2);
    });
  });
  mean[likingAt('common')] = PREFERENCE_SHIFT[preference];
  LIKINGS.forEach((id) => {
    const at = likingAt(id);
    cov[at * d + at] = (id === 'common' ? LIKING_SD.common : LIKING_SD.group) ** 2;
  });
  extra.forEach(({ mm, sdMm }, k) => {
    mean[PERSON_SIZE + k] = mm;
    cov[(PERSON_SIZE + k) * (d + 1)] = sdMm ** 2;
  });
  return { mean, cov };
}
