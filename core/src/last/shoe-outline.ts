import { BALL_AT } from '../measure';
import { INNER_SHARE, OUTER_SHARE, SEGMENT, pchipInto, segmentAt, segmentValue, type Point } from '../shape';
import type { Inside } from './inside';
import { SHOE_PLAN } from './shoe-plan';
import { curveTable, fallAt, uAtShare, uAtSteepness, uSlopeAtShare, type CurveTable } from './toe-curve';
import { familyFront, type FrontSide, type ToeFront } from './toe-front';
import { tracedInsole, WALL_KNOTS } from './traced-insole';
import { tracedWallInto } from './traced-wall';

/** How far a soft upper lets the girth decide the plan width, 0 to 1 [estimate]. */
export type GirthShare = number;

/** A shoe compiled for comparing: inner silhouette at plan level, x forward from the heel, inner side +, mm. */
export interface ShoeOutline {
  insoleMm: number;
  madeForMm: number;
  ballMm: number;
  /** Inside plan ball width. */
  planWidthMm: number;
  insoleWidthMm: number;
  heelHalfMm: number;
  heelArcMm: number;
  /** Unit curve of each side in front of its taper start: the family's, or what was traced. */
  innerTable: CurveTable;
  outerTable: CurveTable;
  /** Cubics of each side from the heel's arc to the taper start, and how many: three where the family says, more where it was traced. */
  innerSide: Float64Array;
  outerSide: Float64Array;
  sideSegments: number;
  innerTaperMm: number;
  outerTaperMm: number;
  innerAtTaper: number;
  outerAtTaper: number;
  innerTip: number;
  outerTip: number;
  /** Where the cone leaves the curve on each side. */
  innerConeX: number;
  innerConeW: number;
  outerConeX: number;
  outerConeW: number;
}

/** Knots of a side that a family says: at the heel's arc, the waist, the ball and the taper start. */
const FAMILY_KNOTS = 4;
const kx = new Float64Array(FAMILY_KNOTS);
const kw = new Float64Array(FAMILY_KNOTS);

/**
 * Inside plan width at the ball from insole width and girth, mm.
 * A foot is compared with this, never with the insole: the upper stands outside it.
 */
export function planWidth(inside: Pick<Inside, 'ballWidthMm' | 'ballGirthMm' | 'widthBasis'>, girthShare: GirthShare): number {
  if (SHOE_PLAN.isInside[inside.widthBasis]) return inside.ballWidthMm;
  const T = inside.ballWidthMm;
  const over = SHOE_PLAN.overInsole[inside.widthBasis] * T;
  const P = over + girthShare * (SHOE_PLAN.breadthOverGirth * inside.ballGirthMm - over);
  return Math.min(SHOE_PLAN.widest * T, Math.max(T, P));
}

/**
 * Plan widths of a shoe at many points of doubt about its width and girth, as `planWidth`; nothing is called in the loop.
 * @param off what width and girth lie off at each point, mm
 * @param points the first `many` of them are asked
 * @param into filled at those points, mm
 */
export function planWidthsAt(
  inside: Inside,
  girthShare: GirthShare,
  { width, girth }: { width: Float64Array; girth: Float64Array },
  points: Int16Array,
  many: number,
  into: Float64Array
): void {
  const told = SHOE_PLAN.isInside[inside.widthBasis];
  const overInsole = SHOE_PLAN.overInsole[inside.widthBasis];
  const { ballWidthMm, ballGirthMm } = inside;
  for (let k = 0; k < many; k++) {
    const n = points[k];
    const T = ballWidthMm + width[n];
    const over = overInsole * T;
    const P = over + girthShare * (SHOE_PLAN.breadthOverGirth * (ballGirthMm + girth[n]) - over);
    into[n] = told ? T : Math.min(SHOE_PLAN.widest * T, Math.max(T, P));
  }
}

/**
 * Compiles a shoe's inner silhouette.
 * @param inside the shoe's inside, mm
 * @param girthShare 0.25 stiff, 0.5 leather, 0.9 knit
 * @param into an outline to overwrite, where thousands are compiled in a row; a new one when left out
 */
