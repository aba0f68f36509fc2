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
import type { FootDims, Wear, WornFoot } from './wear';
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
interface Reply {
  /** Places in a row of points, and the answer to each. */
  causes: number[];
  by: number[];
}
/** The number as it is told, its limits, and its answer. */
interface Answer extends Reply {
  base: number;
  least: number;
  most: number;
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

/** What a foot's numbers answer in a shoe. */
interface Replies {
  zones: Reply[];
  overBig: Reply;
  overLittle: Reply;
  width: Reply;
  girth: Reply;
  footWidth: Reply;
  longer: Reply;
  later: Reply;
}

const known = new WeakMap<WornFoot, Map<string, Replies>>();

/** The answers of a foot in any shoe known as well, on as high a heel: the same in every size and width, so worked out once. */
function repliesOf(foot: WornFoot, own: number, shoe: Shoe, inside: Inside, wear: Wear): Replies {
  const { sd, kind, heelHeightMm, platformMm } = shoe;
  const has = [inside.throatGirthMm, inside.toplineGirthMm, inside.shaftGirthMm].map((mm) => mm !== null);
  const key = [own, kind, heelHeightMm - platformMm, ...has, sd.lengthMm, sd.widthMm, sd.girthMm, sd.taperMm, sd.ballLineMm, sd.depthMm].join(' ');
  const mine = known.get(foot) ?? new Map<string, Replies>();
  known.set(foot, mine);
  const found = mine.get(key) ?? workOut(foot, own, shoe, inside, wear);
  mine.set(key, found);
  return found;
}

function workOut(foot: WornFoot, own: number, shoe: Shoe, inside: Inside, wear: Wear): Replies {
  const reply = (): Reply => ({ causes: [], by: [] });
  const replies: Replies = {
    zones: ZONE_IDS.map(reply),
    overBig: reply(),
    overLittle: reply(),
    width: reply(),
    girth: reply(),
    footWidth: reply(),
    longer: reply(),
    later: reply()
  };
  const offset = outlineOffset(shoe, wear);
  const zonesOf = (dims: FootDims, it: Inside, into: Float64Array): void =>
    plainZones(dims, shoe, it, plainPlanInto(it, shoe, plan), offset, wear, NO_AIDS, into);
  const before = blankZones();
  zonesOf(foot.dims, inside, before);
  const unit = new Float64Array(CAUSES);
  const dims = { ...foot.dims };
  const now = { ...inside };
  for (let cause = 0; cause < CAUSES; cause++) {
    const add = (to: Reply, by: number): void => {
      if (!(Math.abs(by) > 1e-9)) return;
      to.causes.push(cause < SHOE_CAUSES ? cause : own + cause - SHOE_CAUSES);
      to.by.push(by);
    };
    unit[cause] = 1;
    disturbFoot(foot, unit, SHOE_CAUSES, dims);
    disturbInside(inside, shoe.sd, unit, 0, SHOE_CAUSES, now);
    unit[cause] = 0;
    zonesOf(dims, now, zone);
    for (let i = 0; i < zone.length; i++) if (!NOT_STRAIGHT.has(i)) add(replies.zones[i], zone[i] - before[i]);
    add(replies.overBig, bigToeDepth(dims, now) - bigToeDepth(foot.dims, inside));
    add(replies.overLittle, littleToeDepth(dims, now) - littleToeDepth(foot.dims, inside));
    add(replies.width, now.ballWidthMm - inside.ballWidthMm);
    add(replies.girth, now.ballGirthMm - inside.ballGirthMm);
    add(replies.footWidth, dims.ballWidthMm - foot.dims.ballWidthMm);
    add(replies.longer, now.insoleLengthMm - inside.insoleLengthMm - (dims.lengthMm - foot.dims.lengthMm));
    add(replies.later, now.taperShiftMm - inside.taperShiftMm);
  }
  return replies;
}

const DEPTH = ZONE_AT['toe-box-depth'];
const STRAIGHT = ZONE_IDS.map((id, i) => ({ id, i })).filter(({ id, i }) => ZONE[id].decides && !NOT_STRAIGHT.has(i));

/**
 * The tangent of a foot's fit in the causes of its doubt.
 * @param inside of the shoe as worn
 * @param seen what its fit came out as
 * @param own place of this foot's own causes in a row of points
 */
export function tangentOf(foot: WornFoot, own: number, shoe: Shoe, inside: Inside, wear: Wear, limits: Limits, seen: Clearances): Tangent {
  const usable = KIND[shoe.kind].basis === 'usable';
  const boxNear = Math.min(Math.abs(seen.zone[BOX] - limits.least[BOX]), Math.abs(seen.zone[BOX] - limits.most[BOX])) < BOX_FAR_MM;
  const replies = repliesOf(foot, own, shoe, inside, wear);
  const answer = ({ causes, by }: Reply, base: number, i = -1): Answer => ({ base, least: limits.least[i] ?? NaN, most: limits.most[i] ?? NaN, causes, by });
  const zoneAnswer = (i: number): Answer => answer(replies.zones[i], seen.zone[i], i);
  // The lower of two depths bends where they cross: each is followed on its own.
  const [big, little] = [bigToeDepth(foot.dims, inside), littleToeDepth(foot.dims, inside)];
  const lower = seen.zone[DEPTH] - Math.min(big, little);
  const plain = STRAIGHT.filter(({ i }) => seen.zone[i] === seen.zone[i]).map(({ i }) => zoneAnswer(i));
  plain.push(answer(replies.overBig, lower + big, DEPTH), answer(replies.overLittle, lower + little, DEPTH));
  // Tightest first: what most often decides ends the test of a point soonest.
  plain.sort((p, q) => Math.min(p.base - p.least, p.most - p.base) - Math.min(q.base - q.least, q.most - q.base));
  return {
    plain,
    heelWidth: zoneAnswer(ZONE_AT['heel-width']),
    instep: zoneAnswer(ZONE_AT.instep),
    ballGirth: zoneAnswer(ZONE_AT['ball-girth']),
    width: answer(replies.width, inside.ballWidthMm),
    girth: answer(replies.girth, inside.ballGirthMm),
    footWidth: answer(replies.footWidth, foot.dims.ballWidthMm),
    longer: answer(replies.longer, 0),
    later: answer(replies.later, 0),
    usable,
    seen,
    slopes: once(() => (usable || boxNear ? slopesOf(foot, shoe, inside, wear, seen) : NO_SLOPES)),
    slideSd: (seen.slide.highMm - seen.slide.lowMm) / 4
  };
}
