import { compileShoe, type Inside, type ShoeOutline } from '../last';
import { compare, outlineOffset, shapeOf, type Clearances } from './clearances';
import { emptyEdge } from './edge';
import { disturbFoot, disturbInside, FOOT_CAUSES, SHOE_CAUSES } from './error-model';
import { KIND } from './kinds';
import type { Limits } from './limits';
import { plainPlanInto } from './may-fit';
import { bigToeDepth, BLANK_PLAN, blankZones, littleToeDepth, NO_AIDS, plainZones } from './plain-zones';
import type { Shoe } from './shoe';
import { UPPER } from './uppers';
import type { Wear, WornFoot } from './wear';
import { ZONE, ZONE_AT, ZONE_IDS } from './zones';

/** How far a shoe is changed to learn how its outline answers, mm. */
const STEP_MM = 2;
const TOE_ROOM = ZONE_AT['toe-room'];
const BOX = ZONE_AT['toe-box-width'];
const SLIP = ZONE_AT['heel-slip'];

/**
 * How usable room and toe box answer to a shoe's plan width, each way, and to where its taper starts, mm a mm. A ball that fills the shoe
 * cannot turn and one that does not can: the answer to width bends there.
 */
interface Slopes {
  roomByWider: number;
  roomByNarrower: number;
  boxByWider: number;
  boxByNarrower: number;
  roomByTaper: number;
  /** A longer shoe of the same making only moves its taper forward. */
  boxByTaper: number;
}

let outline: ShoeOutline | undefined;
const edge = emptyEdge();
const plan = { ...BLANK_PLAN };
const zone = blankZones();

/** Further than this from its limits, a toe box is within them at every point: its deviation is a quarter of that, mm. */
const BOX_FAR_MM = 6;
const NO_SLOPES: Slopes = { roomByWider: 0, roomByNarrower: 0, boxByWider: 0, boxByNarrower: 0, roomByTaper: 0, boxByTaper: 0 };

function slopesOf(foot: WornFoot, shoe: Shoe, inside: Inside, wear: Wear, seen: Clearances): Slopes {
  const share = UPPER[shoe.upper].girthShare;
  const shape = shapeOf(foot, shoe, wear);
  const changed = (more: Partial<Inside>): Clearances => {
    const other = { ...inside, ...more };
    outline = compileShoe(other, share, outline);
    return compare(foot.dims, shoe, wear, NO_AIDS, { foot: shape, shoe: outline, inside: other }, false, edge);
  };
  const wider = changed({ ballWidthMm: inside.ballWidthMm + STEP_MM });
  const narrower = changed({ ballWidthMm: inside.ballWidthMm - STEP_MM });
  const later = changed({ taperShiftMm: inside.taperShiftMm + STEP_MM });
  const by = (c: Clearances): number => c.planWidthMm - seen.planWidthMm || 1;
  return {
    roomByWider: (wider.usableRoomMm - seen.usableRoomMm) / by(wider),
    roomByNarrower: (narrower.usableRoomMm - seen.usableRoomMm) / by(narrower),
    boxByWider: (wider.zone[BOX] - seen.zone[BOX]) / by(wider),
    boxByNarrower: (narrower.zone[BOX] - seen.zone[BOX]) / by(narrower),
    roomByTaper: (later.usableRoomMm - seen.usableRoomMm) / STEP_MM,
    boxByTaper: (later.zone[BOX] - seen.zone[BOX]) / STEP_MM
  };
}

/** What one number of a fit answers to each cause of doubt, mm a deviation; causes without an effect are left out. */
interface Answer {
  base: number;
  least: number;
  most: number;
  /** Places in a row of points, and the answer to each. */
  causes: number[];
  by: number[];
}
export const valueAt = ({ base, causes, by }: Answer, z: Float64Array, row: number): number => {
  let value = base;
  for (let i = 0; i < causes.length; i++) value += by[i] * z[row + causes[i]];
  return value;
};

/** The tangent of one foot's fit. */
export interface Tangent {
  plain: Answer[];
  heelWidth: Answer;
  instep: Answer;
  ballGirth: Answer;
  /** The shoe's own width and girth, which make its plan width, and the foot's width. */
  width: Answer;
  girth: Answer;
  footWidth: Answer;
  /** How much longer the shoe is for this foot than as told, and how much later its taper starts. */
  longer: Answer;
  later: Answer;
  /** Found when first asked for: most hopeless shoes never need them. */
  slopes: () => Slopes;
  usable: boolean;
  seen: Clearances;
  slideSd: number;
}

