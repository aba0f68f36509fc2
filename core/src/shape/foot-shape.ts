import type { FootToeShape } from '../measure';
import {
  BUMP_EXTENT,
  BUNION_MOVES,
  HEEL_ARC,
  INNER_SHARE,
  INNER_WAIST,
  OUTER_SHARE,
  OUTER_WAIST,
  STATIONS,
  TIP_DROP,
  TOE_CENTRE,
  TOE_HALF_WIDTH,
  TOE_NOSE,
  TOE_SAMPLES
} from './foot-constants';
import { CONTOUR_STEPS, readContour, type FootContour, type ReadContour } from './foot-contour';
import { frontHullInto, type Toes } from './front-hull';
import { SEGMENT, pchipInto } from './pchip';

/** The numbers that make a foot's plan outline, mm. x runs forward from the heel, inner side +, outer side -. */
export interface FootPlan {
  lengthMm: number;
  ballLengthMm: number;
  outerBallLengthMm: number;
  /** Square to the axis, bunion included. */
  ballWidthMm: number;
  heelWidthMm: number;
  toeShape: FootToeShape;
  toeTipsMm?: readonly number[];
  bunionMm: number;
  littleToeBunionMm: number;
  /** The outline as it was traced or scanned, bare; length and ball width above say how large it is. */
  contour?: FootContour;
}

/**
 * A foot's outline compiled for comparing: toes as half-ellipses, sides sampled at stations, all with the sock on.
 * Coordinates are the bare foot's; `offsetMm` is what the sock adds on every side and how far it moves the foot forward.
 */
export interface FootShape extends Toes {
  lengthMm: number;
  ballMm: number;
  outerBallMm: number;
  ballWidthMm: number;
  /** Ball width without bumps; the toes are laid out on it. */
  plainWidthMm: number;
  heelWidthMm: number;
  offsetMm: number;
  /** Half-widths at the two heads, sock on. */
  innerAtBall: number;
  outerAtBall: number;
  /** Stations, foot coordinates, and the half-widths there, sock on. */
  stationX: Float64Array;
  inner: Float64Array;
  outer: Float64Array;
  /** True where it runs along a traced outline: its hull's points are the line's own, with nothing between them. */
  free: boolean;
  /** First station of the toe region on each side. */
  innerToesFrom: number;
  outerToesFrom: number;
}

const SIN = Array.from({ length: TOE_SAMPLES }, (_, j) => Math.sin(((j / (TOE_SAMPLES - 1)) * 180 - 90) * (Math.PI / 180)));
const COS = Array.from({ length: TOE_SAMPLES }, (_, j) => Math.cos(((j / (TOE_SAMPLES - 1)) * 180 - 90) * (Math.PI / 180)));
export const toeAngle = (sample: number): number => ((sample / (TOE_SAMPLES - 1)) * 180 - 90) * (Math.PI / 180);

/** Where the toe region begins on each side, of the length: beyond it the toe-box clearance is read. */
const INNER_TOES_AT = 0.85;
const OUTER_TOES_AT = 0.78;

const knotX = new Float64Array(4);
const knotW = new Float64Array(4);
const innerCurve = new Float64Array(15);
const outerCurve = new Float64Array(15);

/** An empty shape, to be compiled into. */
export function blankFootShape(): FootShape {
  const toes = (): Float64Array => new Float64Array(5);
  const stations = (): Float64Array => new Float64Array(STATIONS + 2);
  const hull = (): Float64Array => new Float64Array(5 * TOE_SAMPLES);

  // prettier-ignore
  return {
    lengthMm: 0, ballMm: 0, outerBallMm: 0, ballWidthMm: 0, plainWidthMm: 0, heelWidthMm: 0, offsetMm: 0, innerAtBall: 0, outerAtBall: 0,
    tip: toes(), centre: toes(), radius: toes(), nose: toes(),
    stationX: stations(), inner: stations(), outer: stations(), free: false, innerToesFrom: 0, outerToesFrom: 0,
    hullCount: 0, hullTip: hull(), hullBehind: hull(), hullY: hull(), hullToe: new Int8Array(5 * TOE_SAMPLES), hullAngle: hull()
  };
}

/**
 * Compiles a foot's outline.
 * @param plan the foot's numbers, mm
 * @param offsetMm what sock and upper's give add on every side, mm (may be slightly negative)
 * @param into a shape to overwrite, where thousands are compiled in a row; a new one when left out
 */
