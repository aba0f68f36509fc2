import { HULL_FROM, TOE_CENTRE, TOE_HALF_WIDTH } from './foot-constants';
import type { Point } from './foot-polygon';
import { frontHullOf } from './hull';
import { ballOf, evenly, sidesAt, spread } from './polyline';
import { smoothContour } from './smooth-contour';
import { thinned } from './thin';

/** A foot's outline as it was traced or scanned, bare: what its own numbers are laid out along, in place of the model's curves. */
export interface FootContour {
  /** Closed, mm, foot coordinates: x forward from the heel, y to the inner side; without the jitter of a hand. */
  points: readonly Point[];
  /** The line as it was drawn, on which toes are looked for; the same where it was not smoothed. */
  drawn?: readonly Point[];
}

/** The contour of a foot from a line that a hand drew. @param drawn closed, mm, foot coordinates */
export function contourOf(drawn: readonly Point[]): FootContour {
  const points = smoothContour(drawn);
  const back = Math.min(...points.map((p) => p.x));
  return { points: points.map(({ x, y }) => ({ x: x - back, y })), drawn };
}

/** A toe found on an outline: where its tip stands, and half its width; mm. */
interface FoundToe {
  x: number;
  y: number;
  half: number;
}

/** An outline read once: free of the length and width that a foot has in the state it is worn in. */
export interface ReadContour {
  lengthMm: number;
  /** Across both heads, each side at its own widest. */
  ballWidthMm: number;
  toes: readonly FoundToe[];
  /** True where five toes stand apart in the line; otherwise their places are the model's, on the line. */
  apart: boolean;
  /** Half-widths of both sides at even steps of the length, from heel to tip. */
  inner: Float64Array;
  outer: Float64Array;
  /** The front of the line's hull, from the outer side to the inner: what can touch first, and whose toe it is. */
  front: readonly Point[];
  toeOf: Int8Array;
}

/** Steps along the length at which half-widths are kept. */
export const CONTOUR_STEPS = 500;
/** A tip is a toe's where the cleft beside it is this much deeper, mm; tips nearer than this share of the width are one toe. */
const LEAST_CLEFT_MM = 1.5;
const LEAST_APART = 0.09;
/** How far the front's points may lie off their line, mm, and how many there may be. */
const THIN_MM = 0.015;
const MOST_FRONT = 60;

const read = new WeakMap<FootContour, ReadContour>();
/** An outline, read once. */
export function readContour(contour: FootContour): ReadContour {
  const known = read.get(contour) ?? readLine(contour);
  read.set(contour, known);
  return known;
}

function readLine({ points, drawn = points }: FootContour): ReadContour {
  const line = evenly(points);
  const lengthMm = Math.max(...line.map((p) => p.x));
  const ballWidthMm = ballOf(line);
  const inner = new Float64Array(CONTOUR_STEPS + 1);
  const outer = new Float64Array(CONTOUR_STEPS + 1);
  for (let i = 0; i <= CONTOUR_STEPS; i++) {
    const [a, b] = sidesAt(line, Math.min(lengthMm - 1e-3, Math.max(1e-3, (lengthMm * i) / CONTOUR_STEPS)));
    inner[i] = a;
    outer[i] = -b;
  }
  const hull = frontHullOf(line.filter((p) => p.x > (p.y > 0 ? HULL_FROM.inner : HULL_FROM.outer) * lengthMm));
  let front = thinned(hull, THIN_MM);
  for (let tolerance = THIN_MM * 2; front.length > MOST_FRONT; tolerance *= 2) front = thinned(hull, tolerance);
  const found = toesApart(drawn === points ? line : evenly(drawn), lengthMm, ballWidthMm);
  const toes = found ?? toesByShare(line, lengthMm);
  return { lengthMm, ballWidthMm, toes, apart: found !== null, inner, outer, front, toeOf: Int8Array.from(front, (p) => nearest(toes, p)) };
}

