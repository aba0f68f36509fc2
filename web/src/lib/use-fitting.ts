import { postureScore } from '@chiave/core/foot';
import { SIDES, type Side } from '@chiave/core/measure';
import { ANYBODY, type Looks, type UseId, type UsePerson, type UseSetting } from '@chiave/core/use';
import type { FittingRow } from './api/rows';

/** From what a fitting keeps to what a use is judged by. */
type Fitting = Pick<FittingRow, 'feet' | 'sockMm' | 'weightKg' | 'use'> & { customer: Pick<FittingRow['customer'], 'flags'> };
const most = (values: readonly (number | null | undefined)[]): number | null => {
  const known = values.filter((v): v is number => typeof v === 'number');
  return known.length === 0 ? null : Math.max(...known);
};
const least = (values: readonly (number | null | undefined)[]): number | null => {
  const known = values.filter((v): v is number => typeof v === 'number');
  return known.length === 0 ? null : Math.min(...known);
};
/** What was looked at on one side: gait as it was seen, and what Measure knows of posture and arch. */
export function looksOf({ feet, use }: Pick<Fitting, 'feet' | 'use'>, side: Side): Looks {
  const { posture, archType } = feet[side];
  const own = use.looks[side] ?? {};
  const arch = [...(own.arch ?? []), ...(archType ? [archType] : [])];
  return { ...(posture ? { postureScore: postureScore(posture).score } : {}), ...own, ...(arch.length > 0 ? { arch } : {}) };
}
export function usePersonOf(fitting: Fitting): UsePerson {
  const { feet, sockMm, weightKg, use, customer } = fitting;
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
    bodyHeightMm: use.answers.bodyHeight ?? null,
    weightKg,
    sockMm,
    flags: customer.flags,
    looks: { left: looksOf(fitting, 'left'), right: looksOf(fitting, 'right') }
  };
}
/** @param insideRoomMm room in front of the toes as the fit tells it */
export const useSettingOf = (fitting: Fitting, insideRoomMm: number | null = null): UseSetting => ({
  person: usePersonOf(fitting),
  answers: fitting.use.answers,
  insideRoomMm,
  load: null
});
/** The use that is judged: the first that was chosen. */
export const useOfFitting = ({ use }: Pick<FittingRow, 'use'>): UseId | null => use.uses[0] ?? null;
