import { throatAt, type Box } from './box';
import type { PointeFoot } from './forefoot';

/** What vamp and wings cover of the joints, mm; path along the top and the platform's thickness are [model]. */
export const VAMP = { path: 1.03, platformMm: 3 } as const;
export interface Cover {
  /** Vamp over the big toe's crease, flat and on pointe, and where the throat is cut beside the middle. */
  vampFlatMm: number;
  vampMm: number;
  vampBesideMm: number;
  /** Wings over the two joints on pointe. */
  wingInnerMm: number;
  wingOuterMm: number;
}
/** @param bigToeAcross where the big toe stands on the platform, mm from the middle */
export function coverOf(foot: PointeFoot, box: Box, restMm: number, flatMm: number, bigToeAcross: number): Cover {
  const { values } = foot.foot;
  const past = (edge: number, rest: number): number => edge - VAMP.path * (foot.bigToeLengthMm + rest) - VAMP.platformMm;
  const behind = (joint: number): number => values.lengthMm.mm - joint + restMm;
  return {
    vampFlatMm: past(box.vampMm, flatMm),
    vampMm: past(box.vampMm, restMm),
    vampBesideMm: past(throatAt(box, Math.min(1, (2 * Math.abs(bigToeAcross)) / box.jointWidthMm)), restMm),
    wingInnerMm: box.wingMm - behind(values.ballLengthMm.mm),
    wingOuterMm: box.wingOuterMm - behind(values.outerBallLengthMm.mm)
  };
}
/** In demi-pointe the top folds away so much of the length a radian. */
export const FOLDS = 0.055;
