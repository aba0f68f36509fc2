import { effectiveDrop } from '../heel';
import { compileShoe, type Inside, type ShoeOutline } from '../last';
import { heelSpreadShare } from '../measure';
import { outlineOffset, shapeOf, type Clearances } from './clearances';
import { emptyEdge, readEdge } from './edge';
import { disturbFoot, disturbInside, FOOT_CAUSES, SHOE_CAUSES } from './error-model';
import { KIND } from './kinds';
import type { Limits } from './limits';
import { plainPlanInto } from './may-fit';
import { bigToeDepth, BLANK_PLAN, blankZones, littleToeDepth, NO_AIDS, plainZones, termsOf } from './plain-zones';
import type { InsideSd, Shoe } from './shoe';
import { placeNear } from './toe-room';
import { UPPER } from './uppers';
import type { FootDims, Wear, WornFoot } from './wear';
import { ZONE, ZONE_AT, ZONE_IDS } from './zones';

/** How far a shoe is changed to learn how its outline answers, mm. */
const STEP_MM = 2;
const TOE_ROOM = ZONE_AT['toe-room'];
const BOX = ZONE_AT['toe-box-width'];
const SLIP = ZONE_AT['heel-slip'];
const DEPTH = ZONE_AT['toe-box-depth'];
const BALL_GIRTH = ZONE_AT['ball-girth'];

/**
 * How usable room and toe box answer to a shoe's plan width, each way, and to where its taper starts, mm a mm. A ball that fills the shoe
 * cannot turn and one that does not can: the answer to width bends there.
 */
