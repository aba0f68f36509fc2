import { compileShoe, type Inside, type ShoeOutline } from '../../last';
import type { Limits } from '../judge';
import { emptyEdge, placeNear, readEdge, shapeOf, type Clearances } from '../room';
import type { Shoe, Wear } from '../shoe';
import { KIND, UPPER } from '../tables';
import { ZONE_AT } from '../zones';
import type { Sample } from './sample';
import { zoneNoisesOf, type ZoneNoises } from './zone-noise';

/** A pair of feet in a shoe, as far as it is known before any chance. */
export interface FittedPair {
  sample: Sample;
  shoe: Shoe;
  /** Of the shoe as worn. */
  inside: Inside;
  wear: Wear;
  limits: Limits;
  /** What each foot's fit came out as, in the order of the feet. */
  seen: readonly Clearances[];
}

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
export function slopesOf({ sample, shoe, inside, wear, seen }: FittedPair, boxes: boolean): Slopes[] {
  const share = UPPER[shoe.upper].girthShare;
  const shapes = sample.feet.map((foot) => shapeOf(foot, shoe, wear));
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
  return shapes.map((_, f) => ({
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
  noise: ZoneNoises;
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
/** The tangent of a foot's fit in the causes of its doubt. @param f place of the foot in its pair */
export function tangentOf({ sample, shoe, inside, wear, limits, seen }: FittedPair, f: number): Tangent {
  const { zone, slide } = seen[f];
  const usable = KIND[shoe.kind].basis === 'usable';
  const boxNear = Math.min(Math.abs(zone[BOX] - limits.least[BOX]), Math.abs(zone[BOX] - limits.most[BOX])) < BOX_FAR_MM;
  return {
    noise: zoneNoisesOf({ sample, f, shoe, sd: shoe.sd, inside, wear }),
    usable,
    boxNear,
    needsSlopes: usable || boxNear,
    seen: seen[f],
    slideSd: (slide.highMm - slide.lowMm) / 4
  };
}
