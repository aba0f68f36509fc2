import { ballOf, evenly, frontHullOf, sidesAt, type Point } from '../shape';
import { BALL_AT, OUTER_BALL_AT } from '../measure';
import { SHOE_PLAN } from './shoe-plan';
import { tableFrom } from './toe-curve';
import type { FrontSide, ToeFront } from './toe-front';

/** An insole as it was traced, in one size and width; every other is graded from it. */
export interface InsoleOutline {
  /** The foot that the traced size is made for, mm. */
  forFootMm: number;
  /** The closed line, mm: x forward from the back of the heel, y to the inner side. */
  points: [number, number][];
  /** Taper shift that the last had when the line was laid: what is learned of its taper afterwards moves the line's too, mm. */
  taperShiftMm: number;
  /** How far the line is doubted, mm; how many tracings it is the mean of, and by how many hands. */
  sdMm: number;
  tracings: number;
  hands: number;
}

/** A traced insole as the engine reads it: free of size. */
export interface TracedInsole {
  front: ToeFront;
  inner: TracedWall;
  outer: TracedWall;
}

/** One side behind its taper start. */
export interface TracedWall {
  /** The toe that it runs into. */
  side: FrontSide;
  /** Half-widths at its knots from the heel's arc to the taper start, of the ball width. */
  half: Float64Array;
}

/** Knots of a traced side, and which of them lies at the ball. */
export const WALL_KNOTS = 14;
export const BALL_KNOT = 7;
/** Walls that lean less than this to the axis belong to the sides; the cone of the toe room is steeper in every grade. */
const LEAST_LEAN = 0.11;
/** A hull that stands further off its line than this bridges a hollow, mm. */
const HOLLOW_MM = 0.05;
/** In front of here, of the made-for foot, lies what may be toe. */
const FRONT_FROM = 0.6;

/**
 * The doubt of a line as doubt of where its taper starts, mm a mm: toe room then errs by 2 of the line's in a round toe to 2.7 in a pointed
 * one, since it answers to the taper with 0.4 to 0.7 [model].
 */
const TAPER_PER_LINE = 4;
/** How well it is known where a traced toe tapers, mm. */
export const outlineTaperSd = ({ sdMm }: Pick<InsoleOutline, 'sdMm'>): number => TAPER_PER_LINE * sdMm;

const read = new WeakMap<InsoleOutline, TracedInsole>();
/** What was traced, read once. */
export function tracedInsole(outline: InsoleOutline): TracedInsole {
  const known = read.get(outline) ?? readTraced({ forFootMm: outline.forFootMm, points: outline.points.map(([x, y]) => ({ x, y })) });
  read.set(outline, known);
  return known;
}

/** Free of size two lines are the same within this, of the ball width or the foot: some tenths of a millimetre. */
const SAME = 0.004;
/** Whether two lines say the same of a shoe, whatever size each was told in. */
export function sameLine(a: InsoleOutline, b: InsoleOutline): boolean {
  const numbers = ({ front, inner, outer }: TracedInsole): number[] => [
    ...[front.inner, front.outer].flatMap(({ taper, atTaper, tip, table }) => [taper, atTaper, tip, table.fall[128], table.fall[256], table.fall[384]]),
    ...inner.half,
    ...outer.half
  ];
  const [p, q] = [numbers(tracedInsole(a)), numbers(tracedInsole(b))];
  return p.every((v, i) => Math.abs(v - q[i]) < SAME);
}

/** Why a line cannot stand for an insole, in words; null where it can. */
export function lineProblem(line: InsoleLine): string | null {
  try {
    return sound(readTraced(line)) ? null : 'the line crosses its own axis: it was not laid along an insole';
  } catch (error) {
    return (error as Error).message;
  }
}
/** Why the line of a last cannot stand for its insole, in words; null where it can. */
export const outlineProblem = ({ forFootMm, points }: InsoleOutline): string | null => lineProblem({ forFootMm, points: points.map(([x, y]) => ({ x, y })) });
const sound = ({ inner, outer }: TracedInsole): boolean => [...inner.half, ...outer.half].every((share) => share > 0 && share < 1);

