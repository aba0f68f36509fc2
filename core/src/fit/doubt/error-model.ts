import { FIRST_CLEFT } from '../../heel';
import { HAND_SD_MM, outlineTaperSd, TOPLINE_SD_MM, type Inside } from '../../last';
import { MAKING_SD, type Shoe, type WornFoot } from '../shoe';
import type { FootDims } from '../zones';

/** Causes of doubt: what is known of the last, then what differs foot by foot and shoe by shoe. */
export const SHOE_CAUSES = 6;
export const FOOT_CAUSES = 11;
/** Of a foot's own causes: the one by which the slide on a heel is doubtful. */
export const SLIDE_CAUSE = 10;
/** Where a foot's own causes begin in a row. @param f place of the foot in its pair */
export const ownCauses = (f: number): number => SHOE_CAUSES + f * FOOT_CAUSES;
/** What the line of a foot errs by, as doubt of where a shoe's taper begins, mm: what a hand's line of a shoe would; a scan's is better known than that. */
export const LINE_TAPER_SD_MM = outlineTaperSd({ sdMm: HAND_SD_MM });

/**
 * The foot at one point of its doubt: each measure by its own deviation, the outer joint moving with the inner.
 * @param at place of the foot's own causes in `z`
 * @param into overwritten, where thousands are made in a row
 */
export function disturbFoot({ dims, sd }: WornFoot, z: Float64Array, at: number, into: FootDims = { ...dims }): FootDims {
  const ball = sd.ballLengthMm * z[at + 1];
  into.lengthMm = dims.lengthMm + sd.lengthMm * z[at];
  into.ballLengthMm = dims.ballLengthMm + ball;
  into.outerBallLengthMm = dims.outerBallLengthMm + ball;
  into.ballWidthMm = Math.max(20, dims.ballWidthMm + sd.ballWidthMm * z[at + 2]);
  into.ballGirthMm = dims.ballGirthMm + sd.ballGirthMm * z[at + 3];
  into.waistGirthMm = dims.waistGirthMm + sd.waistGirthMm * z[at + 3];
  into.instepGirthMm = dims.instepGirthMm + sd.instepGirthMm * z[at + 4];
  into.shortHeelGirthMm = dims.shortHeelGirthMm + sd.shortHeelGirthMm * z[at + 5];
  into.heelWidthMm = Math.max(15, dims.heelWidthMm + sd.heelWidthMm * z[at + 6]);
  into.toeHeightMm = dims.toeHeightMm + sd.toeHeightMm * z[at + 7];
  into.littleToeHeightMm = dims.littleToeHeightMm + sd.littleToeHeightMm * z[at + 7];
  into.ankleGirthMm = dims.ankleGirthMm + sd.ankleGirthMm * z[at + 5];
  // Heights that were not taken are NaN and stay so.
  into.dorsumMm = dims.dorsumMm + sd.archStandingMm * z[at + 7];
  into.ankleBoneMm = dims.ankleBoneMm + sd.ankleBoneMm * z[at + 7];
  into.cleftMm = dims.cleftMm + FIRST_CLEFT.share * sd.lengthMm * z[at] + FIRST_CLEFT.sdShare * dims.lengthMm * z[at + 1];
  into.calfGirthMm = dims.calfGirthMm + sd.calfGirthMm * z[at + 5];
  return into;
}

/**
 * The inside of a shoe at one point of its doubt: the last's part at `common`, the making of this one shoe among its foot's own causes.
 * @param inside as sold, or as worn
 * @param into overwritten, where thousands are made in a row
 */
export function disturbInside(inside: Inside, sd: Shoe['sd'], z: Float64Array, common: number, own: number, into: Inside = { ...inside }): Inside {
  const girth = sd.girthMm * z[common + 2] + MAKING_SD.girthMm * z[own + 9];
  into.insoleLengthMm = inside.insoleLengthMm + sd.lengthMm * z[common] + MAKING_SD.lengthMm * z[own + 8];
  into.ballWidthMm = Math.max(20, inside.ballWidthMm + sd.widthMm * z[common + 1]);
  into.heelWidthMm = inside.heelWidthMm + 0.6 * sd.widthMm * z[common + 1];
  into.ballGirthMm = inside.ballGirthMm + girth;
  into.waistGirthMm = inside.waistGirthMm + girth;
  into.instepGirthMm = inside.instepGirthMm + girth;
  into.throatGirthMm = inside.throatGirthMm === null ? null : inside.throatGirthMm + girth;
  into.taperShiftMm = inside.taperShiftMm + sd.taperMm * z[common + 3];
  into.flexLineMm = inside.flexLineMm + sd.ballLineMm * z[common + 4];
  into.toeDepthMm = inside.toeDepthMm + sd.depthMm * z[common + 5];
  into.littleToeDepthMm = inside.littleToeDepthMm + sd.depthMm * z[common + 5];
  into.instepHeightMm = inside.instepHeightMm + sd.depthMm * z[common + 5];
  into.toplineHeightMm = inside.toplineHeightMm + TOPLINE_SD_MM * z[common + 5];
  return into;
}

/** What the line of a foot errs by, at one point of its doubt: the toes meet the shoe as if its taper began elsewhere. @param at place in `z`; -1 for a foot that has no line of its own */
export function disturbLine(inside: Inside, z: Float64Array, at: number): Inside {
  if (at >= 0) inside.taperShiftMm += LINE_TAPER_SD_MM * z[at];
  return inside;
}
