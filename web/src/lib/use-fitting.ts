import { postureScore } from '@chiave/core/foot';
import { GROUND } from '@chiave/core/heel';
import { SIDES, type Side } from '@chiave/core/measure';
import { ANYBODY, gripsWith, type Answers, type Looks, type UseId, type UsePerson, type UseSetting } from '@chiave/core/use';
import type { FittingRow } from './api/rows';

/** From what a fitting keeps to what a use is judged by. */
type Fitting = Pick<FittingRow, 'feet' | 'sockMm' | 'insertMm' | 'weightKg' | 'ground' | 'use' | 'shopPulls'> & {
  customer: Pick<FittingRow['customer'], 'flags'>;
};
const most = (values: readonly (number | null | undefined)[]): number | null => {
  const known = values.filter((v): v is number => typeof v === 'number');
  return known.length === 0 ? null : Math.max(...known);
};
const least = (values: readonly (number | null | undefined)[]): number | null => {
  const known = values.filter((v): v is number => typeof v === 'number');
  return known.length === 0 ? null : Math.min(...known);
};
/** What was looked at on one foot: gait as it was seen, and what Measure knows of its posture and arch. */
export function looksOf({ posture, archType }: Pick<Fitting['feet'][Side], 'posture' | 'archType'>, own: Looks = {}): Looks {
  const arch = [...(own.arch ?? []), ...(archType ? [archType] : [])];
  return { ...(posture ? { postureScore: postureScore(posture).score } : {}), ...own, ...(arch.length > 0 ? { arch } : {}) };
}
export function usePersonOf(fitting: Omit<Fitting, 'shopPulls'>): UsePerson {
  const { feet, sockMm, weightKg, customer, use } = fitting;
  const values = SIDES.map((side) => feet[side].values);
  const both = (of: (v: (typeof values)[number]) => number | undefined): (number | undefined)[] => values.map(of);
  return {
    ...ANYBODY,
    lengthMm: most(both((v) => v.lengthMm?.mm)) ?? ANYBODY.lengthMm,
    ballWidthMm: most(both((v) => v.ballWidthMm?.mm)),
    ankleGirthMm: least(both((v) => v.ankleGirthMm?.mm)),
    ankleReachDeg: least(SIDES.map((side) => feet[side].ankleReachDeg)),
    toeHeightMm: most(both((v) => v.toeHeightMm?.mm)),
    hammerToeMm: most(SIDES.map((side) => feet[side].hammerToeMm)) ?? 0,
    kneeHeightMm: most(both((v) => v.shinLengthMm?.mm)),
    weightKg,
    sockMm,
    flags: customer.flags,
    looks: { left: looksOf(feet.left, use.looks.left), right: looksOf(feet.right, use.looks.right) }
  };
}
/** What was asked elsewhere in the fitting and need not be asked again: it stands until a use is answered otherwise. */
export const givenBy = ({ ground, insertMm }: Pick<Fitting, 'ground' | 'insertMm'>): Answers => ({
  ...(ground === '' ? {} : { ground: GROUND[ground].plain }),
  ...(insertMm > 0 ? { insert: insertMm } : {})
});
export const useSettingOf = (fitting: Fitting): UseSetting => ({
  person: usePersonOf(fitting),
  answers: { ...givenBy(fitting), ...fitting.use.answers },
  grips: gripsWith(fitting.shopPulls)
});
/** The use that is judged: the first that was chosen. */
export const useOfFitting = ({ use }: Pick<FittingRow, 'use'>): UseId | null => use.uses[0] ?? null;
