import { shoeAsWorn, compare, insideWorn, outlineOffset, type Clearances, emptyEdge } from '../room';
import { zonesOf, allWithin, limitsOf, type Targets } from '../judge';
import { NO_AIDS, type Aids, type FootDims, ZONE_AT } from '../zones';
import { disturbFoot, disturbInside, disturbLine, ownCauses, SLIDE_CAUSE } from './error-model';
import { POINTS, sampleOf, type Sample } from './sample';
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
  const sample = sampleOf(feet, points);
  const { z, causes, lines } = sample;
  const limits = limitsOf(targets);
  const zones = zonesOf(targets);
  const sum = feet.map(() => new Float64Array(zones.count));
  const squares = feet.map(() => new Float64Array(zones.count));
  let within = 0;
  // The same shaken feet stand in every cell of a grid: compiled once for each upper's give.
  const shaken = feet.map((_, f) => (points <= POINTS.ranked ? shakenFeet(sample, f, outlineOffset(shoe, worn[f].wear)) : null));
  for (let n = 0; n < points; n++) {
    let all = true;
    for (let f = 0; f < feet.length; f++) {
      const at = n * causes + ownCauses(f);
      const foot = shaken[f]?.[n] ?? shake(feet[f], z, at, outlineOffset(shoe, worn[f].wear));
      const inside = disturbInside(shoe.inside, shoe.sd, z, n * causes, at);
      const line = lines[f] < 0 ? -1 : n * causes + lines[f];
      const result = fitShaken(foot, { ...shoe, inside: disturbLine(inside, z, line) }, worn[f].wear, worn[f].aids);
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

const kept = new WeakMap<Sample, Map<string, ShakenFoot[]>>();
/** A foot of a pair at every point of a sample, compiled once for each upper's give. */
function shakenFeet(sample: Sample, f: number, offset: number): ShakenFoot[] {
  const own = kept.get(sample) ?? new Map<string, ShakenFoot[]>();
  kept.set(sample, own);
  const key = `${f} ${offset}`;
  const { feet, points, causes, z } = sample;
  const found = own.get(key) ?? Array.from({ length: points }, (_, n) => shake(feet[f], z, n * causes + ownCauses(f), offset));
  own.set(key, found);
  return found;
}

let outline: ShoeOutline | undefined;
const edge = emptyEdge();
function fitShaken({ dims, shape }: ShakenFoot, shoe: Shoe, wear: Wear, aids: Aids): Clearances {
  const inside = insideWorn(shoe, wear.hoursWorn);
  outline = compileShoe(inside, UPPER[shoe.upper].girthShare, outline);
  return compare(dims, shoeAsWorn(shoe, wear, aids), { foot: shape, shoe: outline, inside }, false, edge);
}
