import { heelSpreadShare, sockGirthMm, sockOutlineMm } from '../measure';
import { CLOSURE_LETS_SLIDE, effectiveDrop, insockFriction, shorteningOf, slideOf, type Slide } from '../heel';
import { compileShoe, type Inside, type ShoeOutline } from '../last';
import { compileFootShape, type FootShape } from '../shape';
import { emptyEdge, readEdge, type Edge } from './edge';
import { KIND } from './kinds';
import type { Shoe } from './shoe';
import { placeFoot, type Placement } from './toe-room';
import { UPPER, girthGrowthMm } from './uppers';
import type { FootDims, Wear } from './wear';
import { ZONE_AT, ZONE_IDS } from './zones';

/** Girth taken by an insert of thickness t is 5/3 t: published sections and practice give 1.1 to 2 t [estimate]. */
export const INSERT_GIRTH = 5 / 3;

/** Small helps put into a shoe, mm; what a remedy changes beside sock and insert. */
export interface Aids {
  /** Behind the heel: moves the foot forward. */
  heelGripMm: number;
  /** In front of the toes. */
  toeFillerMm: number;
  /** Under the ball only: girth, and hold against sliding. */
  ballPadMm: number;
  /** Under the tongue: instep girth. */
  tonguePadMm: number;
  /** Spot stretch at the ball and toe box, one side. */
  stretchMm: number;
  /** Laces let out (+) or drawn in (-) at the instep. */
  lacingMm: number;
}
export const NO_AIDS: Aids = { heelGripMm: 0, toeFillerMm: 0, ballPadMm: 0, tonguePadMm: 0, stretchMm: 0, lacingMm: 0 };

/** A heel's lift by its gap and by the instep's, mm a mm [estimate]. */
const SLIP = { perHeelGap: 0.5, perInstepGap: 0.2, heelGapFreeMm: 2, softensHours: 40 } as const;
/** Share of a heel grip that narrows the heel, and of its lift it holds [estimate]. */
const GRIP = { narrowsHeel: 0.7, holdsSlip: 0.8 } as const;

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
export const outlineOffset = (shoe: Shoe, wear: Wear): number => sockOutlineMm(wear.sockMm) - UPPER[shoe.upper].giveMm;

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
  const kind = KIND[shoe.kind];
  const { foot, shoe: outline, inside } = pair;
  const off = foot.offsetMm;
  const sock = sockOutlineMm(wear.sockMm);
  const sockGirth = sockGirthMm(wear.sockMm);
  const insertGirth = INSERT_GIRTH * wear.insertMm;
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);

  const placement = placeFoot(foot, outline, sock + aids.heelGripMm);
  const boxWidth = readEdge(foot, outline, placement, whole, edge);
  const usableRoomMm = placement.roomMm - aids.toeFillerMm;
  const insideRoomMm = inside.insoleLengthMm - dims.lengthMm - 2 * sock - aids.heelGripMm - aids.toeFillerMm;

  const ballGirth = inside.ballGirthMm - insertGirth - INSERT_GIRTH * aids.ballPadMm - dims.ballGirthMm * (1 + heelSpreadShare(drop)) - sockGirth;
  const instep = inside.instepGirthMm - insertGirth - aids.tonguePadMm * 2 + aids.lacingMm - dims.instepGirthMm - sockGirth;
  const heelWidth = 2 * outline.heelHalfMm - dims.heelWidthMm - 2 * sock - GRIP.narrowsHeel * aids.heelGripMm;

  const flat = kind.basis === 'usable' ? usableRoomMm : insideRoomMm;
  const letsThrough = CLOSURE_LETS_SLIDE[shoe.closure] * (aids.ballPadMm > 0 ? 0.7 : 1);
  const slide = slideOf(drop, ballGirth, dims.ballGirthMm, insockFriction(wear.sockMm), letsThrough, flat);
  const shortening = shorteningOf(drop, dims.lengthMm);
  const forward = slide.centreMm - shortening.centreMm;

  const stiff = kind.slipWhenNewMm * (shoe.soleStiffness / kind.usual.soleStiffness) * Math.exp(-wear.hoursWorn / SLIP.softensHours);
  const slip =
    (stiff + SLIP.perHeelGap * Math.max(0, heelWidth - SLIP.heelGapFreeMm) + SLIP.perInstepGap * Math.max(0, instep - kind.instep.c) + Math.max(0, forward)) *
    (aids.heelGripMm > 0 ? 1 - GRIP.holdsSlip : 1);

  const zone = new Float64Array(ZONE_IDS.length).fill(NaN);
  zone[ZONE_AT['toe-room']] = drop > 0 ? flat - forward : flat;
  zone[ZONE_AT['toe-box-width']] = boxWidth + aids.stretchMm;
  zone[ZONE_AT['toe-box-depth']] =
    Math.min(inside.toeDepthMm - dims.toeHeightMm, inside.littleToeDepthMm - dims.littleToeHeightMm) - dims.hammerToeMm - 2 * sock - wear.insertMm;
  zone[ZONE_AT['ball-width']] = outline.planWidthMm - dims.ballWidthMm - 2 * off + aids.stretchMm;
  zone[ZONE_AT['ball-girth']] = ballGirth;
  zone[ZONE_AT['flex-point']] = outline.ballMm - dims.ballLengthMm - sock - aids.heelGripMm;
  zone[ZONE_AT.waist] = inside.waistGirthMm - insertGirth - dims.waistGirthMm - sockGirth;
  zone[ZONE_AT.instep] = instep;
  if (kind.pullOn && inside.throatGirthMm !== null) zone[ZONE_AT.throat] = inside.throatGirthMm - insertGirth - dims.shortHeelGirthMm - sockGirth;
  if (dims.ankleKnown && inside.toplineGirthMm !== null) zone[ZONE_AT.topline] = inside.toplineGirthMm - dims.ankleGirthMm - sockGirth;
  zone[ZONE_AT['heel-width']] = heelWidth;
  zone[ZONE_AT['heel-slip']] = slip;
  if (dims.calfKnown && inside.shaftGirthMm !== null) zone[ZONE_AT.shaft] = inside.shaftGirthMm - dims.calfGirthMm - sockGirth;
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
