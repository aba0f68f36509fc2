import { planWidthsAt, type Inside } from '../last';
import { insideWorn, type Clearances } from './clearances';
import { FOOT_CAUSES, POINTS, pointsOf, SHOE_CAUSES, SLIDE_CAUSE } from './error-model';
import { limitsOf, type Limits } from './limits';
import { blankZones, frontZones, NO_AIDS, termsOf } from './plain-zones';
import type { Shoe } from './shoe';
import { slopesOf, STRAIGHT, tangentOf, type Noise, type Slopes, type Tangent } from './tangent';
import type { Targets } from './targets';
import { UPPER } from './uppers';
import type { Wear, WornFoot } from './wear';
import { ZONE_AT } from './zones';

const BALL_WIDTH = ZONE_AT['ball-width'];
const BALL_GIRTH = ZONE_AT['ball-girth'];
const INSTEP = ZONE_AT.instep;
const HEEL_WIDTH = ZONE_AT['heel-width'];
const TOE_ROOM = ZONE_AT['toe-room'];
const BOX = ZONE_AT['toe-box-width'];
const SLIP = ZONE_AT['heel-slip'];
const DEPTH = ZONE_AT['toe-box-depth'];
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

let standing = new Int16Array(POINTS.ranked);

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
  let still = points;
  if (standing.length < points) standing = new Int16Array(points);
  for (let n = 0; n < points; n++) standing[n] = n;
  for (const { tangent } of parts) still = keepStraight(tangent, pair.limits, standing, still);
  const left = standing.slice(0, still);
  const chance = (needed = -1): number => {
    const asked = left.length > 0 && parts.some((p) => p.tangent.needsSlopes);
    const boxes = parts.some((p) => p.tangent.boxNear);
    const slopes = asked ? slopesOf(feet, shoe, pair.inside, wear, seen, boxes) : [];
    const kept = left.slice();
    let within = kept.length;
    for (let f = 0; f < parts.length && within / points > needed; f++) within = keepBent(parts[f], slopes[f], pair, kept, within);
    return within / points;
  };
  return { most: still / points, chance };
}

/** The chance of a pair at once: see `prospectOf`. */
export const chanceOf = (...args: Parameters<typeof prospectOf>): number => prospectOf(...args).chance();

/**
 * Keeps of the points still standing those at which every zone that answers in a straight line lies within its limits.
 * @param points the first `still` of them stand; those kept come first afterwards
 * @returns how many
 */
function keepStraight({ noise, seen, overBigMm, overLittleMm }: Tangent, { least, most }: Limits, points: Int16Array, still: number): number {
  for (const i of STRAIGHT) {
    const mm = seen.zone[i];
    // Zones a shoe has not are NaN.
    if (mm === mm) still = keepBetween(least[i] - mm, most[i] - mm, noise.zones[i], points, still);
  }
  still = keepBetween(least[DEPTH] - overBigMm, most[DEPTH] - overBigMm, noise.overBig, points, still);
  return keepBetween(least[DEPTH] - overLittleMm, most[DEPTH] - overLittleMm, noise.overLittle, points, still);
}

function keepBetween(low: number, high: number, noise: Noise, points: Int16Array, still: number): number {
  if (noise.least >= low && noise.most <= high) return still;
  const { at } = noise;
  let kept = 0;
  for (let k = 0; k < still; k++) {
    const n = points[k];
    const mm = at[n];
    points[kept] = n;
    // No branch: which points stand is as good as chance.
    kept += (mm >= low ? 1 : 0) & (mm <= high ? 1 : 0);
  }
  return kept;
}

/** The shoe's plan width at each point. */
let planWidths = new Float64Array(POINTS.ranked);

/** As `keepStraight`, for what does not answer in a straight line: the ball's width, the toe box, toe room after the slide and the heel's lift. */
function keepBent({ tangent, foot, slideAt }: Part, slopes: Slopes | undefined, pair: Pair, points: Int16Array, still: number): number {
  const { noise, seen, needsSlopes, boxNear, usable, slideSd } = tangent;
  const { shoe, inside, z, d } = pair;
  const terms = termsOf(shoe, pair.wear, NO_AIDS);
  const { least, most } = pair.limits;
  const { girthShare } = UPPER[shoe.upper];
  const [width, girth, footWidth, longer, later] = [noise.width.at, noise.girth.at, noise.footWidth.at, noise.longer.at, noise.later.at];
  const [heel, instep, ball] = [noise.zones[HEEL_WIDTH].at, noise.zones[INSTEP].at, noise.zones[BALL_GIRTH].at];
  if (planWidths.length < width.length) planWidths = new Float64Array(width.length);
  planWidthsAt(inside, girthShare, width, girth, points, still, planWidths);
  let kept = 0;
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
    frontZones(foot.dims, terms, zone);
    const toeRoom = zone[TOE_ROOM] + slideSd * z[n * d + slideAt];
    if (toeRoom >= least[TOE_ROOM] && toeRoom <= most[TOE_ROOM] && zone[SLIP] <= most[SLIP]) points[kept++] = n;
  }
  return kept;
}