/** A closed line with the foot that its size is made for, mm. */
interface InsoleLine {
  points: readonly Point[];
  forFootMm: number;
}

function readTraced({ forFootMm: L0, points }: InsoleLine): TracedInsole {
  const line = evenly(points);
  const S = Math.max(...line.map((p) => p.x));
  const T = ballOf(line);
  const hull = frontHullOf(line.filter((p) => p.x > FRONT_FROM * L0));
  const at = hull.reduce((best, p, i) => (p.x > hull[best].x ? i : best), 0);
  const tip = hull[at];
  const front = {
    inner: sideOf(tip, hull.slice(at), 1, { L0, T, line }),
    outer: sideOf(tip, hull.slice(0, at + 1).reverse(), -1, { L0, T, line })
  };
  const wall = (side: FrontSide, ballAt: number, sign: 1 | -1): TracedWall => {
    const heel = SHOE_PLAN.heelArc * L0;
    const ball = ballAt * L0;
    const taper = S - side.taper * L0;
    const half = Float64Array.from({ length: WALL_KNOTS }, (_, i) => {
      const x = i < BALL_KNOT ? heel + ((ball - heel) * i) / BALL_KNOT : ball + ((taper - ball) * (i - BALL_KNOT)) / (WALL_KNOTS - 1 - BALL_KNOT);
      const [inner, outer] = sidesAt(line, x);
      return (sign > 0 ? inner : -outer) / T;
    });
    half[WALL_KNOTS - 1] = side.atTaper;
    return { side, half };
  };
  return { front, inner: wall(front.inner, BALL_AT, 1), outer: wall(front.outer, OUTER_BALL_AT, -1) };
}

/**
 * One side of the toe, from the tip to where its wall turns along the axis.
 * @param hull from the tip outward
 * @param sign + the inner side
 */
function sideOf(tip: Point, hull: readonly Point[], sign: 1 | -1, { L0, T, line }: { L0: number; T: number; line: readonly Point[] }): FrontSide {
  let end = 1;
  while (end < hull.length - 1 && leans(hull[end], hull[end + 1], sign, line)) end++;
  const start = hull[Math.min(end, hull.length - 1)];
  const span = tip.x - start.x;
  const wide = sign * (start.y - tip.y);
  if (!(span > 1 && wide > 1)) throw new RangeError('the line has no toe: it ends square at the ball');
  let k = 0;
  const table = tableFrom((share) => {
    if (share === 0) k = 0;
    const w = share * wide;
    while (k < end - 1 && sign * (hull[k + 1].y - tip.y) < w) k++;
    const [a, b] = [hull[k], hull[k + 1]];
    const rise = sign * (b.y - a.y);
    const t = rise > 0 ? Math.min(1, Math.max(0, (w - sign * (a.y - tip.y)) / rise)) : 1;
    return (a.x + (b.x - a.x) * t - start.x) / span;
  });
  return { table, taper: span / L0, atTaper: (sign * start.y) / T, tip: (sign * tip.y) / T };
}

/** Whether a stretch of the hull, seen from the tip, still belongs to the toe: it leans in, and is no bridge over a hollow behind the toe. */
function leans(ahead: Point, behind: Point, sign: 1 | -1, line: readonly Point[]): boolean {
  const lean = (sign * (behind.y - ahead.y)) / Math.max(1e-9, ahead.x - behind.x);
  if (lean < LEAST_LEAN) return false;
  if (lean > SHOE_PLAN.cone) return true;
  const [inner, outer] = sidesAt(line, (ahead.x + behind.x) / 2);
  return sign * ((ahead.y + behind.y) / 2 - (sign > 0 ? inner : outer)) < HOLLOW_MM;
}
