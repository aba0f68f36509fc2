import { atEvenShares, ballOf, evenly, sidesAt, smoothContour, thinned, type Point } from '../shape';
import { lineProblem, type InsoleOutline } from './traced-insole';

/** One traced insole: x forward from the back of the heel, y to the inner side, mm. */
export interface TracedLine {
  points: readonly Point[];
  /** The foot that its size is made for, mm. */
  forFootMm: number;
  /** Whose hand. */
  who: string;
}

/** How far one hand's line is off, mm, where it was not drawn often enough to tell; and a line drawn often is no better than this [estimates]. */
export const HAND_SD_MM = 0.5;
const LEAST_SD_MM = 0.15;
/** A line of fewer points than this is none. */
const LEAST_POINTS = 8;
/** So many lines show by themselves how far they differ. */
const TELLS = 3;
/** Points of each side from the heel to the tip, while lines are laid over each other. */
const EACH_SIDE = 501;
/** How far points that are left out may lie off the line, mm. */
const THIN_MM = 0.02;

/**
 * One outline out of traced insoles, of left and right shoes, by several hands, in several sizes: the jitter of each is smoothed away, each is
 * laid to the first one's size (lengths by the foot it is made for, widths by the ball, the toe's own length as it is), and they are averaged.
 * Lines that are no insole's are left out.
 * @param taperShiftMm the last's, when the outline is laid
 * @returns null where no line is an insole's
 */
export function outlineOfTracings(lines: readonly TracedLine[], taperShiftMm: number): InsoleOutline | null {
  const own = lines.filter((line) => line.points.length >= LEAST_POINTS).map((line) => ({ ...line, points: alongX(smoothContour(line.points)) }));
  const usable = own.filter((line) => lineProblem(line) === null);
  if (usable.length === 0) return null;
  const [base, ...others] = usable.map(sizeOf);
  const laid = usable.map(({ points }, i) => bySides(i === 0 ? points : laidTo(points, others[i - 1], base)));
  const mean = laid[0].map((_, k) => {
    const at = { x: 0, y: 0 };
    for (const line of laid) {
      at.x += line[k].x / laid.length;
      at.y += line[k].y / laid.length;
    }
    return at;
  });
  return {
    forFootMm: base.forFootMm,
    points: thinned(mean, THIN_MM).map(({ x, y }) => [hundredth(x), hundredth(y)]),
    taperShiftMm,
    sdMm: hundredth(Math.max(LEAST_SD_MM, lineSd(laid, mean) / Math.sqrt(usable.length))),
    tracings: usable.length,
    hands: new Set(usable.map((l) => l.who)).size
  };
}

const hundredth = (mm: number): number => Math.round(mm * 100) / 100;

/** How far one line lies off the mean of several, across the line, mm; a hand's usual where there are too few. */
function lineSd(laid: readonly (readonly Point[])[], mean: readonly Point[]): number {
  if (laid.length < TELLS) return HAND_SD_MM;
  let sum = 0;
  mean.forEach((p, k) => {
    const [before, after] = [mean[Math.max(0, k - 1)], mean[Math.min(mean.length - 1, k + 1)]];
    const long = Math.hypot(after.x - before.x, after.y - before.y) || 1;
    const [nx, ny] = [(after.y - before.y) / long, -(after.x - before.x) / long];
    for (const line of laid) sum += ((line[k].x - p.x) * nx + (line[k].y - p.y) * ny) ** 2;
  });
  return Math.sqrt(sum / (mean.length * (laid.length - 1)));
}

/** A line whose heel stands at nought. */
function alongX(points: readonly Point[]): Point[] {
  const back = Math.min(...points.map((p) => p.x));
  return points.map(({ x, y }) => ({ x: x - back, y }));
}

interface Size {
  forFootMm: number;
  lengthMm: number;
  ballMm: number;
}
const sizeOf = ({ points, forFootMm }: TracedLine): Size => ({ forFootMm, lengthMm: Math.max(...points.map((p) => p.x)), ballMm: ballOf(points) });

/** A line laid to another size: behind the toes by the foot's length from the heel, its toe by the same from the tip. */
function laidTo(points: readonly Point[], own: Size, to: Size): Point[] {
  const along = to.forFootMm / own.forFootMm;
  const across = to.ballMm / own.ballMm;
  const over = to.lengthMm - own.lengthMm * along;
  const ball = 0.7 * own.forFootMm;
  return points.map(({ x, y }) => ({ x: x * along + over * Math.min(1, Math.max(0, (x - ball) / (own.lengthMm - ball))), y: y * across }));
}

/** The points of a line at even shares of either side, from the heel along the inner side to the tip and back along the outer one. */
function bySides(points: readonly Point[]): Point[] {
  const line = evenly(points, 0.25);
  const extreme = (sign: 1 | -1): number => line.reduce((best, p, i) => (sign * p.x > sign * line[best].x ? i : best), 0);
  const [heel, tip] = [extreme(-1), extreme(1)];
  const walk = (from: number, to: number): Point[] => {
    const part: Point[] = [];
    for (let i = from; ; i = (i + 1) % line.length) {
      part.push(line[i]);
      if (i === to) return part;
    }
  };
  const [there, back] = [walk(heel, tip), walk(tip, heel)];
  const middle = Math.max(...line.map((p) => p.x)) / 2;
  const innerFirst = there.some((p) => Math.abs(p.x - middle) < 1 && p.y >= sidesAt(line, p.x)[0] - 0.5);
  const inner = innerFirst ? there : [...back].reverse();
  const outer = innerFirst ? [...back].reverse() : there;
  return [...atEvenShares(inner, EACH_SIDE), ...atEvenShares(outer, EACH_SIDE).reverse().slice(1, -1)];
}
