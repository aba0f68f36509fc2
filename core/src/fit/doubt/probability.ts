import { zonesOf, allWithin, limitsOf, type Targets } from '../judge';
import { compare, insideWorn, outlineOffset, type Clearances, emptyEdge } from '../room';
import { NO_AIDS, type Aids, type FootDims, ZONE_AT } from '../zones';
import { disturbFoot, disturbInside, FOOT_CAUSES, POINTS, pointsOf, SHOE_CAUSES, SLIDE_CAUSE } from './error-model';
import type { WornWith } from '../helps';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { UPPER } from '../tables';
import { compileShoe, type ShoeOutline } from '../../last';
import { compileFootShape, type FootShape } from '../../shape';

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
 * @param wear how both are worn, or each of them with what was put into it
 * @param points how many points; the same points every time
 */
export function doubtOf(
  feet: readonly WornFoot[],
  shoe: Shoe,
  wear: Wear | readonly Pick<WornWith, 'wear' | 'aids'>[],
  targets: Targets,
  points: number
): Doubt {
  const worn = Array.isArray(wear) ? (wear as readonly Pick<WornWith, 'wear' | 'aids'>[]) : feet.map(() => ({ wear: wear as Wear, aids: NO_AIDS }));
  const d = SHOE_CAUSES + FOOT_CAUSES * feet.length;
  const z = pointsOf(feet, points);
  const limits = limitsOf(targets);
  const zones = zonesOf(targets);
  const sum = feet.map(() => new Float64Array(zones.count));
  const squares = feet.map(() => new Float64Array(zones.count));
  let within = 0;
  // The same shaken feet stand in every cell of a grid: compiled once for each upper's give.
  const shaken = feet.map((foot, f) => (points <= POINTS.ranked ? shakenFeet(foot, f, z, points, d, outlineOffset(shoe, worn[f].wear)) : null));
  for (let n = 0; n < points; n++) {
    let all = true;
    for (let f = 0; f < feet.length; f++) {
      const at = n * d + SHOE_CAUSES + f * FOOT_CAUSES;
      const foot = shaken[f]?.[n] ?? shake(feet[f], z, at, outlineOffset(shoe, worn[f].wear));
      const result = fitShaken(foot, { ...shoe, inside: disturbInside(shoe.inside, shoe.sd, z, n * d, at) }, worn[f].wear, worn[f].aids);
      const slideSd = (result.slide.highMm - result.slide.lowMm) / 4;
      result.zone[ZONE_AT['toe-room']] += slideSd * z[at + SLIDE_CAUSE];
      if (!allWithin(result.zone, limits)) all = false;
      for (let i = 0; i < zones.count; i++) {
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

const kept = new WeakMap<Float64Array, Map<string, ShakenFoot[]>>();
/** @param z points of doubt of the feet this one is part of */
function shakenFeet(foot: WornFoot, f: number, z: Float64Array, points: number, d: number, offset: number): ShakenFoot[] {
  const own = kept.get(z) ?? new Map<string, ShakenFoot[]>();
  kept.set(z, own);
  const key = `${f} ${offset}`;
  const found = own.get(key);
  if (found) return found;
  const made = Array.from({ length: points }, (_, n) => shake(foot, z, n * d + SHOE_CAUSES + f * FOOT_CAUSES, offset));
  own.set(key, made);
  return made;
}

let outline: ShoeOutline | undefined;
const edge = emptyEdge();
function fitShaken({ dims, shape }: ShakenFoot, shoe: Shoe, wear: Wear, aids: Aids): Clearances {
  const inside = insideWorn(shoe, wear.hoursWorn);
  outline = compileShoe(inside, UPPER[shoe.upper].girthShare, outline);
  return compare(dims, shoe, wear, aids, { foot: shape, shoe: outline, inside }, false, edge);
}