export interface Slopes {
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

/**
 * How the outlines of a pair answer to a change of the shoe, one a foot: each changed shoe is compiled once for both.
 * @param boxes whether the toe boxes are asked for; they answer with nought where they are not
 */
export function slopesOf(feet: readonly WornFoot[], shoe: Shoe, inside: Inside, wear: Wear, seen: readonly Clearances[], boxes: boolean): Slopes[] {
  const share = UPPER[shoe.upper].girthShare;
  const shapes = feet.map((foot) => shapeOf(foot, shoe, wear));
  const changed = (more: Partial<Inside>): { widerMm: number; rooms: number[]; boxes: number[] } => {
    outline = compileShoe({ ...inside, ...more }, share, outline);
    const at = outline;
    const placed = shapes.map((shape, f) => placeNear(shape, at, seen[f].placement));
    return {
      widerMm: at.planWidthMm - seen[0].planWidthMm || 1,
      rooms: placed.map((p, f) => p.roomMm - seen[f].placement.sampledMm),
      boxes: placed.map((p, f) => (boxes ? readEdge(shapes[f], at, p, false, edge) - seen[f].zone[BOX] : 0))
    };
  };
  const wider = changed({ ballWidthMm: inside.ballWidthMm + STEP_MM });
  const narrower = changed({ ballWidthMm: inside.ballWidthMm - STEP_MM });
  const later = changed({ taperShiftMm: inside.taperShiftMm + STEP_MM });
  return feet.map((_, f) => ({
    roomByWider: wider.rooms[f] / wider.widerMm,
    roomByNarrower: narrower.rooms[f] / narrower.widerMm,
    boxByWider: wider.boxes[f] / wider.widerMm,
    boxByNarrower: narrower.boxes[f] / narrower.widerMm,
    roomByTaper: later.rooms[f] / STEP_MM,
    boxByTaper: later.boxes[f] / STEP_MM
  }));
}

/** How far a number of a fit lies off what it is told as, at every point of doubt, and between what, mm. */
export interface Noise {
  at: Float64Array;
  least: number;
  most: number;
}

/** The noise of a foot's numbers in a shoe. */
interface Noises {
  zones: Noise[];
  overBig: Noise;
  overLittle: Noise;
  /** The shoe's own width and girth, which make its plan width, and the foot's width and girth. */
  width: Noise;
  girth: Noise;
  footWidth: Noise;
  footGirth: Noise;
  /** How much longer the shoe is for this foot than as told, and how much later its taper starts. */
  longer: Noise;
  later: Noise;
}

/** The tangent of one foot's fit. */
export interface Tangent {
  noise: Noises;
  /** Depth over the big toe and over the little toe. */
  overBigMm: number;
  overLittleMm: number;
  usable: boolean;
  /** False where the toe box lies within its limits at every point. */
  boxNear: boolean;
  /** False where neither toe room nor toe box hangs on how the outline answers. */
  needsSlopes: boolean;
  seen: Clearances;
  slideSd: number;
}

const CAUSES = SHOE_CAUSES + FOOT_CAUSES;
/** Further than this from its limits, a toe box is within them at every point: its deviation is a quarter of that, mm. */
const BOX_FAR_MM = 6;
/** Zones whose answer is no straight line: found along the outline or from what is found there, bent where a shoe's plan width ends, or the lower of two. */
const NOT_STRAIGHT = new Set([BOX, TOE_ROOM, SLIP, ZONE_AT['ball-width'], DEPTH]);
/** Places of the zones that answer in a straight line: within their limits while their noise lies between two numbers. */
export const STRAIGHT = ZONE_IDS.flatMap((id, i) => (ZONE[id].decides && !NOT_STRAIGHT.has(i) ? [i] : []));

const kept = new WeakMap<Float64Array, WeakMap<InsideSd, Map<number, Noises>>>();

/**
 * The noise of a foot in any shoe known as well, on as high a heel: the same in every size, width and last, so worked out once; the heel
 * only makes a ball spread.
 * @param z points of doubt of the pair
 * @param f place of the foot in the pair
 */
function noisesOf(foot: WornFoot, f: number, z: Float64Array, points: number, shoe: Shoe, inside: Inside, wear: Wear): Noises {
  const ofPair = kept.get(z) ?? new WeakMap<InsideSd, Map<number, Noises>>();
  kept.set(z, ofPair);
  const ofLast = ofPair.get(shoe.sd) ?? new Map<number, Noises>();
  ofPair.set(shoe.sd, ofLast);
  // What a zone that a shoe has not would answer is never asked for: one number says which heel, throat and foot.
  const which = (KIND[shoe.kind].pullOn ? 1 : 0) * 2 + f;
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  const key = (drop + DROPS) * 4 + which;
  const found = ofLast.get(key);
  if (found) return found;
  const flat = ofLast.get(which) ?? workOut(foot, f, z, points, shoe, inside, wear);
  ofLast.set(which, flat);
  const raised = onHeel(flat, drop);
  ofLast.set(key, raised);
  return raised;
}
/** Above every drop below nought, mm: keys of heels are none of a flat shoe's. */
const DROPS = 1000;

/** Noise on a heel, from that on the flat: there the ball spreads, and its noise with it. */
function onHeel(flat: Noises, dropMm: number): Noises {
  const more = heelSpreadShare(dropMm);
  if (more === 0) return flat;
  const { at } = flat.zones[BALL_GIRTH];
  const ball = withEnds({ at: at.map((mm, n) => mm - more * flat.footGirth.at[n]), least: 0, most: 0 });
  return { ...flat, zones: flat.zones.map((noise, i) => (i === BALL_GIRTH ? ball : noise)) };
}

function withEnds(noise: Noise): Noise {
  for (const mm of noise.at) {
    if (mm < noise.least) noise.least = mm;
    if (mm > noise.most) noise.most = mm;
  }
  return noise;
}

/** Noise on the flat. */
function workOut(foot: WornFoot, f: number, z: Float64Array, points: number, shoe: Shoe, inside: Inside, wear: Wear): Noises {
  const none = (): Noise => ({ at: new Float64Array(points), least: 0, most: 0 });
  const noises: Noises = {
    zones: ZONE_IDS.map(none),
    overBig: none(),
    overLittle: none(),
    width: none(),
    girth: none(),
    footWidth: none(),
    footGirth: none(),
    longer: none(),
    later: none()
  };
  const d = z.length / points;
  const worn = { offsetMm: outlineOffset(shoe, wear) };
  const terms = { ...termsOf(shoe, wear, NO_AIDS), spreads: 1 };
  const zonesOf = (dims: FootDims, it: Inside, into: Float64Array): void => plainZones(dims, terms, it, plainPlanInto(it, shoe, plan), worn, into);
  const before = blankZones();
  zonesOf(foot.dims, inside, before);
  const unit = new Float64Array(CAUSES);
  const dims = { ...foot.dims };
  const now = { ...inside };
  for (let cause = 0; cause < CAUSES; cause++) {
    const place = cause < SHOE_CAUSES ? cause : cause + f * FOOT_CAUSES;
    /** Adds what a number answers to this cause, `by` a deviation, at every point. */
    const add = (to: Noise, by: number): void => {
      if (!(Math.abs(by) > 1e-9)) return;
      const { at } = to;
      for (let n = 0; n < points; n++) at[n] += by * z[n * d + place];
    };
    unit[cause] = 1;
    disturbFoot(foot, unit, SHOE_CAUSES, dims);
    disturbInside(inside, shoe.sd, unit, 0, SHOE_CAUSES, now);
    unit[cause] = 0;
    zonesOf(dims, now, zone);
    for (let i = 0; i < zone.length; i++) if (!NOT_STRAIGHT.has(i)) add(noises.zones[i], zone[i] - before[i]);
    add(noises.overBig, bigToeDepth(dims, now) - bigToeDepth(foot.dims, inside));
    add(noises.overLittle, littleToeDepth(dims, now) - littleToeDepth(foot.dims, inside));
    add(noises.width, now.ballWidthMm - inside.ballWidthMm);
    add(noises.girth, now.ballGirthMm - inside.ballGirthMm);
    add(noises.footWidth, dims.ballWidthMm - foot.dims.ballWidthMm);
    add(noises.footGirth, dims.ballGirthMm - foot.dims.ballGirthMm);
    add(noises.longer, now.insoleLengthMm - inside.insoleLengthMm - (dims.lengthMm - foot.dims.lengthMm));
    add(noises.later, now.taperShiftMm - inside.taperShiftMm);
  }
  [...noises.zones, noises.overBig, noises.overLittle].forEach(withEnds);
  return noises;
}

/**
 * The tangent of a foot's fit in the causes of its doubt.
 * @param f place of the foot in its pair
 * @param z points of doubt of the pair, `points` rows
 * @param inside of the shoe as worn
 * @param seen what its fit came out as
 */
export function tangentOf(
  foot: WornFoot,
  f: number,
  z: Float64Array,
  points: number,
  shoe: Shoe,
  inside: Inside,
  wear: Wear,
  limits: Limits,
  seen: Clearances
): Tangent {
  const noise = noisesOf(foot, f, z, points, shoe, inside, wear);
  // The lower of two depths bends where they cross: each is followed on its own.
  const [big, little] = [bigToeDepth(foot.dims, inside), littleToeDepth(foot.dims, inside)];
  const lower = seen.zone[DEPTH] - Math.min(big, little);
  const usable = KIND[shoe.kind].basis === 'usable';
  const boxNear = Math.min(Math.abs(seen.zone[BOX] - limits.least[BOX]), Math.abs(seen.zone[BOX] - limits.most[BOX])) < BOX_FAR_MM;
  return {
    noise,
    overBigMm: lower + big,
    overLittleMm: lower + little,
    usable,
    boxNear,
    needsSlopes: usable || boxNear,
    seen,
    slideSd: (seen.slide.highMm - seen.slide.lowMm) / 4
  };
}
