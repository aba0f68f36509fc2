import type { HeelMade, HeelReport } from './stand';
import { HOLD } from './holds';
import { HEEL } from './pitch';

/** What is said of a heel whatever it measures. None of it is a diagnosis; clinician, teacher and local code come first. */
const HIGH_MM = 25;
/** Only for those who have worn such for long, mm of heel. */
const EXPERIENCED_MM = 229;
/** Past this the toe joint has little left to roll over, degrees. */
const TOE_BEND_DEG = 60;
const RARELY_STEADY_DEG = 5;

interface Told {
  made: HeelMade;
  report: HeelReport;
  lowIsSafer: boolean;
  /** How far the tip of the sole is turned up, degrees. */
  toeSpringDeg: number;
}
interface Caution {
  id: string;
  when: (told: Told) => boolean;
  words: string;
}
export const HEEL_CAUTIONS = [
  { id: 'clinician', when: ({ lowIsSafer }) => lowIsSafer, words: 'Low and broad, and a clinician is asked first.' },
  { id: 'falls', when: ({ report }) => report.dropMm > HIGH_MM, words: 'Falls and sprains rise with height; steadiness compares shoes and is no safety limit.' },
  { id: 'out-of-reach', when: ({ report }) => report.reach === 'out-of-reach', words: 'This ankle does not reach it: no pad or practice in the shop changes that.' },
  { id: 'near-limit', when: ({ report }) => report.reach === 'near-limit', words: 'The ankle stands near the end of its range: for a moment, not for an evening.' },
  { id: 'no-strap', when: ({ report, made }) => report.dropMm > HEEL.everydayMm && HOLD[made.hold].torqueNm === 0, words: 'Nothing holds the ankle: only for short walks on even ground.' },
  { id: 'unsteady', when: ({ report }) => report.stability.indexDeg < RARELY_STEADY_DEG, words: 'Among the least steady: a broader tip, a strap or a cap helps most.' },
  { id: 'cap', when: ({ made }) => made.capMm !== undefined, words: 'A cap that is not hard to push on comes off and trips.' },
  { id: 'worn', when: ({ made }) => (made.unevenMm ?? 0) > 0 || (made.bentInMm ?? 0) > 0, words: 'A worn or bent tip costs more than height: replace it first.' },
  { id: 'toe-joint', when: ({ report, toeSpringDeg }) => report.pose.foreDeg + toeSpringDeg > TOE_BEND_DEG, words: 'The toe joint is bent nearly as far as it goes: pain or numb toes mean stop.' },
  { id: 'experienced', when: ({ made }) => made.heelHeightMm > EXPERIENCED_MM, words: 'For experienced wearers only, after lower pairs.' },
  { id: 'hours', when: ({ report }) => report.dropMm > HEEL.everydayMm, words: 'A heel hurts after hours whatever one does; the weight on the ball is a band, as studies disagree on how much.' }
] as const satisfies readonly Caution[]; // prettier-ignore
export type HeelCautionId = (typeof HEEL_CAUTIONS)[number]['id'];

export const heelCautions = (told: Told): { id: HeelCautionId; words: string }[] =>
  HEEL_CAUTIONS.filter((c: Caution) => c.when(told)).map(({ id, words }) => ({ id, words }));

/** How far the tip of the sole is turned up, degrees. @param springMm how far it stands off the ground */
export const toeSpringDeg = ({ foot }: HeelReport['pose'], springMm: number): number =>
  (Math.atan2(springMm, foot.lengthMm - foot.ballLengthMm) * 180) / Math.PI;
