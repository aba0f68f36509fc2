import { planWidth, type Inside } from '../last';
import { insideWorn, type Clearances } from './clearances';
import { FOOT_CAUSES, POINTS, pointsOf, SHOE_CAUSES, SLIDE_CAUSE } from './error-model';
import { limitsOf, type Limits } from './limits';
import { blankZones, frontZones, NO_AIDS } from './plain-zones';
import type { Shoe } from './shoe';
import { slopesOf, tangentOf, type Slopes, type Straight, type Tangent } from './tangent';
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
  for (const { tangent } of parts) for (const row of tangent.straight) still = keep(row, still);
  const left = standing.slice(0, still);
  const chance = (needed = -1): number => {
    const slopes = still > 0 && parts.some((p) => p.tangent.needsSlopes) ? slopesOf(feet, shoe, pair.inside, wear, seen) : [];
    let within = 0;
    for (let k = 0; k < still && (within + still - k) / points > needed; k++)
      if (parts.every((part, f) => bentWithin(part, slopes[f], pair, left[k]))) within++;
    return within / points;
  };
  return { most: still / points, chance };
}

/** The chance of a pair at once: see `prospectOf`. */
export const chanceOf = (...args: Parameters<typeof prospectOf>): number => prospectOf(...args).chance();

let standing = new Int16Array(POINTS.ranked);
/** Keeps of the points still standing those at which a zone that answers in a straight line lies within its limits. @returns how many */
function keep({ low, high, noise }: Straight, still: number): number {
  let kept = 0;
  for (let k = 0; k < still; k++) {
    const n = standing[k];
    const mm = noise[n];
    standing[kept] = n;
    // No branch: which points stand is as good as chance.
    kept += (mm >= low ? 1 : 0) & (mm <= high ? 1 : 0);
  }
  return kept;
}

const wide = { ballWidthMm: 0, ballGirthMm: 0, widthBasis: 'footbed' as Inside['widthBasis'] };
/** How much wider in plan the shoe is at a point than as told, mm. */
function shoeWidens({ noise, seen }: Tangent, { shoe, inside }: Pair, n: number): number {
  wide.ballWidthMm = inside.ballWidthMm + noise.width[n];
  wide.ballGirthMm = inside.ballGirthMm + noise.girth[n];
  wide.widthBasis = inside.widthBasis;
  return planWidth(wide, UPPER[shoe.upper].girthShare) - seen.planWidthMm;
}

/** Whether toe room after the slide, and the heel's lift, do. @param roomMm flat toe room as told, but for what the lengths change */
function frontWithin({ tangent, foot, slideAt }: Part, { shoe, wear, limits, z, d }: Pair, n: number, roomMm: number): boolean {
  const { noise, seen } = tangent;
  zone[HEEL_WIDTH] = seen.zone[HEEL_WIDTH] + noise.zones[HEEL_WIDTH][n];
  zone[INSTEP] = seen.zone[INSTEP] + noise.zones[INSTEP][n];
  zone[BALL_GIRTH] = seen.zone[BALL_GIRTH] + noise.zones[BALL_GIRTH][n];
  frontZones(foot.dims, shoe, wear, NO_AIDS, roomMm + noise.longer[n], zone);
  const room = zone[TOE_ROOM] + tangent.slideSd * z[n * d + slideAt];
  return room >= limits.least[TOE_ROOM] && room <= limits.most[TOE_ROOM] && zone[SLIP] <= limits.most[SLIP];
}

/** Whether at a point what does not answer in a straight line lies within its limits: the ball's width, the toe box, toe room and lift. */
function bentWithin(part: Part, slopes: Slopes, pair: Pair, n: number): boolean {
  const { tangent, foot } = part;
  const { noise, seen, needsSlopes, usable } = tangent;
  const { least, most } = pair.limits;
  const widens = shoeWidens(tangent, pair, n);
  const gap = seen.zone[BALL_WIDTH] + widens - noise.footWidth[n];
  if (gap < least[BALL_WIDTH] || gap > most[BALL_WIDTH]) return false;
  if (!needsSlopes) return frontWithin(part, pair, n, seen.insideRoomMm);
  const wider = widens - (noise.footWidth[n] * seen.planWidthMm) / foot.dims.ballWidthMm;
  const box = seen.zone[BOX] + slopes.boxByTaper * (noise.later[n] + noise.longer[n]) + (wider > 0 ? slopes.boxByWider : slopes.boxByNarrower) * wider;
  if (box < least[BOX] || box > most[BOX]) return false;
  if (!usable) return frontWithin(part, pair, n, seen.insideRoomMm);
  const room = seen.usableRoomMm + slopes.roomByTaper * noise.later[n] + (wider > 0 ? slopes.roomByWider : slopes.roomByNarrower) * wider;
  return frontWithin(part, pair, n, room);
}
