import { sockOutlineMm } from '../../measure';
import { shorteningOf, slideOf, type Slide } from '../../heel';
import { compileShoe, type Inside, type ShoeOutline } from '../../last';
import { compileFootShape, type FootShape } from '../../shape';
import { emptyEdge, readEdge, type Edge } from './edge';
import { UPPER, girthGrowthMm } from '../tables';
import { blankZones, frontZones, insideRoom, plainZones, shoeAsWorn, type ShoeAsWorn } from './plain-zones';
import { NO_AIDS, type Aids, type FootDims, throatLine, ZONE_AT } from '../zones';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { placeFoot, type Placement } from './toe-room';

const TOE_ROOM = ZONE_AT['toe-room'];

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
export function insideWorn({ inside, upper }: Pick<Shoe, 'inside' | 'upper'>, hours: number): Inside {
  if (hours <= 0) return inside;
  const growth = girthGrowthMm(upper, hours);
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
 * Stands a foot in a shoe: every zone but the toe box, which is read along the edge.
 * @param worn the shoe as it is worn
 * @param zone filled, mm
 */
export function stand(dims: FootDims, worn: ShoeAsWorn, { foot, shoe: outline, inside }: CompiledPair, zone: Float64Array): Placement {
  const placement = placeFoot(foot, outline, worn.sockMm + worn.gripMm);
  plainZones(dims, worn, inside, outline, zone);
  zone[TOE_ROOM] = flatRoom(dims, worn, inside, placement);
  const forward = frontZones(dims, worn, zone);
  const vamp = worn.zones.at.vamp;
  if (vamp !== undefined) zone[vamp] = dims.cleftMm + worn.sockMm + worn.gripMm + forward - throatLine(worn.vampAt, inside.madeForFootMm);
  return placement;
}

/** Toe room of the flat foot on the kind's own basis, mm. */
const flatRoom = (dims: FootDims, worn: ShoeAsWorn, inside: Inside, { roomMm }: Placement): number =>
  worn.usable ? roomMm - worn.fillerMm : insideRoom(dims, inside, worn);

/** What a foot that stands in a shoe comes out as. @param zone every zone of it, mm */
export function clearancesOf(dims: FootDims, worn: ShoeAsWorn, pair: CompiledPair, placement: Placement, zone: Float64Array, edge: Edge): Clearances {
  const { shoe: outline, inside } = pair;
  const flat = flatRoom(dims, worn, inside, placement);
  return {
    zone,
    insideRoomMm: insideRoom(dims, inside, worn),
    usableRoomMm: placement.roomMm - worn.fillerMm,
    placement,
    slide: slideOf(worn.drive, zone[ZONE_AT['ball-girth']], dims.ballGirthMm, flat),
    shortening: shorteningOf(worn.dropMm, dims.lengthMm),
    planWidthMm: outline.planWidthMm,
    edge
  };
}

/**
 * Compares a foot with a shoe in every zone.
 * @param dims the foot as worn, without its sock, mm
 * @param worn the shoe as it is worn
 * @param pair both outlines compiled with the same sock
 * @param whole true reads the whole edge, false only the toe region
 * @param edge filled with the clearance along the edge
 */
export function compare(dims: FootDims, worn: ShoeAsWorn, pair: CompiledPair, whole: boolean, edge: Edge = emptyEdge()): Clearances {
  const zone = blankZones(worn.zones.count);
  const placement = stand(dims, worn, pair, zone);
  zone[ZONE_AT['toe-box-width']] = readEdge(pair.foot, pair.shoe, placement, whole, edge) + worn.stretchMm;
  return clearancesOf(dims, worn, pair, placement, zone, edge);
}

let scratch: CompiledPair | undefined;
const scratchEdge = emptyEdge();

/**
 * Compiles and compares in one go, with the toe region of the edge only: the whole edge is for drawings.
 * Outlines and edge are compiled over the last ones, since simulation and ranking call this thousands of times.
 */
export function fitOnce(dims: FootDims, shoe: Shoe, wear: Wear, aids: Aids = NO_AIDS): Clearances {
  scratch = compilePair(dims, shoe, wear, scratch);
  return compare(dims, shoeAsWorn(shoe, wear, aids), scratch, false, scratchEdge);
}
