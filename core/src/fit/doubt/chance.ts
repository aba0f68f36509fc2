import { planWidthsAt, type Inside } from '../../last';
import { insideWorn, type Clearances, blankZones, frontZones, shoeAsWorn } from '../room';
import { NO_AIDS, ZONE_AT } from '../zones';
import { FOOT_CAUSES, POINTS, pointsOf, SHOE_CAUSES, SLIDE_CAUSE } from './error-model';
import { limitsOf, type Limits, type Targets } from '../judge';
import { keepStraight } from './noise';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { blankStanding, countStanding, listStanding, standAll } from './bitset';
import { slopesOf, tangentOf, type Slopes, type Tangent } from './tangent';
import { UPPER } from '../tables';

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
  /** No more than this can come of it. */
  most: number;
  /**
   * Works it out.
   * @param needed gives up once no more than this can come of it: what is answered then is too little, and known to be
   */
  chance: (needed?: number) => number;
}

/** One foot's part in a prospect. */
interface Part {
  tangent: Tangent;
  foot: WornFoot;
  /** Where the slide's cause stands in a row of points. */
  slideAt: number;
}
/** What is the same for both feet. */
interface Pair {
  shoe: Shoe;
  inside: Inside;
  wear: Wear;
  limits: Limits;
  z: Float64Array;
  d: number;
}

/** The points that still stand, in a list. */
let kept = new Int16Array(POINTS.ranked);

/**
 * The chance that every deciding zone of every foot lies in its limits, for ranking: the same points and the same error model as
 * `doubtOf`, with the fit taken along its tangent, which bends once for width; the slide on a heel and its lift are worked out whole.
 * A wider foot is taken as a narrower shoe, a longer one as a shorter shoe. The zones that answer in a straight line come first: the points
 * they leave are a bound, and the only ones at which the others are asked.
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
  const z = pointsOf(feet, points);
  const pair: Pair = { shoe, inside: insideWorn(shoe, wear.hoursWorn), wear, limits: limitsOf(targets), z, d: SHOE_CAUSES + FOOT_CAUSES * feet.length };
  const parts = feet.map((foot, f): Part => ({
    tangent: tangentOf(foot, f, z, points, shoe, pair.inside, wear, pair.limits, seen[f]),
    foot,
    slideAt: SHOE_CAUSES + f * FOOT_CAUSES + SLIDE_CAUSE
  }));
  const straight = blankStanding(points);
  standAll(straight, points);
  for (const { tangent, foot } of parts) keepStraight(tangent.noise, tangent.seen.zone, foot.dims, pair.inside, pair.limits, straight);
  const left = countStanding(straight);
  const chance = (needed = -1): number => {
    const asked = left > 0 && parts.some((p) => p.tangent.needsSlopes);
    const boxes = parts.some((p) => p.tangent.boxNear);
    const slopes = asked ? slopesOf(feet, shoe, pair.inside, wear, seen, boxes) : [];
    if (kept.length < points) kept = new Int16Array(points);
    let within = listStanding(straight, kept);
    for (let f = 0; f < parts.length && within / points > needed; f++) within = keepBent(parts[f], slopes[f], pair, kept, within);
    return within / points;
  };
  return { most: left / points, chance };
}

/** The chance of a pair at once: see `prospectOf`. */
export const chanceOf = (...args: Parameters<typeof prospectOf>): number => prospectOf(...args).chance();

/** The shoe's plan width at each point. */
let planWidths = new Float64Array(POINTS.ranked);

/**
 * Keeps of the points that stand those at which what does not answer in a straight line lies within its limits as well: the ball's width,
 * the toe box, toe room after the slide and the heel's lift.
 * @param points the first `still` of them stand; those kept come first afterwards
 * @returns how many
 */
function keepBent({ tangent, foot, slideAt }: Part, slopes: Slopes | undefined, pair: Pair, points: Int16Array, still: number): number {
  const { noise, seen, needsSlopes, boxNear, usable, slideSd } = tangent;
  const { shoe, inside, z, d } = pair;
  const asWorn = shoeAsWorn(shoe, pair.wear, NO_AIDS);
  const { least, most } = pair.limits;
  const { girthShare } = UPPER[shoe.upper];
  const [width, girth, footWidth, longer, later] = [noise.width.at, noise.girth.at, noise.footWidth.at, noise.longer.at, noise.later.at];
  const [heel, instep, ball] = [noise.zones[HEEL_WIDTH].at, noise.zones[INSTEP].at, noise.zones[BALL_GIRTH].at];
  if (planWidths.length < width.length) planWidths = new Float64Array(width.length);
  planWidthsAt(inside, girthShare, width, girth, points, still, planWidths);
  let within = 0;
  for (let k = 0; k < still; k++) {
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
    const toeRoom = zone[TOE_ROOM] + slideSd * z[n * d + slideAt];
    if (toeRoom >= least[TOE_ROOM] && toeRoom <= most[TOE_ROOM] && zone[SLIP] <= most[SLIP]) points[within++] = n;
  }
  return within;
}
