import { compileShoe, type Inside, type ShoeOutline } from '../../last';
import { shapeOf, type Clearances, emptyEdge, readEdge, placeNear } from '../room';
import { KIND, UPPER } from '../tables';
import type { Limits } from '../judge';
import { noisesOf, type Noises } from './noise';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { ZONE_AT } from '../zones';

/** How far a shoe is changed to learn how its outline answers, mm. */
const STEP_MM = 2;
const BOX = ZONE_AT['toe-box-width'];

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

/** The tangent of one foot's fit. */
export interface Tangent {
  noise: Noises;
  usable: boolean;
  /** False where the toe box lies within its limits at every point. */
  boxNear: boolean;
  /** False where neither toe room nor toe box hangs on how the outline answers. */
  needsSlopes: boolean;
  seen: Clearances;
  slideSd: number;
}

/** Further than this from its limits, a toe box is within them at every point: its deviation is a quarter of that, mm. */
const BOX_FAR_MM = 6;
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
  const usable = KIND[shoe.kind].basis === 'usable';
  const boxNear = Math.min(Math.abs(seen.zone[BOX] - limits.least[BOX]), Math.abs(seen.zone[BOX] - limits.most[BOX])) < BOX_FAR_MM;
  return {
    noise: noisesOf(foot, f, z, points, shoe, shoe.sd, inside, wear),
    usable,
    boxNear,
    needsSlopes: usable || boxNear,
    seen,
    slideSd: (seen.slide.highMm - seen.slide.lowMm) / 4
  };
}
