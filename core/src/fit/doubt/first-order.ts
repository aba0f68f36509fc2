import { planWidthsAt } from '../../last';
import { limitsOf, type Targets } from '../judge';
import { blankZones, frontZones, insideWorn, shoeAsWorn, type Clearances } from '../room';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { UPPER } from '../tables';
import { NO_AIDS, ZONE_AT } from '../zones';
import { blankBitset, countBits, fillBitset, listBits } from './bitset';
import { ownCauses, SLIDE_CAUSE } from './error-model';
import { POINTS, sampleOf } from './sample';
import { slopesOf, tangentOf, type FittedPair, type Slopes, type Tangent } from './tangent';
import { keepStraight } from './zone-noise';

const BALL_WIDTH = ZONE_AT['ball-width'];
const BALL_GIRTH = ZONE_AT['ball-girth'];
const INSTEP = ZONE_AT.instep;
const HEEL_WIDTH = ZONE_AT['heel-width'];
const TOE_ROOM = ZONE_AT['toe-room'];
const BOX = ZONE_AT['toe-box-width'];
const SLIP = ZONE_AT['heel-slip'];
const zone = blankZones();

/** A chance that is not worked out yet. */
export interface Prospect {
  /** Upper bound of the chance. */
  upperBound: number;
  /**
   * Works it out.
   * @param needed gives up once no more than this can come of it: what is answered then is too little, and known to be
   */
  chance: (needed?: number) => number;
}

/** The points that are left, in a list. */
let left = new Int16Array(POINTS.ranked);

/**
 * The first-order chance that every deciding zone of every foot lies in its limits, for ranking: the same points and the same error model
 * as `doubtOf`, with the fit taken along its tangent, which bends once for width; the slide on a heel and its lift are worked out whole.
 * A wider foot is taken as a narrower shoe, a longer one as a shorter shoe. The zones that answer in a straight line come first: the points
 * they leave are an upper bound, and the only ones at which the others are asked.
 * @param seen what each foot's fit came out as, in the order of `feet`
 */
export function prospectOf(
  feet: readonly WornFoot[],
  shoe: Shoe,
  wear: Wear,
  targets: Targets,
  seen: readonly Clearances[],
  points: number = POINTS.ranked
): Prospect {
  const pair: FittedPair = { sample: sampleOf(feet, points), shoe, inside: insideWorn(shoe, wear.hoursWorn), wear, limits: limitsOf(targets), seen };
  const tangents = feet.map((_, f) => tangentOf(pair, f));
  const straight = blankBitset(points);
  fillBitset(straight, points);
  tangents.forEach(({ noise }, f) => keepStraight(noise, seen[f].zone, feet[f].dims, pair.inside, pair.limits, straight));
  const most = countBits(straight);
  const chance = (needed = -1): number => {
    const asked = most > 0 && tangents.some((t) => t.needsSlopes);
    const boxes = tangents.some((t) => t.boxNear);
    const slopes = asked ? slopesOf(pair, boxes) : [];
    if (left.length < points) left = new Int16Array(points);
    let within = listBits(straight, left);
    for (let f = 0; f < tangents.length && within / points > needed; f++) within = keepBent(tangents[f], slopes[f], pair, f, left, within);
    return within / points;
  };
  return { upperBound: most / points, chance };
}

/** The first-order chance of a pair at once: see `prospectOf`. */
export const chanceOf = (...args: Parameters<typeof prospectOf>): number => prospectOf(...args).chance();

/** The shoe's plan width at each point. */
let planWidths = new Float64Array(POINTS.ranked);

/**
 * Keeps of some points those at which what does not answer in a straight line lies within its limits as well: the ball's width, the toe
 * box, toe room after the slide and the heel's lift.
 * @param f place of the foot in its pair
 * @param points the first `many` of them count; those kept come first afterwards
 * @returns how many are kept
 */
function keepBent(
  { noise, seen, needsSlopes, boxNear, usable, slideSd }: Tangent,
  slopes: Slopes | undefined,
  pair: FittedPair,
  f: number,
  points: Int16Array,
  many: number
): number {
  const { shoe, inside, sample } = pair;
  const { z, causes } = sample;
  const foot = sample.feet[f];
  const slideAt = ownCauses(f) + SLIDE_CAUSE;
  const asWorn = shoeAsWorn(shoe, pair.wear, NO_AIDS);
  const { least, most } = pair.limits;
  const { girthShare } = UPPER[shoe.upper];
  const [width, girth, footWidth, longer, later] = [noise.width.at, noise.girth.at, noise.footWidth.at, noise.longer.at, noise.later.at];
  const [heel, instep, ball] = [noise.zones[HEEL_WIDTH].at, noise.zones[INSTEP].at, noise.zones[BALL_GIRTH].at];
  if (planWidths.length < width.length) planWidths = new Float64Array(width.length);
  planWidthsAt(inside, girthShare, { width, girth }, points, many, planWidths);
  let within = 0;
  for (let k = 0; k < many; k++) {
    const n = points[k];
    const widens = planWidths[n] - seen.planWidthMm;
    const gap = seen.zone[BALL_WIDTH] + widens - footWidth[n];
    if (gap < least[BALL_WIDTH] || gap > most[BALL_WIDTH]) continue;
    let room = seen.insideRoomMm;
    if (needsSlopes) {
      const { boxByTaper, boxByWider, boxByNarrower, roomByTaper, roomByWider, roomByNarrower } = slopes!;
      const wider = widens - (footWidth[n] * seen.planWidthMm) / foot.dims.ballWidthMm;
      const box = seen.zone[BOX] + boxByTaper * (later[n] + longer[n]) + (wider > 0 ? boxByWider : boxByNarrower) * wider;
      if (boxNear && (box < least[BOX] || box > most[BOX])) continue;
      if (usable) room = seen.usableRoomMm + roomByTaper * later[n] + (wider > 0 ? roomByWider : roomByNarrower) * wider;
    }
    zone[HEEL_WIDTH] = seen.zone[HEEL_WIDTH] + heel[n];
    zone[INSTEP] = seen.zone[INSTEP] + instep[n];
    zone[BALL_GIRTH] = seen.zone[BALL_GIRTH] + ball[n];
    zone[TOE_ROOM] = room + longer[n];
    frontZones(foot.dims, asWorn, zone);
    const toeRoom = zone[TOE_ROOM] + slideSd * z[n * causes + slideAt];
    if (toeRoom >= least[TOE_ROOM] && toeRoom <= most[TOE_ROOM] && zone[SLIP] <= most[SLIP]) points[within++] = n;
  }
  return within;
}
