import { MAKING_SD, type Shoe } from './shoe';
import { NO_AIDS, fitOnce, type Aids } from './clearances';
import { allWithin } from './judge';
import { normalPoints } from './normal';
import type { Targets } from './targets';
import type { FootDims, Wear, WornFoot } from './wear';
import { ZONE_AT, ZONE_IDS } from './zones';

/** Independent causes of doubt: what is known of the last, then what differs foot by foot and shoe by shoe. */
const SHOE_CAUSES = 6;
const FOOT_CAUSES = 11;

/** Points for the opened candidate and for ranking. */
export const POINTS = { opened: 1024, ranked: 128 } as const;

export interface Doubt {
  /** Chance that every deciding zone of every foot lies in a to d together. */
  probability: number;
  /** Standard deviation of each zone, mm, one array a foot. */
  sd: Float64Array[];
}

/**
 * Joint probability by simulation of the error model: each foot's measures by their deviations,
 * the last by how well it is known (common to both shoes), and the making of each shoe.
 * @param feet one foot, or both of a pair
 * @param points how many points; the same points every time
 */
export function doubtOf(feet: readonly WornFoot[], shoe: Shoe, wear: Wear, targets: Targets, points: number, aids: Aids = NO_AIDS): Doubt {
  const d = SHOE_CAUSES + FOOT_CAUSES * feet.length;
  const z = normalPoints(points, d);
  const sum = feet.map(() => new Float64Array(ZONE_IDS.length));
  const squares = feet.map(() => new Float64Array(ZONE_IDS.length));
  let within = 0;
  for (let n = 0; n < points; n++) {
    let all = true;
    for (let f = 0; f < feet.length; f++) {
      const at = n * d + SHOE_CAUSES + f * FOOT_CAUSES;
      const result = fitOnce(disturbFoot(feet[f], z, at), disturbShoe(shoe, z, n * d, at), wear, aids);
      const slideSd = (result.slide.highMm - result.slide.lowMm) / 4;
      result.zone[ZONE_AT['toe-room']] += slideSd * z[at + 10];
      if (!allWithin(result.zone, targets)) all = false;
      for (let i = 0; i < ZONE_IDS.length; i++) {
        sum[f][i] += result.zone[i];
        squares[f][i] += result.zone[i] * result.zone[i];
      }
    }
    if (all) within++;
  }
  const sd = feet.map((_, f) => sum[f].map((s, i) => Math.sqrt(Math.max(0, squares[f][i] / points - (s / points) ** 2))));
  return { probability: within / points, sd };
}

/** The foot at one point of its doubt: each measure by its own deviation, the outer joint moving with the inner. */
export function disturbFoot({ dims, sd }: WornFoot, z: Float64Array, at: number): FootDims {
  const ball = sd.ballLengthMm * z[at + 1];
  return {
    ...dims,
    lengthMm: dims.lengthMm + sd.lengthMm * z[at],
    ballLengthMm: dims.ballLengthMm + ball,
    outerBallLengthMm: dims.outerBallLengthMm + ball,
    ballWidthMm: Math.max(20, dims.ballWidthMm + sd.ballWidthMm * z[at + 2]),
    ballGirthMm: dims.ballGirthMm + sd.ballGirthMm * z[at + 3],
    waistGirthMm: dims.waistGirthMm + sd.waistGirthMm * z[at + 3],
    instepGirthMm: dims.instepGirthMm + sd.instepGirthMm * z[at + 4],
    shortHeelGirthMm: dims.shortHeelGirthMm + sd.shortHeelGirthMm * z[at + 5],
    heelWidthMm: Math.max(15, dims.heelWidthMm + sd.heelWidthMm * z[at + 6]),
    toeHeightMm: dims.toeHeightMm + sd.toeHeightMm * z[at + 7],
    littleToeHeightMm: dims.littleToeHeightMm + sd.littleToeHeightMm * z[at + 7],
    ankleGirthMm: dims.ankleGirthMm + sd.ankleGirthMm * z[at + 5],
    calfGirthMm: dims.calfGirthMm + sd.calfGirthMm * z[at + 5]
  };
}

/** The shoe at one point of its doubt: the last's part at `common`, the making of this one shoe at `own`. */
export function disturbShoe(shoe: Shoe, z: Float64Array, common: number, own: number): Shoe {
  const { inside, sd } = shoe;
  const length = sd.lengthMm * z[common] + MAKING_SD.lengthMm * z[own + 8];
  const girth = sd.girthMm * z[common + 2] + MAKING_SD.girthMm * z[own + 9];
  return {
    ...shoe,
    inside: {
      ...inside,
      insoleLengthMm: inside.insoleLengthMm + length,
      ballWidthMm: Math.max(20, inside.ballWidthMm + sd.widthMm * z[common + 1]),
      heelWidthMm: inside.heelWidthMm + 0.6 * sd.widthMm * z[common + 1],
      ballGirthMm: inside.ballGirthMm + girth,
      waistGirthMm: inside.waistGirthMm + girth,
      instepGirthMm: inside.instepGirthMm + girth,
      throatGirthMm: inside.throatGirthMm === null ? null : inside.throatGirthMm + girth,
      taperShiftMm: inside.taperShiftMm + sd.taperMm * z[common + 3],
      flexLineMm: inside.flexLineMm + sd.ballLineMm * z[common + 4],
      toeDepthMm: inside.toeDepthMm + sd.depthMm * z[common + 5],
      littleToeDepthMm: inside.littleToeDepthMm + sd.depthMm * z[common + 5]
    }
  };
}
