import { onLine, toesApart, toesByShare, type FoundToe } from './contour-toes';
import { HULL_FROM } from './foot-constants';
import type { Point } from './foot-polygon';
import { frontHullOf } from './hull';
import { ballOf, evenly, sidesAt } from './polyline';
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
  // Clefts are looked for on the line as it was drawn; the tips stand on the line that the fit runs along.
  const found = toesApart(drawn === points ? line : evenly(drawn));
  const toes = found?.map((toe) => onLine(line, toe)) ?? toesByShare(line);
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
