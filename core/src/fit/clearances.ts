import { sockOutlineMm } from '../measure';
import { effectiveDrop, insockFriction, shorteningOf, slideOf, type Slide } from '../heel';
import { compileShoe, type Inside, type ShoeOutline } from '../last';
import { compileFootShape, type FootShape } from '../shape';
import { emptyEdge, readEdge, type Edge } from './edge';
import { KIND } from './kinds';
import { blankZones, frontZones, insideRoom, letsThrough, NO_AIDS, plainZones, type Aids } from './plain-zones';
import type { Shoe } from './shoe';
import { placeFoot, type Placement } from './toe-room';
import { UPPER, girthGrowthMm } from './uppers';
import type { FootDims, Wear, WornFoot } from './wear';
import { ZONE_AT } from './zones';

/** Everything one comparison of a foot and a shoe yields, mm. Zones that do not apply are NaN. */
export interface Clearances {
  zone: Float64Array;
  insideRoomMm: number;
  usableRoomMm: number;
  placement: Placement;
  slide: Slide;
  shortening: Slide;
  planWidthMm: number;
  edge: Edge;
}

export interface CompiledPair {
  foot: FootShape;
  shoe: ShoeOutline;
  inside: Inside;
}

/** The inside after hours of wear: width and girth grow, length never. */
export function insideWorn(shoe: Shoe, hours: number): Inside {
  if (hours <= 0) return shoe.inside;
  const growth = girthGrowthMm(shoe.upper, hours);
  const { inside } = shoe;
  return {
    ...inside,
    ballGirthMm: inside.ballGirthMm + growth,
    waistGirthMm: inside.waistGirthMm + growth / 2,
    instepGirthMm: inside.instepGirthMm + growth / 2
  };
}

/** What sock and the upper's give add to the foot's outline on each side, mm. */
export const outlineOffset = (shoe: Pick<Shoe, 'upper'>, wear: Wear): number => sockOutlineMm(wear.sockMm) - UPPER[shoe.upper].giveMm;

const shapes = new WeakMap<WornFoot, Map<number, FootShape>>();
/** The foot's outline at a shoe's offset: compiled once for each upper's give, since one foot stands in thousands of shoes. */
export function shapeOf(foot: WornFoot, shoe: Pick<Shoe, 'upper'>, wear: Wear): FootShape {
  const offset = outlineOffset(shoe, wear);
  const own = shapes.get(foot) ?? new Map<number, FootShape>();
  shapes.set(foot, own);
  const shape = own.get(offset) ?? compileFootShape(foot.dims, offset);
  own.set(offset, shape);
  return shape;
}

/** Compiles the two outlines of a comparison. @param into a pair to overwrite, where thousands are compared in a row */
export function compilePair(dims: FootDims, shoe: Shoe, wear: Wear, into?: CompiledPair): CompiledPair {
  const inside = insideWorn(shoe, wear.hoursWorn);
  return {
    foot: compileFootShape(dims, outlineOffset(shoe, wear), into?.foot),
    shoe: compileShoe(inside, UPPER[shoe.upper].girthShare, into?.shoe),
    inside
  };
}

/**
 * Compares a foot with a shoe in every zone.
 * @param dims the foot as worn, without its sock, mm
 * @param pair both outlines compiled with the same sock
 * @param whole true reads the whole edge, false only the toe region
 * @param edge filled with the clearance along the edge
 */
export function compare(dims: FootDims, shoe: Shoe, wear: Wear, aids: Aids, pair: CompiledPair, whole: boolean, edge: Edge = emptyEdge()): Clearances {
  const { foot, shoe: outline, inside } = pair;
  const placement = placeFoot(foot, outline, sockOutlineMm(wear.sockMm) + aids.heelGripMm);
  const boxWidth = readEdge(foot, outline, placement, whole, edge);
  const usableRoomMm = placement.roomMm - aids.toeFillerMm;
  const insideRoomMm = insideRoom(dims, inside, wear, aids);
  const flat = KIND[shoe.kind].basis === 'usable' ? usableRoomMm : insideRoomMm;
  const zone = blankZones();
  plainZones(dims, shoe, inside, outline, foot.offsetMm, wear, aids, zone);
  zone[ZONE_AT['toe-box-width']] = boxWidth + aids.stretchMm;
  frontZones(dims, shoe, wear, aids, flat, zone);
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  const slide = slideOf(drop, zone[ZONE_AT['ball-girth']], dims.ballGirthMm, insockFriction(wear.sockMm), letsThrough(shoe, aids), flat);
  const shortening = shorteningOf(drop, dims.lengthMm);
  return { zone, insideRoomMm, usableRoomMm, placement, slide, shortening, planWidthMm: outline.planWidthMm, edge };
}

let scratch: CompiledPair | undefined;
const scratchEdge = emptyEdge();

/**
 * Compiles and compares in one go, with the toe region of the edge only: the whole edge is for drawings.
 * Outlines and edge are compiled over the last ones, since simulation and ranking call this thousands of times.
 */
export function fitOnce(dims: FootDims, shoe: Shoe, wear: Wear, aids: Aids = NO_AIDS): Clearances {
  scratch = compilePair(dims, shoe, wear, scratch);
  return compare(dims, shoe, wear, aids, scratch, false, scratchEdge);
}
