import { TOE_CENTRE, TOE_HALF_WIDTH } from './foot-constants';
import type { Point } from './foot-polygon';
import { ballOf, spread } from './polyline';

/** A toe of an outline: where its tip stands, and half its width; mm. */
export interface FoundToe {
  x: number;
  y: number;
  half: number;
}

/** A tip is a toe's where the cleft beside it is this much deeper, mm: shallower ones count where five are found with them and not without [model]. */
const LEAST_CLEFTS_MM = [1.5, 1] as const;
/** Tips nearer than this share of the ball's width are one toe. */
const LEAST_APART = 0.09;
/** In front of here, of the length, clefts are looked for, and a line's edges are its toes'. */
const CLEFTS_FROM = 0.7;
const TOES_FROM = 0.8;
/** Spacing of the lateral places at which the front of a line is read, mm. */
const ACROSS_MM = 0.25;

const lengthOf = (line: readonly Point[]): number => Math.max(...line.map((p) => p.x));

/** Foremost x of the line at each lateral place from the outer to the inner side. */
function foremost(line: readonly Point[], from: number): Point[] {
  const ahead = line.filter((p) => p.x > from);
  const [low, high] = spread(ahead.map((p) => p.y));
  const n = Math.max(1, Math.floor((high - low) / ACROSS_MM));
  const xs = new Float64Array(n + 1).fill(-Infinity);
  for (const p of ahead) {
    const i = Math.min(n, Math.round((p.y - low) / ACROSS_MM));
    if (p.x > xs[i]) xs[i] = p.x;
  }
  return Array.from(xs, (x, i) => ({ x, y: low + ACROSS_MM * i })).filter((p) => p.x > -Infinity);
}

/**
 * The five toes of an outline where they stand apart, big toe first; their widths run from cleft to cleft.
 * @param line closed, foot coordinates, mm, points no further apart than a quarter of a toe's breadth
 * @returns null where there are not five
 */
export function toesApart(line: readonly Point[]): FoundToe[] | null {
  const edge = foremost(line, CLEFTS_FROM * lengthOf(line)).reverse();
  const apart = LEAST_APART * ballOf(line);
  for (const least of LEAST_CLEFTS_MM) {
    const toes = fiveAlong(edge, apart, least);
    if (toes) return toes;
  }
  return null;
}

function fiveAlong(edge: readonly Point[], apart: number, leastCleft: number): FoundToe[] | null {
  const tips: Point[] = [];
  const clefts: Point[] = [];
  let [low, high] = [edge[0], edge[0]];
  let rising = true;
  for (const p of edge) {
    if (rising) {
      if (p.x > high.x) high = p;
      if (high.x - p.x <= leastCleft || !tips.every((t) => t.y - high.y > apart)) continue;
      tips.push(high);
      low = p;
    } else {
      if (p.x < low.x) low = p;
      if (p.x - low.x <= leastCleft) continue;
      clefts.push(low);
      high = p;
    }
    rising = !rising;
  }
  if (tips.length !== 5 || clefts.length < 4) return null;
  return tips.map((p, i) => {
    // The two outer toes run out into the foot's sides: their free half is as wide as the other.
    const half = i === 0 ? p.y - clefts[0].y : i === 4 ? clefts[3].y - p.y : (clefts[i - 1].y - clefts[i].y) / 2;
    return { x: p.x, y: p.y, half: Math.max(2, half) };
  });
}

/** Where the toes of the model end beside, of its width: between these lie all five. */
const [INNER_EDGE, OUTER_EDGE] = [TOE_CENTRE[0] + TOE_HALF_WIDTH[0], TOE_CENTRE[4] - TOE_HALF_WIDTH[4]];

/** Toes where an ordinary foot whose toes are as wide together has them, on the line. */
export function toesByShare(line: readonly Point[]): FoundToe[] {
  const edge = foremost(line, TOES_FROM * lengthOf(line));
  const [low, high] = spread(edge.map((p) => p.y));
  const unit = (high - low) / (INNER_EDGE - OUTER_EDGE);
  return TOE_CENTRE.map((share, i) => onLine(line, { x: 0, y: low + (share - OUTER_EDGE) * unit, half: TOE_HALF_WIDTH[i] * unit }));
}

/** A toe moved along the foot until its tip stands on a line: on one that was smoothed no tip reaches as far as on the drawn one. */
export function onLine(line: readonly Point[], { y, half }: FoundToe): FoundToe {
  const ahead = line.filter((p) => Math.abs(p.y - y) < half);
  const front = Math.max(...ahead.map((p) => p.x));
  // Of all that lies at that place across the foot the foremost.
  const tip = ahead.filter((p) => p.x > front - 3 * half).reduce((best, p) => (Math.abs(p.y - y) < Math.abs(best.y - y) ? p : best));
  return { x: tip.x, y: tip.y, half };
}
