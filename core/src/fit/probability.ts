import { compileShoe, type ShoeOutline } from '../last';
import { compileFootShape, type FootShape } from '../shape';
import { emptyEdge } from './edge';
import { MAKING_SD, type Shoe } from './shoe';
import { NO_AIDS, compare, insideWorn, outlineOffset, type Clearances } from './clearances';
import { allWithin } from './judge';
import { normalPoints } from './normal';
import type { Targets } from './targets';
import type { FootDims, Wear, WornFoot } from './wear';
import { UPPER } from './uppers';
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
 * @param hopelessAfter stops there when none has lain within so far: a chance of nought, and no deviations
 */
export function doubtOf(feet: readonly WornFoot[], shoe: Shoe, wear: Wear, targets: Targets, points: number, hopelessAfter = Infinity): Doubt {
  const d = SHOE_CAUSES + FOOT_CAUSES * feet.length;
  const z = normalPoints(points, d);
  const sum = feet.map(() => new Float64Array(ZONE_IDS.length));
  const squares = feet.map(() => new Float64Array(ZONE_IDS.length));
  let within = 0;
  const offset = outlineOffset(shoe, wear);
  // The same shaken feet stand in every shoe of a ranking: compiled once for each upper's give.
  const shaken = feet.map((foot, f) => (points <= POINTS.ranked ? shakenFeet(foot, f, z, points, d, offset) : null));
  for (let n = 0; n < points; n++) {
    if (n === hopelessAfter && within === 0) break;
    let all = true;
    for (let f = 0; f < feet.length; f++) {
      const at = n * d + SHOE_CAUSES + f * FOOT_CAUSES;
      const foot = shaken[f]?.[n] ?? shake(feet[f], z, at, offset);
      const result = fitShaken(foot, disturbShoe(shoe, z, n * d, at), wear);
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

interface ShakenFoot {
  dims: FootDims;
  shape: FootShape;
}
const shake = (foot: WornFoot, z: Float64Array, at: number, offset: number): ShakenFoot => {
  const dims = disturbFoot(foot, z, at);
  return { dims, shape: compileFootShape(dims, offset) };
};

const kept = new WeakMap<WornFoot, Map<string, ShakenFoot[]>>();
function shakenFeet(foot: WornFoot, f: number, z: Float64Array, points: number, d: number, offset: number): ShakenFoot[] {
  const own = kept.get(foot) ?? new Map<string, ShakenFoot[]>();
  kept.set(foot, own);
  const key = `${f} ${points} ${d} ${offset}`;
  const found = own.get(key);
  if (found) return found;
  const made = Array.from({ length: points }, (_, n) => shake(foot, z, n * d + SHOE_CAUSES + f * FOOT_CAUSES, offset));
  own.set(key, made);
  return made;
}

let outline: ShoeOutline | undefined;
const edge = emptyEdge();
function fitShaken({ dims, shape }: ShakenFoot, shoe: Shoe, wear: Wear): Clearances {
  const inside = insideWorn(shoe, wear.hoursWorn);
  outline = compileShoe(inside, UPPER[shoe.upper].girthShare, outline);
  return compare(dims, shoe, wear, NO_AIDS, { foot: shape, shoe: outline, inside }, false, edge);
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
