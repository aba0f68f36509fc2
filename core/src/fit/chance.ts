import { planWidth, type Inside } from '../last';
import { insideWorn, type Clearances } from './clearances';
import { FOOT_CAUSES, POINTS, pointsOf, SHOE_CAUSES, SLIDE_CAUSE } from './error-model';
import { limitsOf, type Limits } from './limits';
import { blankZones, frontZones, NO_AIDS } from './plain-zones';
import type { Shoe } from './shoe';
import { tangentOf, valueAt, type Tangent } from './tangent';
import type { Targets } from './targets';
import { UPPER } from './uppers';
import type { FootDims, Wear, WornFoot } from './wear';
import { ZONE_AT } from './zones';

/** A size that not one of so many points lets fit has no chance worth working out. */
const HOPELESS_AFTER = 48;
const BALL_WIDTH = ZONE_AT['ball-width'];
const TOE_ROOM = ZONE_AT['toe-room'];
const BOX = ZONE_AT['toe-box-width'];
const SLIP = ZONE_AT['heel-slip'];
const zone = blankZones();

/**
 * The chance that every deciding zone of every foot lies in its limits, for ranking: the same points and the same error model as
 * `doubtOf`, with the fit taken along its tangent, which bends once for width; the slide on a heel and its lift are worked out whole.
 * A wider foot is taken as a narrower shoe, a longer one as a shorter shoe.
 * @param seen what each foot's fit came out as, in the order of `feet`
 * @param needed gives up once no more than this can come of it: what is answered then is too little, and known to be
 */
export function chanceOf(
  feet: readonly WornFoot[],
  shoe: Shoe,
  wear: Wear,
  targets: Targets,
  seen: readonly Clearances[],
  points: number = POINTS.ranked,
  needed = -1
): number {
  const d = SHOE_CAUSES + FOOT_CAUSES * feet.length;
  const z = pointsOf(feet, points);
  const limits = limitsOf(targets);
  const inside = insideWorn(shoe, wear.hoursWorn);
  const owns = feet.map((_, f) => SHOE_CAUSES + f * FOOT_CAUSES);
  const tangents = feet.map((foot, f) => tangentOf(foot, owns[f], shoe, inside, wear, limits, seen[f]));
  const insideNow = { ...inside };
  let within = 0;
  for (let n = 0; n < points; n++) {
    if ((n === HOPELESS_AFTER && within === 0) || (within + points - n) / points <= needed) break;
    let all = true;
    for (let f = 0; all && f < feet.length; f++) all = pointWithin(tangents[f], feet[f].dims, shoe, insideNow, wear, limits, z, n * d, owns[f]);
    if (all) within++;
  }
  return within / points;
}

function pointWithin(
  t: Tangent,
  dims: FootDims,
  shoe: Shoe,
  insideNow: Inside,
  wear: Wear,
  limits: Limits,
  z: Float64Array,
  row: number,
  own: number
): boolean {
  for (const plain of t.plain) {
    const value = valueAt(plain, z, row);
    if (value < plain.least || value > plain.most) return false;
  }
  insideNow.ballWidthMm = valueAt(t.width, z, row);
  insideNow.ballGirthMm = valueAt(t.girth, z, row);
  const footWidens = valueAt(t.footWidth, z, row) - t.footWidth.base;
  const { planWidthMm } = t.seen;
  const shoeWidens = planWidth(insideNow, UPPER[shoe.upper].girthShare) - planWidthMm;
  const ballGap = t.seen.zone[BALL_WIDTH] + shoeWidens - footWidens;
  if (ballGap < limits.least[BALL_WIDTH] || ballGap > limits.most[BALL_WIDTH]) return false;
  const wider = shoeWidens - (footWidens * planWidthMm) / t.footWidth.base;
  const longer = valueAt(t.longer, z, row);
  const later = valueAt(t.later, z, row);
  const slopes = t.slopes();
  const box = t.seen.zone[BOX] + slopes.boxByTaper * (later + longer) + (wider > 0 ? slopes.boxByWider : slopes.boxByNarrower) * wider;
  if (box < limits.least[BOX] || box > limits.most[BOX]) return false;
  const flat = t.usable
    ? t.seen.usableRoomMm + longer + slopes.roomByTaper * later + (wider > 0 ? slopes.roomByWider : slopes.roomByNarrower) * wider
    : t.seen.insideRoomMm + longer;
  zone[ZONE_AT['heel-width']] = valueAt(t.heelWidth, z, row);
  zone[ZONE_AT.instep] = valueAt(t.instep, z, row);
  zone[ZONE_AT['ball-girth']] = valueAt(t.ballGirth, z, row);
  frontZones(dims, shoe, wear, NO_AIDS, flat, zone);
  const room = zone[TOE_ROOM] + t.slideSd * z[row + own + SLIDE_CAUSE];
  return room >= limits.least[TOE_ROOM] && room <= limits.most[TOE_ROOM] && zone[SLIP] <= limits.most[SLIP];
}