export function compileShoe(inside: Inside, girthShare: GirthShare, into: ShoeOutline = blankOutline()): ShoeOutline {
  const P = planWidth(inside, girthShare);
  return compileOutline(inside, P, inside.heelWidthMm / 2 + SHOE_PLAN.counterOut * inside.ballWidthMm, SHOE_PLAN.innerWaist, SHOE_PLAN.outerWaist, into);
}

/** The insole's own outline (feather edge), for drawing. */
export function compileInsole(inside: Inside): ShoeOutline {
  return compileOutline(inside, inside.ballWidthMm, inside.heelWidthMm / 2, SHOE_PLAN.innerWaistInsole, SHOE_PLAN.outerWaistInsole, blankOutline());
}

function blankOutline(): ShoeOutline {
  const side = (): Float64Array => new Float64Array((WALL_KNOTS - 1) * SEGMENT);
  const table = curveTable('round');

  // prettier-ignore
  return {
    insoleMm: 0, madeForMm: 0, ballMm: 0, planWidthMm: 0, insoleWidthMm: 0, heelHalfMm: 0, heelArcMm: 0, innerTable: table, outerTable: table,
    innerSide: side(), outerSide: side(), sideSegments: FAMILY_KNOTS - 1, innerTaperMm: 0, outerTaperMm: 0, innerAtTaper: 0, outerAtTaper: 0, innerTip: 0, outerTip: 0,
    innerConeX: 0, innerConeW: 0, outerConeX: 0, outerConeW: 0
  };
}

function compileOutline(inside: Inside, P: number, heelHalf: number, innerWaist: number, outerWaist: number, into: ShoeOutline): ShoeOutline {
  compileFront(inside, P, into);
  into.heelHalfMm = heelHalf;
  into.heelArcMm = SHOE_PLAN.heelArc * inside.madeForFootMm;
  const { innerSide, outerSide, innerTaperMm, outerTaperMm } = into;
  if (inside.outline) {
    const widened = { inside, P, heelHalf };
    // A line that was taken on the inside stands where the inside is.
    const waistOut = (share: number, insole: number): number => (SHOE_PLAN.isInside[inside.widthBasis] ? 0 : share - insole);
    const { inner, outer } = tracedInsole(inside.outline);
    into.sideSegments = WALL_KNOTS - 1;
    tracedWallInto(
      inner,
      { ...widened, ballMm: inside.flexLineMm, waistOut: waistOut(innerWaist, SHOE_PLAN.innerWaistInsole), taperMm: innerTaperMm },
      innerSide
    );
    tracedWallInto(
      outer,
      { ...widened, ballMm: outerFlexLine(inside), waistOut: waistOut(outerWaist, SHOE_PLAN.outerWaistInsole), taperMm: outerTaperMm },
      outerSide
    );
    return into;
  }
  const L0 = inside.madeForFootMm;
  const T = inside.ballWidthMm;
  into.sideSegments = FAMILY_KNOTS - 1;
  kx[0] = into.heelArcMm;
  kx[1] = SHOE_PLAN.waistAt * L0;
  kx[2] = inside.flexLineMm;
  kx[3] = innerTaperMm;
  kw[0] = heelHalf;
  kw[1] = innerWaist * T;
  kw[2] = INNER_SHARE * P;
  kw[3] = into.innerAtTaper;
  pchipInto(kx, kw, FAMILY_KNOTS, 0, 0, innerSide);
  kx[2] = outerFlexLine(inside);
  kx[3] = outerTaperMm;
  kw[1] = outerWaist * T;
  kw[2] = OUTER_SHARE * P;
  kw[3] = into.outerAtTaper;
  pchipInto(kx, kw, FAMILY_KNOTS, 0, 0, outerSide);
  return into;
}

const outerFlexLine = (inside: Inside): number => (inside.flexLineMm * SHOE_PLAN.outerBall) / BALL_AT;

/**
 * Compiles what `frontAt` reads, from where the toes' taper starts on: a third of the work.
 * @param P plan width, mm
 */
