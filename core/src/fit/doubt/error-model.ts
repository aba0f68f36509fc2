import type { Inside } from '../../last';
import type { MeasureId } from '../../measure';
import { normalPoints } from './normal';
import { MAKING_SD, type Shoe, type WornFoot } from '../shoe';
import type { FootDims } from '../zones';

/** Independent causes of doubt: what is known of the last, then what differs foot by foot and shoe by shoe. */
export const SHOE_CAUSES = 6;
export const FOOT_CAUSES = 11;
/** Of a foot's own causes: the one by which the slide on a heel is doubtful. */
export const SLIDE_CAUSE = 10;

/** Points for the opened candidate and for ranking. */
export const POINTS = { opened: 1024, ranked: 128 } as const;

/** The measure behind each of a foot's own causes that may be filled in from proportions, by the cause's place. */
const CAUSE_OF: readonly MeasureId[] = [
  'lengthMm',
  'ballLengthMm',
  'ballWidthMm',
  'ballGirthMm',
  'instepGirthMm',
  'shortHeelGirthMm',
  'heelWidthMm',
  'toeHeightMm'
];
const BALL_GIRTH_CAUSE = CAUSE_OF.indexOf('ballGirthMm');
/** A foot fuller than its length lets expect is fuller all over: correlation of what is filled in with the ball's girth [estimate]. */
const FULLNESS: Readonly<Partial<Record<MeasureId, number>>> = { ballWidthMm: 0.8, instepGirthMm: 0.8, shortHeelGirthMm: 0.7 };
/** Left and right are one person's: correlation of what is filled in for both [estimate]. */
const SAME_PERSON = 0.9;

const pairs = new WeakMap<WornFoot, Map<WornFoot | null, Map<number, Float64Array>>>();

/**
 * The points of doubt of one foot or a pair: causes of what was measured are independent; what was filled in from proportions errs
 * together, within a foot and between the two.
 * @returns rows of six causes of the last and eleven a foot, the same every time for the same feet
 */
export function pointsOf(feet: readonly WornFoot[], points: number): Float64Array {
  const own = pairs.get(feet[0]) ?? new Map<WornFoot | null, Map<number, Float64Array>>();
  pairs.set(feet[0], own);
  const byCount = own.get(feet[1] ?? null) ?? new Map<number, Float64Array>();
  own.set(feet[1] ?? null, byCount);
  const found = byCount.get(points) ?? mixed(feet, points);
  byCount.set(points, found);
  return found;
}

function mixed(feet: readonly WornFoot[], points: number): Float64Array {
  const d = SHOE_CAUSES + FOOT_CAUSES * feet.length;
  const z = Float64Array.from(normalPoints(points, d));
  const filled = (foot: WornFoot, id: MeasureId): boolean => foot.foot.values[id].how === 'derived';
  const mix = (from: number, to: number, share: number): void => {
    for (let n = 0; n < points; n++) z[n * d + to] = share * z[n * d + from] + Math.sqrt(1 - share * share) * z[n * d + to];
  };
  feet.forEach((foot, f) => {
    const at = SHOE_CAUSES + f * FOOT_CAUSES;
    if (!filled(foot, 'ballGirthMm')) return;
    CAUSE_OF.forEach((id, k) => {
      if (FULLNESS[id] && filled(foot, id)) mix(at + BALL_GIRTH_CAUSE, at + k, FULLNESS[id]);
    });
  });
  if (feet.length > 1)
    CAUSE_OF.forEach((id, k) => {
      if (filled(feet[0], id) && filled(feet[1], id)) mix(SHOE_CAUSES + k, SHOE_CAUSES + FOOT_CAUSES + k, SAME_PERSON);
    });
  return z;
}

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
  return into;
}
