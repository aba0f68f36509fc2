import { distanceOf, leastMargin, type Limits } from '../judge';
import { BLANK_PLAN, type PlainPlan, type FootDims, ZONE_AT } from '../zones';
import { blankZones, frontZones, insideRoom, plainZones, type ShoeAsWorn } from './plain-zones';
import { leastUsableRoom, MOST_TURN } from './toe-room';
import { shorteningOf } from '../../heel';
import { frontOf, planWidth, SHOE_PLAN, type Inside } from '../../last';
import type { FootShape } from '../../shape';

const zone = blankZones();
const plan: PlainPlan = { ...BLANK_PLAN };
const TOE_ROOM = ZONE_AT['toe-room'];
const TOE_BOX = ZONE_AT['toe-box-width'];

/** The plan of a shoe as far as the plain zones need it, without compiling its outline. */
export function plainPlanInto(inside: Inside, girthShare: number, into: PlainPlan): PlainPlan {
  into.planWidthMm = planWidth(inside, girthShare);
  into.heelHalfMm = inside.heelWidthMm / 2 + SHOE_PLAN.counterOut * inside.ballWidthMm;
  into.ballMm = inside.flexLineMm;
  return into;
}

/**
 * Most usable room a foot can have in an insole of a length: no toe passes the tip, and a turn within the ball's freedom brings a toe's
 * foremost point back by no more than its arm.
 */
export function mostUsableRoom(shape: FootShape, insoleMm: number, standsForwardMm: number): number {
  let reach = -Infinity;
  for (let i = 0; i < 5; i++) {
    const r = shape.tip[i] - MOST_TURN * Math.abs(shape.centre[i]);
    if (r > reach) reach = r;
  }
  return insoleMm - standsForwardMm - reach + 0.5 * MOST_TURN * MOST_TURN * shape.lengthMm;
}

/** The most toe room a foot can have in a length, whatever the width and whatever is put in: nothing lengthens a shoe. @param worn the shoe with nothing put in */
export function mostLengthRoom(dims: FootDims, shape: FootShape, worn: ShoeAsWorn, insoleMm: number): number {
  const flat = worn.usable ? mostUsableRoom(shape, insoleMm, worn.sockMm) : insoleMm - dims.lengthMm - 2 * worn.sockMm;
  return worn.dropMm > 0 ? flat + shorteningOf(worn.dropMm, dims.lengthMm).centreMm : flat;
}

/**
 * The most margin a foot can have in a length, whatever the width: by its toe room alone, in half bands.
 * @param roomMm by `mostLengthRoom`
 */
export function mostLengthMargin({ usable, raised }: ShoeAsWorn, roomMm: number, { least, most, half }: Limits): number {
  // On a low heel nothing slides: a length told inside is exact, so too long is too long in every width.
  const above = !usable && !raised ? most[TOE_ROOM] - roomMm : Infinity;
  return Math.min(roomMm - least[TOE_ROOM], above) / half[TOE_ROOM];
}

/** What a fit can at best come out as. */
export interface AtBest {
  /** The least margin is never above this, in half bands: below nought the foot cannot fit. */
  margin: number;
  /** The distance from the middle of right is never below this, in half bands; nought where it cannot fit, for which it is not worked out. */
  distance: number;
  /** The zones that need no outline, mm, with a toe room it can have. Overwritten by the next that is bounded. */
  zone: Float64Array;
  /** The least toe room of the flat foot, mm; asked only where there may be too much. */
  flatMm: number;
}

export const blankBest = (): AtBest => ({ margin: 0, distance: 0, zone, flatMm: -Infinity });

/**
 * What the fit of a foot in a shoe can at best come out as, from the zones that need no outline and the bounds of its toe room. A bound,
 * never an estimate: `fitOnce` never comes out better.
 * @param shape of the foot, at the shoe's offset
 * @param inside of the shoe as worn
 * @param worn the shoe as it is worn
 * @param into overwritten
 */
export function atBest(dims: FootDims, shape: FootShape, inside: Inside, worn: ShoeAsWorn, limits: Limits, into: AtBest = blankBest()): AtBest {
  plainZones(dims, worn, inside, plainPlanInto(inside, worn.girthShare, plan), zone, worn.zones.plainDeciding);
  zone[TOE_BOX] = NaN;
  if (!worn.usable) {
    into.flatMm = insideRoom(dims, inside, worn);
    zone[TOE_ROOM] = into.flatMm;
    frontZones(dims, worn, zone);
    into.margin = leastMargin(zone, limits);
    into.distance = into.margin < 0 ? 0 : distanceOf(zone, limits);
    return into;
  }
  // Toe room and lift rise with the room there is: between the least and the most room lies what they come to.
  const stands = worn.sockMm + worn.gripMm;
  zone[TOE_ROOM] = mostUsableRoom(shape, inside.insoleLengthMm, stands) - worn.fillerMm;
  frontZones(dims, worn, zone);
  const most = zone[TOE_ROOM];
  // How little room there may be is only asked where it may be too much.
  const mayBeLong = most > limits.most[TOE_ROOM];
  const leastRoom = mayBeLong ? leastUsableRoom(shape, frontOf(inside, worn.girthShare), stands) : -Infinity;
  into.flatMm = leastRoom - worn.fillerMm;
  zone[TOE_ROOM] = into.flatMm;
  frontZones(dims, worn, zone);
  const least = zone[TOE_ROOM];
  zone[TOE_ROOM] = Math.max(least, Math.min(most, (limits.least[TOE_ROOM] + limits.most[TOE_ROOM]) / 2));
  into.margin = leastMargin(zone, limits);
  zone[TOE_ROOM] = Math.max(least, Math.min(most, limits.middle[TOE_ROOM]));
  into.distance = into.margin < 0 ? 0 : distanceOf(zone, limits);
  return into;
}