function compileFront(inside: Inside, P: number, into: ShoeOutline): void {
  const { inner, outer } = toeFrontOf(inside);
  const L0 = inside.madeForFootMm;
  const S = inside.insoleLengthMm;
  const shift = taperShiftOf(inside);
  const xtI = taperStart(inner, inside, inside.flexLineMm, shift);
  const xtO = taperStart(outer, inside, outerFlexLine(inside), shift);
  const wtI = inner.atTaper * P;
  const wtO = outer.atTaper * P;
  const tipI = inner.tip * P;
  const tipO = outer.tip * P;
  const uI = uAtSteepness(inner.table, (SHOE_PLAN.cone * (S - xtI)) / (wtI - tipI));
  const uO = uAtSteepness(outer.table, (SHOE_PLAN.cone * (S - xtO)) / (wtO - tipO));
  into.insoleMm = S;
  into.madeForMm = L0;
  into.ballMm = inside.flexLineMm;
  into.planWidthMm = P;
  into.insoleWidthMm = inside.ballWidthMm;
  into.innerTable = inner.table;
  into.outerTable = outer.table;
  into.innerTaperMm = xtI;
  into.outerTaperMm = xtO;
  into.innerAtTaper = wtI;
  into.outerAtTaper = wtO;
  into.innerTip = tipI;
  into.outerTip = tipO;
  into.innerConeX = xtI + (S - xtI) * uI;
  into.innerConeW = tipI + (wtI - tipI) * fallAt(inner.table, uI);
  into.outerConeX = xtO + (S - xtO) * uO;
  into.outerConeW = tipO + (wtO - tipO) * fallAt(outer.table, uO);
}

/** Where a side's taper starts, mm: an early one on a short shoe would cross the ball, so it never starts before it. */
const taperStart = (side: FrontSide, { insoleLengthMm: S, madeForFootMm: L0 }: Inside, ballMm: number, shiftMm: number): number =>
  Math.min(S - 1, Math.max(S - side.taper * L0 + shiftMm, ballMm + 0.03 * L0));

/** Where the inner side of an inside starts to taper towards its tip, mm from the heel. */
export function taperStartMm(inside: Inside): number {
  const { inner } = toeFrontOf(inside);
  return taperStart(inner, inside, inside.flexLineMm, taperShiftOf(inside));
}
const toeFrontOf = (inside: Inside): ToeFront => (inside.outline ? tracedInsole(inside.outline).front : familyFront(inside.family));
/** What the taper lies off its toe's: of a traced line, what was learned after it was laid. */
const taperShiftOf = ({ taperShiftMm, outline }: Inside): number => taperShiftMm - (outline?.taperShiftMm ?? 0);

let front: ShoeOutline | undefined;
/** The front of a shoe alone, for `frontAt`: its walls behind the toes are not there. Overwritten by the next. */
export function frontOf(inside: Inside, girthShare: GirthShare): ShoeOutline {
  front ??= blankOutline();
  compileFront(inside, planWidth(inside, girthShare), front);
  return front;
}

/** Half-width of the inner side at x, mm. */
export function innerWall(shoe: ShoeOutline, x: number): number {
  if (x >= shoe.innerTaperMm) {
    const u = (x - shoe.innerTaperMm) / (shoe.insoleMm - shoe.innerTaperMm);
    return shoe.innerTip + (shoe.innerAtTaper - shoe.innerTip) * fallAt(shoe.innerTable, u);
  }
  if (x <= shoe.heelArcMm) return heelArc(shoe, x);
  return segmentValue(shoe.innerSide, segmentAt(shoe.innerSide, shoe.sideSegments, x), x);
}

/** Half-width of the outer side at x, mm. */
export function outerWall(shoe: ShoeOutline, x: number): number {
  if (x >= shoe.outerTaperMm) {
    const u = (x - shoe.outerTaperMm) / (shoe.insoleMm - shoe.outerTaperMm);
    return shoe.outerTip + (shoe.outerAtTaper - shoe.outerTip) * fallAt(shoe.outerTable, u);
  }
  if (x <= shoe.heelArcMm) return heelArc(shoe, x);
  return segmentValue(shoe.outerSide, segmentAt(shoe.outerSide, shoe.sideSegments, x), x);
}