export function compileFootShape(plan: FootPlan, offsetMm: number, into: FootShape = blankFootShape()): FootShape {
  const L = plan.lengthMm;
  const W0 = plan.ballWidthMm - plan.bunionMm - plan.littleToeBunionMm;
  const xi = plan.ballLengthMm;
  const xo = plan.outerBallLengthMm;
  const { tip, centre, radius, nose, stationX, inner, outer } = into;
  numbersInto(into, plan, offsetMm);
  stationsInto(stationX, L, xi, xo);
  into.innerToesFrom = firstAt(stationX, INNER_TOES_AT * L);
  into.outerToesFrom = firstAt(stationX, OUTER_TOES_AT * L);
  if (plan.contour) return compileTraced(readContour(plan.contour), into);
  const drops = TIP_DROP[plan.toeShape];
  for (let i = 0; i < 5; i++) {
    const r = TOE_HALF_WIDTH[i] * W0;
    const drop = plan.toeTipsMm ? plan.toeTipsMm[i] : drops[i] * L;
    tip[i] = L - drop;
    const moves = plan.toeTipsMm ? (BUNION_MOVES[i] ?? 0) * plan.bunionMm : 0;
    centre[i] = TOE_CENTRE[i] * W0 - moves;
    radius[i] = r;
    nose[i] = TOE_NOSE[i] * r;
  }
  const xh = HEEL_ARC * L;
  knot(0, xh, plan.heelWidthMm / 2);
  knot(1, INNER_WAIST.at * L, INNER_WAIST.width * W0);
  knot(2, xi, INNER_SHARE * W0);
  sideCurve(innerCurve, tip[0] - nose[0], centre[0] + radius[0], -0.02);
  knot(1, OUTER_WAIST.at * L, OUTER_WAIST.width * W0);
  knot(2, xo, OUTER_SHARE * W0);
  sideCurve(outerCurve, tip[4] - nose[4], radius[4] - centre[4], -0.05);

  const heel = { arcMm: xh, halfMm: plan.heelWidthMm / 2 };
  sideInto(into, heel, { out: inner, curve: innerCurve, side: 1, bumpAt: xi, bumpMm: plan.bunionMm, bumpHalf: BUMP_EXTENT * L, offsetMm });
  sideInto(into, heel, { out: outer, curve: outerCurve, side: -1, bumpAt: xo, bumpMm: plan.littleToeBunionMm, bumpHalf: BUMP_EXTENT * L, offsetMm });
  for (let i = 0; i < 5; i++) {
    tip[i] += offsetMm;
    radius[i] += offsetMm;
    nose[i] += offsetMm;
  }
  into.innerAtBall = INNER_SHARE * W0 + plan.bunionMm + offsetMm;
  into.outerAtBall = OUTER_SHARE * W0 + plan.littleToeBunionMm + offsetMm;
  frontHullInto(into, SIN, COS);
  return into;
}

/** The numbers that are the foot's own, however its outline is known. */
function numbersInto(into: FootShape, plan: FootPlan, offsetMm: number): void {
  into.lengthMm = plan.lengthMm;
  into.ballMm = plan.ballLengthMm;
  into.outerBallMm = plan.outerBallLengthMm;
  into.ballWidthMm = plan.ballWidthMm;
  into.plainWidthMm = plan.ballWidthMm - plan.bunionMm - plan.littleToeBunionMm;
  into.heelWidthMm = plan.heelWidthMm;
  into.offsetMm = offsetMm;
  into.free = plan.contour !== undefined;
}

/** Lays a traced outline to the foot's length and width, sock on. */
function compileTraced(line: ReadContour, into: FootShape): FootShape {
  const { tip, centre, radius, nose, stationX, inner, outer, offsetMm, lengthMm } = into;
  const along = lengthMm / line.lengthMm;
  const across = into.ballWidthMm / line.ballWidthMm;
  for (let i = 0; i < 5; i++) {
    const { x, y, half } = line.toes[i];
    tip[i] = x * along + offsetMm;
    centre[i] = y * across;
    radius[i] = half * across + offsetMm;
    nose[i] = TOE_NOSE[i] * half * across + offsetMm;
  }
  for (let s = 0; s < stationX.length; s++) {
    const t = Math.min(CONTOUR_STEPS - 1e-9, (stationX[s] / lengthMm) * CONTOUR_STEPS);
    const i = t | 0;
    inner[s] = (line.inner[i] + (line.inner[i + 1] - line.inner[i]) * (t - i)) * across + offsetMm;
    outer[s] = (line.outer[i] + (line.outer[i + 1] - line.outer[i]) * (t - i)) * across + offsetMm;
  }
  into.innerAtBall = inner[stationX.indexOf(into.ballMm)];
  into.outerAtBall = outer[stationX.indexOf(into.outerBallMm)];
  tracedHullInto(line, along, across, into);
  return into;
}

