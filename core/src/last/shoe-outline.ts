import { BALL_AT, OUTER_BALL_AT } from '../measure';
import { INNER_SHARE, OUTER_SHARE, SEGMENT, pchipInto, segmentValue, type Point } from '../shape';
import { TOE_FAMILY } from './families';
import type { Inside, WidthBasis } from './inside';
import { curveTable, fallAt, uAtShare, uAtSteepness, uSlopeAtShare, type CurveTable } from './toe-curve';

/**
 * Constants of a shoe's plan outline, dimensionless, estimates of this project unless a source is named.
 */
export const SHOE_PLAN = {
  heelArc: 0.175,
  waistAt: 0.43,
  outerBall: OUTER_BALL_AT,
  /** Seat half-width on the insole, of the insole's ball width (Golding 1930s and Chinese texts 0.677 full, from memory). */
  seatHalf: 0.3385,
  /** How far the counter stands outside the insole at the heel, of the ball width. */
  counterOut: 0.02,
  innerWaist: 0.35,
  outerWaist: 0.49,
  innerWaistInsole: 0.25,
  outerWaistInsole: 0.455,
  innerAtTaper: 0.96,
  outerAtTaper: 0.97,
  /** Plan breadth over ball girth (Chinese foot survey, from memory). */
  breadthOverGirth: 0.403,
  /** Inside plan width of a consistent pair over its insole width, by what the width was measured on. */
  overInsole: { footbed: 1.052, 'feather-edge': 1.1, inside: 1 } as Readonly<Record<WidthBasis, number>>,
  /** Plan width stays within this of the insole's. */
  widest: 1.11,
  /** Walls at less than this slope to the axis belong to the width zones: the cone of the toe room. */
  cone: 0.2
} as const;

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
  table: CurveTable;
  /** Three cubics a side: heel to waist, waist to ball, ball to taper start. */
  innerSide: Float64Array;
  outerSide: Float64Array;
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

const kx = new Float64Array(4);
const kw = new Float64Array(4);

/**
 * Inside plan width at the ball from insole width and girth, mm.
 * A foot is compared with this, never with the insole: the upper stands outside it.
 */
export function planWidth(inside: Pick<Inside, 'ballWidthMm' | 'ballGirthMm' | 'widthBasis'>, girthShare: GirthShare): number {
  if (inside.widthBasis === 'inside') return inside.ballWidthMm;
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
  const told = inside.widthBasis === 'inside';
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
  const side = (): Float64Array => new Float64Array(3 * SEGMENT);

  // prettier-ignore
  return {
    insoleMm: 0, madeForMm: 0, ballMm: 0, planWidthMm: 0, insoleWidthMm: 0, heelHalfMm: 0, heelArcMm: 0, table: curveTable('round'),
    innerSide: side(), outerSide: side(), innerTaperMm: 0, outerTaperMm: 0, innerAtTaper: 0, outerAtTaper: 0, innerTip: 0, outerTip: 0,
    innerConeX: 0, innerConeW: 0, outerConeX: 0, outerConeW: 0
  };
}

function compileOutline(inside: Inside, P: number, heelHalf: number, innerWaist: number, outerWaist: number, into: ShoeOutline): ShoeOutline {
  compileFront(inside, P, into);
  const L0 = inside.madeForFootMm;
  const T = inside.ballWidthMm;
  const xh = SHOE_PLAN.heelArc * L0;
  const { innerSide, outerSide } = into;
  kx[0] = xh;
  kx[1] = SHOE_PLAN.waistAt * L0;
  kx[2] = inside.flexLineMm;
  kx[3] = into.innerTaperMm;
  kw[0] = heelHalf;
  kw[1] = innerWaist * T;
  kw[2] = INNER_SHARE * P;
  kw[3] = into.innerAtTaper;
  pchipInto(kx, kw, 4, 0, 0, innerSide);
  kx[2] = outerFlexLine(inside);
  kx[3] = into.outerTaperMm;
  kw[1] = outerWaist * T;
  kw[2] = OUTER_SHARE * P;
  kw[3] = into.outerAtTaper;
  pchipInto(kx, kw, 4, 0, 0, outerSide);
  into.heelHalfMm = heelHalf;
  into.heelArcMm = xh;
  return into;
}