function heelArc(shoe: ShoeOutline, x: number): number {
  const v = x / shoe.heelArcMm;
  return v <= 0 ? 0 : shoe.heelHalfMm * Math.sqrt(v * (2 - v));
}

/**
 * Front of the shoe at a lateral place: the largest x inside, with walls flatter than the cone to the axis
 * left to the width zones. Concave in y.
 * @param into filled with the front x and its slope d x / d y
 */
export function frontAt(shoe: ShoeOutline, y: number, into: Float64Array): void {
  // The tip lies between the two sides' curves, so at most one of them stands in front of a place.
  if (y > shoe.innerTip) {
    frontOfSide(shoe, y, true, into);
  } else if (-y > shoe.outerTip) {
    frontOfSide(shoe, -y, false, into);
  } else {
    into[0] = shoe.insoleMm;
    into[1] = 0;
  }
}

/**
 * Front of the shoe at many lateral places, as `frontAt`, without the slopes: the hottest loop, so nothing is called in it.
 * @param y lateral places, the first `many` of them
 * @param into filled with the front x at each
 */
export function frontsAt(shoe: ShoeOutline, y: Float64Array, many: number, into: Float64Array): void {
  const { innerTable, outerTable, insoleMm, innerTaperMm, outerTaperMm, innerTip, outerTip, innerConeX, outerConeX, innerConeW, outerConeW } = shoe;
  const innerDrop = shoe.innerAtTaper - innerTip;
  const outerDrop = shoe.outerAtTaper - outerTip;
  for (let j = 0; j < many; j++) {
    const inner = y[j] > innerTip;
    const w = inner ? y[j] : -y[j];
    if (!inner && !(w > outerTip)) {
      into[j] = insoleMm;
      continue;
    }
    const coneW = inner ? innerConeW : outerConeW;
    if (w >= coneW) {
      into[j] = (inner ? innerConeX : outerConeX) - (w - coneW) * (1 / SHOE_PLAN.cone);
      continue;
    }
    const taper = inner ? innerTaperMm : outerTaperMm;
    const v = (w - (inner ? innerTip : outerTip)) / (inner ? innerDrop : outerDrop);
    into[j] = taper + (insoleMm - taper) * uAtShare(inner ? innerTable : outerTable, v);
  }
}

/** @param w how far from the axis, on the inner or the outer side */
function frontOfSide(shoe: ShoeOutline, w: number, inner: boolean, into: Float64Array): void {
  const sign = inner ? 1 : -1;
  const taper = inner ? shoe.innerTaperMm : shoe.outerTaperMm;
  const tip = inner ? shoe.innerTip : shoe.outerTip;
  const atTaper = inner ? shoe.innerAtTaper : shoe.outerAtTaper;
  const coneX = inner ? shoe.innerConeX : shoe.outerConeX;
  const coneW = inner ? shoe.innerConeW : shoe.outerConeW;
  const flank = 1 / SHOE_PLAN.cone;
  if (w >= coneW) {
    into[0] = coneX - (w - coneW) * flank;
    into[1] = -sign * flank;
    return;
  }
  const table = inner ? shoe.innerTable : shoe.outerTable;
  const span = shoe.insoleMm - taper;
  const drop = atTaper - tip;
  const v = (w - tip) / drop;
  into[0] = taper + span * uAtShare(table, v);
  into[1] = (sign * span * uSlopeAtShare(table, v)) / drop;
}

/** The outline as a closed polygon for drawing, heel first, inner side first, mm. */
export function shoePolygon(shoe: ShoeOutline, steps = 120): Point[] {
  const at = Array.from({ length: steps + 1 }, (_, i) => shoe.insoleMm * (0.5 - 0.5 * Math.cos((Math.PI * i) / steps)));
  const inner = at.map((x) => ({ x, y: innerWall(shoe, x) }));
  const outer = at.map((x) => ({ x, y: -outerWall(shoe, x) })).reverse();
  return [...inner, ...outer];
}