const once = <T>(find: () => T): (() => T) => {
  let found: T | undefined;
  return () => (found ??= find());
};

const CAUSES = SHOE_CAUSES + FOOT_CAUSES;
/** Zones whose answer is no straight line: found along the outline or from what is found there, bent where a shoe's plan width ends, or the lower of two. */
const NOT_STRAIGHT = new Set([BOX, TOE_ROOM, SLIP, ZONE_AT['ball-width'], ZONE_AT['toe-box-depth']]);

/**
 * The tangent of a foot's fit in the causes of its doubt.
 * @param inside of the shoe as worn
 * @param seen what its fit came out as
 * @param own place of this foot's own causes in a row of points
 */
export function tangentOf(foot: WornFoot, own: number, shoe: Shoe, inside: Inside, wear: Wear, limits: Limits, seen: Clearances): Tangent {
  const usable = KIND[shoe.kind].basis === 'usable';
  const boxNear = Math.min(Math.abs(seen.zone[BOX] - limits.least[BOX]), Math.abs(seen.zone[BOX] - limits.most[BOX])) < BOX_FAR_MM;
  const answer = (base: number, i = -1): Answer => ({ base, least: limits.least[i] ?? NaN, most: limits.most[i] ?? NaN, causes: [], by: [] });
  const zones = ZONE_IDS.map((_, i) => answer(seen.zone[i], i));
  const width = answer(inside.ballWidthMm);
  const girth = answer(inside.ballGirthMm);
  const footWidth = answer(foot.dims.ballWidthMm);
  // The lower of two depths bends where they cross: each is followed on its own.
  const depth = ZONE_AT['toe-box-depth'];
  const [big, little] = [bigToeDepth(foot.dims, inside), littleToeDepth(foot.dims, inside)];
  const overBig = answer(seen.zone[depth] + big - Math.min(big, little), depth);
  const overLittle = answer(seen.zone[depth] + little - Math.min(big, little), depth);
  const longer = answer(0);
  const later = answer(0);
  const offset = outlineOffset(shoe, wear);
  const unit = new Float64Array(CAUSES);
  const dimsNow = { ...foot.dims };
  const insideNow = { ...inside };
  const add = (to: Answer, cause: number, by: number): void => {
    if (Math.abs(by) < 1e-9) return;
    to.causes.push(cause < SHOE_CAUSES ? cause : own + cause - SHOE_CAUSES);
    to.by.push(by);
  };
  for (let cause = 0; cause < CAUSES; cause++) {
    unit[cause] = 1;
    disturbFoot(foot, unit, SHOE_CAUSES, dimsNow);
    disturbInside(inside, shoe.sd, unit, 0, SHOE_CAUSES, insideNow);
    unit[cause] = 0;
    plainZones(dimsNow, shoe, insideNow, plainPlanInto(insideNow, shoe, plan), offset, wear, NO_AIDS, zone);
    for (let i = 0; i < zone.length; i++) if (!NOT_STRAIGHT.has(i)) add(zones[i], cause, zone[i] - seen.zone[i]);
    add(overBig, cause, bigToeDepth(dimsNow, insideNow) - big);
    add(overLittle, cause, littleToeDepth(dimsNow, insideNow) - little);
    add(width, cause, insideNow.ballWidthMm - inside.ballWidthMm);
    add(girth, cause, insideNow.ballGirthMm - inside.ballGirthMm);
    add(footWidth, cause, dimsNow.ballWidthMm - foot.dims.ballWidthMm);
    add(longer, cause, insideNow.insoleLengthMm - inside.insoleLengthMm - (dimsNow.lengthMm - foot.dims.lengthMm));
    add(later, cause, insideNow.taperShiftMm - inside.taperShiftMm);
  }
  // Tightest first: what most often decides ends the test of a point soonest.
  const plain = [...zones.filter((a, i) => !NOT_STRAIGHT.has(i) && a.base === a.base && ZONE[ZONE_IDS[i]].decides), overBig, overLittle];
  plain.sort((p, q) => Math.min(p.base - p.least, p.most - p.base) - Math.min(q.base - q.least, q.most - q.base));
  return {
    plain,
    heelWidth: zones[ZONE_AT['heel-width']],
    instep: zones[ZONE_AT.instep],
    ballGirth: zones[ZONE_AT['ball-girth']],
    width,
    girth,
    footWidth,
    longer,
    later,
    usable,
    seen,
    slopes: once(() => (usable || boxNear ? slopesOf(foot, shoe, inside, wear, seen) : NO_SLOPES)),
    slideSd: (seen.slide.highMm - seen.slide.lowMm) / 4
  };
}