const outerFlexLine = (inside: Inside): number => (inside.flexLineMm * SHOE_PLAN.outerBall) / BALL_AT;

/**
 * Compiles what `frontAt` reads, from where the toes' taper starts on: a third of the work.
 * @param P plan width, mm
 */
function compileFront(inside: Inside, P: number, into: ShoeOutline): void {
  const family = TOE_FAMILY[inside.family];
  const table = curveTable(inside.family);
  const L0 = inside.madeForFootMm;
  const S = inside.insoleLengthMm;
  // An early taper on a short shoe would cross the ball: the taper never starts before it.
  const xtI = Math.min(S - 1, Math.max(S - family.innerTaper * L0 + inside.taperShiftMm, inside.flexLineMm + 0.03 * L0));
  const xtO = Math.min(S - 1, Math.max(S - family.outerTaper * L0 + inside.taperShiftMm, outerFlexLine(inside) + 0.03 * L0));
  const wtI = SHOE_PLAN.innerAtTaper * INNER_SHARE * P;
  const wtO = SHOE_PLAN.outerAtTaper * OUTER_SHARE * P;
  const tipI = (family.peak + family.flat) * P;
  const tipO = (family.flat - family.peak) * P;
  const uI = uAtSteepness(table, (SHOE_PLAN.cone * (S - xtI)) / (wtI - tipI));
  const uO = uAtSteepness(table, (SHOE_PLAN.cone * (S - xtO)) / (wtO - tipO));
  into.insoleMm = S;
  into.madeForMm = L0;
  into.ballMm = inside.flexLineMm;
  into.planWidthMm = P;
  into.insoleWidthMm = inside.ballWidthMm;
  into.table = table;
  into.innerTaperMm = xtI;
  into.outerTaperMm = xtO;
  into.innerAtTaper = wtI;
  into.outerAtTaper = wtO;
  into.innerTip = tipI;
  into.outerTip = tipO;
  into.innerConeX = xtI + (S - xtI) * uI;
  into.innerConeW = tipI + (wtI - tipI) * fallAt(table, uI);
  into.outerConeX = xtO + (S - xtO) * uO;
  into.outerConeW = tipO + (wtO - tipO) * fallAt(table, uO);
}

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
    return shoe.innerTip + (shoe.innerAtTaper - shoe.innerTip) * fallAt(shoe.table, u);
  }
  if (x <= shoe.heelArcMm) return heelArc(shoe, x);
  const c = shoe.innerSide;
  return segmentValue(c, x < c[SEGMENT] ? 0 : x < c[2 * SEGMENT] ? 1 : 2, x);
}

/** Half-width of the outer side at x, mm. */
export function outerWall(shoe: ShoeOutline, x: number): number {
  if (x >= shoe.outerTaperMm) {
    const u = (x - shoe.outerTaperMm) / (shoe.insoleMm - shoe.outerTaperMm);
    return shoe.outerTip + (shoe.outerAtTaper - shoe.outerTip) * fallAt(shoe.table, u);
  }
  if (x <= shoe.heelArcMm) return heelArc(shoe, x);
  const c = shoe.outerSide;
  return segmentValue(c, x < c[SEGMENT] ? 0 : x < c[2 * SEGMENT] ? 1 : 2, x);
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
  const { table, insoleMm, innerTaperMm, outerTaperMm, innerTip, outerTip, innerConeX, outerConeX, innerConeW, outerConeW } = shoe;
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
    into[j] = taper + (insoleMm - taper) * uAtShare(table, v);
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
  const span = shoe.insoleMm - taper;
  const drop = atTaper - tip;
  const v = (w - tip) / drop;
  into[0] = taper + span * uAtShare(shoe.table, v);
  into[1] = (sign * span * uSlopeAtShare(shoe.table, v)) / drop;
}

/** The outline as a closed polygon for drawing, heel first, inner side first, mm. */
export function shoePolygon(shoe: ShoeOutline, steps = 120): Point[] {
  const at = Array.from({ length: steps + 1 }, (_, i) => shoe.insoleMm * (0.5 - 0.5 * Math.cos((Math.PI * i) / steps)));
  const inner = at.map((x) => ({ x, y: innerWall(shoe, x) }));
  const outer = at.map((x) => ({ x, y: -outerWall(shoe, x) })).reverse();
  return [...inner, ...outer];
}