/** The traced front as hull points: each moved out by the sock along the middle of its two edges' normals. */
function tracedHullInto({ front, toeOf }: ReadContour, along: number, across: number, into: FootShape): void {
  const n = front.length;
  into.hullCount = n;
  let [beforeX, beforeY] = [0, 0];
  for (let j = 0; j < n; j++) {
    const x = front[j].x * along;
    const y = front[j].y * across;
    let [afterX, afterY] = [0, 0];
    if (j < n - 1) {
      const dx = front[j + 1].x * along - x;
      const dy = front[j + 1].y * across - y;
      const long = Math.sqrt(dx * dx + dy * dy);
      afterX = dy / long;
      afterY = -dx / long;
    }
    const nx = beforeX + afterX;
    const ny = beforeY + afterY;
    const long = Math.sqrt(nx * nx + ny * ny) || 1;
    const toe = toeOf[j];
    into.hullToe[j] = toe;
    into.hullTip[j] = into.tip[toe];
    into.hullBehind[j] = into.tip[toe] - (x + (nx / long) * into.offsetMm);
    into.hullY[j] = y + (ny / long) * into.offsetMm;
    into.hullAngle[j] = 0;
    beforeX = afterX;
    beforeY = afterY;
  }
}

function knot(i: number, x: number, w: number): void {
  knotX[i] = x;
  knotW[i] = w;
}

/** The curve of one side from the heel arc through waist and ball, whose knots are laid, to the root of its toe. */
function sideCurve(out: Float64Array, rootX: number, rootW: number, endSlope: number): void {
  const ballX = knotX[2];
  // Short toes on a long ball would cross the knots; the toe's root then starts just ahead of the joint.
  knot(3, Math.max(rootX, ballX + 0.02 * ballX), rootW);
  pchipInto(knotX, knotW, 4, 0, endSlope, out);
}

/** One side of a foot that is to be sampled. */
interface SideToSample {
  out: Float64Array;
  curve: Float64Array;
  /** +1 inner, -1 outer. */
  side: 1 | -1;
  bumpAt: number;
  bumpMm: number;
  bumpHalf: number;
  offsetMm: number;
}

/** Half-widths of one side at every station in one pass: heel arc, three cubics, then the toes' envelope; bump and sock on top. */
function sideInto(foot: FootShape, heel: { arcMm: number; halfMm: number }, { out, curve, side, bumpAt, bumpMm, bumpHalf, offsetMm }: SideToSample): void {
  const xs = foot.stationX;
  const { arcMm: heelArc, halfMm: heelHalf } = heel;
  const root = side > 0 ? foot.tip[0] - foot.nose[0] : foot.tip[4] - foot.nose[4];
  const second = curve[SEGMENT];
  const third = curve[2 * SEGMENT];
  for (let s = 0; s < xs.length; s++) {
    const x = xs[s];
    let w: number;
    if (x <= heelArc) {
      const v = x / heelArc;
      w = heelHalf * Math.sqrt(v * (2 - v));
    } else if (x <= root) {
      const o = x < second ? 0 : x < third ? SEGMENT : 2 * SEGMENT;
      const d = x - curve[o];
      w = curve[o + 1] + d * (curve[o + 2] + d * (curve[o + 3] + d * curve[o + 4]));
    } else {
      w = envelope(x, foot, side);
    }
    if (bumpMm > 0) {
      const u = (x - bumpAt) / bumpHalf;
      const v = 1 - u * u;
      if (v > 0) w += bumpMm * v * v;
    }
    out[s] = w + offsetMm;
  }
}

/** First station at or past x. */
function firstAt(xs: Float64Array, x: number): number {
  let s = 0;
  while (s < xs.length && xs[s] < x) s++;
  return s;
}

/** Outermost reach of the toes, sock off, at x on the inner (+1) or outer (-1) side. */
function envelope(x: number, { tip, centre, radius, nose }: FootShape, side: 1 | -1): number {
  let reach = -Infinity;
  for (let i = 0; i < 5; i++) {
    if (x > tip[i]) continue;
    const cos = 1 - (tip[i] - x) / nose[i];
    const half = cos <= 0 ? radius[i] : radius[i] * Math.sqrt(1 - cos * cos);
    const w = side * centre[i] + half;
    if (w > reach) reach = w;
  }
  return reach;
}

/** Stations from just ahead of the heel to the tip, with both ball stations among them, in order. */
function stationsInto(xs: Float64Array, L: number, xi: number, xo: number): void {
  let k = 0;
  let outerDone = false;
  let innerDone = false;
  for (let j = 0; j < STATIONS; j++) {
    const x = L * (0.03 + (0.969 * j) / (STATIONS - 1));
    if (!outerDone && xo < x) {
      xs[k++] = xo;
      outerDone = true;
    }
    if (!innerDone && xi < x) {
      xs[k++] = xi;
      innerDone = true;
    }
    xs[k++] = x;
  }
}