/** A contour laid to a foot's length and ball width, as the fit runs along it, mm. */
export function laidContour(contour: FootContour, { lengthMm, ballWidthMm }: Pick<ReadContour, 'lengthMm' | 'ballWidthMm'>): Point[] {
  const line = readContour(contour);
  const [along, across] = [lengthMm / line.lengthMm, ballWidthMm / line.ballWidthMm];
  return contour.points.map(({ x, y }) => ({ x: x * along, y: y * across }));
}

/** The toe beside which a point of the front lies: by its place across the foot, in the widths of the toes. */
function nearest(toes: readonly FoundToe[], { y }: Point): number {
  let best = 0;
  for (let i = 1; i < toes.length; i++) if (Math.abs(y - toes[i].y) / toes[i].half < Math.abs(y - toes[best].y) / toes[best].half) best = i;
  return best;
}

/** Foremost x of the line at each lateral place from the outer to the inner side, every quarter of a millimetre. */
function foremost(line: readonly Point[], from: number): Point[] {
  const ahead = line.filter((p) => p.x > from);
  const [low, high] = spread(ahead.map((p) => p.y));
  const n = Math.max(1, Math.floor((high - low) / 0.25));
  const xs = new Float64Array(n + 1).fill(-Infinity);
  for (const p of ahead) {
    const i = Math.min(n, Math.round((p.y - low) / 0.25));
    if (p.x > xs[i]) xs[i] = p.x;
  }
  return Array.from(xs, (x, i) => ({ x, y: low + 0.25 * i })).filter((p) => p.x > -Infinity);
}

/** The five toes where they stand apart, big toe first; null where there are not five. Their widths run from cleft to cleft. */
function toesApart(line: readonly Point[], lengthMm: number, ballWidthMm: number): FoundToe[] | null {
  const edge = foremost(line, 0.7 * lengthMm).reverse();
  const tips: { at: number; p: Point }[] = [];
  const clefts: Point[] = [];
  let low = edge[0];
  let high = { at: 0, p: edge[0] };
  let rising = true;
  edge.forEach((p, at) => {
    if (rising) {
      if (p.x > high.p.x) high = { at, p };
      if (high.p.x - p.x > LEAST_CLEFT_MM && tips.every((t) => t.p.y - high.p.y > LEAST_APART * ballWidthMm)) {
        tips.push(high);
        low = p;
        rising = false;
      }
    } else {
      if (p.x < low.x) low = p;
      if (p.x - low.x > LEAST_CLEFT_MM) {
        clefts.push(low);
        high = { at, p };
        rising = true;
      }
    }
  });
  if (tips.length !== 5 || clefts.length < 4) return null;
  const edges = [edge[0].y, ...clefts.slice(0, 4).map((c) => c.y), edge[edge.length - 1].y];
  return tips.map(({ p }, i) => {
    // The two outer toes run out into the foot's sides: their free half is as wide as the other.
    const half = i === 0 ? p.y - edges[1] : i === 4 ? edges[4] - p.y : (edges[i] - edges[i + 1]) / 2;
    return { x: p.x, y: p.y, half: Math.max(2, half) };
  });
}

/** Where the toes of the model end beside, of its width: between these lie all five. */
const [INNER_EDGE, OUTER_EDGE] = [TOE_CENTRE[0] + TOE_HALF_WIDTH[0], TOE_CENTRE[4] - TOE_HALF_WIDTH[4]];
/** In front of here, of the length, a line's edges are its toes'. */
const TOES_FROM = 0.8;

/** Toes where an ordinary foot whose toes are as wide together has them, on the line. */
function toesByShare(line: readonly Point[], lengthMm: number): FoundToe[] {
  const edge = foremost(line, TOES_FROM * lengthMm);
  const [low, high] = spread(edge.map((p) => p.y));
  const unit = (high - low) / (INNER_EDGE - OUTER_EDGE);
  return TOE_CENTRE.map((share, i) => {
    const y = low + (share - OUTER_EDGE) * unit;
    const tip = edge.reduce((best, p) => (Math.abs(p.y - y) < Math.abs(best.y - y) ? p : best));
    return { x: tip.x, y: tip.y, half: TOE_HALF_WIDTH[i] * unit };
  });
}
