import type { PointeFoot } from './forefoot';

/** What the bench says whatever it finds, and what it says more of whom. It clears nobody for pointe. */
export interface PointeCaution<Id extends string = string> {
  id: Id;
  words: string;
  /** The sums stand under it and nothing is called a recommendation. */
  holdsBack: boolean;
  when: (of: CautionOf) => boolean;
}
export interface CautionOf {
  foot: PointeFoot | null;
  ageYears: number | null;
  teacherSaid: boolean;
  /** Pain, numbness, a black nail, an injury. */
  hurt: boolean;
  growing: boolean;
  cured: boolean;
}
const LEAST_AGE = 12;
const LEAST_REACH_DEG = 90;
const caution = <const Id extends string>(id: Id, holdsBack: boolean, when: (of: CautionOf) => boolean, words: string): PointeCaution<Id> => ({
  id,
  words,
  holdsBack,
  when
});
export const POINTE_CAUTIONS = [
  caution('in-person', false, () => true, 'Fitted in person by a trained fitter, with the teacher’s consent. Model figures, all “about”, not limits of tissue; nothing here says ready for pointe.'),
  caution('teacher', true, (of) => !of.teacherSaid, 'The teacher’s word is not noted. Published guidance speaks of about twelve years and the fourth year of steady training, later or never where reach, trunk or strength are short (Weiss, Rist, Grossman 2009; dance medicine association). Ask the teacher.'),
  caution('young', true, (of) => of.ageYears !== null && of.ageYears < LEAST_AGE, 'Under twelve years: the sums are shown, and nothing is recommended. The teacher decides, with a clinician who knows dancers.'),
  caution('reach', true, (of) => of.foot !== null && of.foot.pointReachDeg !== null && of.foot.pointReachDeg < LEAST_REACH_DEG, 'The point reach is under 90°: no shoe makes up for it. The teacher decides, with a clinician who knows dancers.'),
  caution('hurt', true, (of) => of.hurt, 'Pain, numbness, a black nail or an injury: stop, and see a clinician who knows dancers.'),
  caution('growing', false, (of) => of.growing, 'Growing: there is no room to grow in a pointe shoe. Check every two or three months.'),
  caution('glue', false, (of) => of.cured, 'Shellac and fast glue: in the box only, in fresh air, away from skin, and dry before it is worn.'),
  caution('dead', false, () => true, 'Never dance a dead box.')
] as const; // prettier-ignore
export type PointeCautionId = (typeof POINTE_CAUTIONS)[number]['id'];
export const cautionsFor = (of: CautionOf): (typeof POINTE_CAUTIONS)[number][] => POINTE_CAUTIONS.filter((c) => c.when(of));
