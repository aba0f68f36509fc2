import type { Point } from '../shape';

/** Lines that meet the seam further from each other than this were not drawn across it together, mm [estimate]. */
const MOST_GAP_MM = 4;
/** Two sheets of the same half: profiles that agree within this, mm. */
const SAME_HALF_MM = 2.5;

export interface JoinedOutline {
  /** Closed, in the seam's millimetres: the first half at y > 0, the second at y < 0. */
  outline: Point[];
  /** How much further apart one half crosses the seam than the other, mm. */
  gapMm: number;
  /** How far the second sheet, turned half round, is moved along the seam, mm. */
  shiftMm: number;
}

/**
 * Joins the two halves of an outline that was drawn across two sheets lying edge to edge.
 * @param first,second open lines, mm: seam on y = 0, sheet at y > 0, first and last point on the seam, neither mirrored
 * @throws RangeError in words when the halves do not belong together
 * @example joinOutlines(heelHalf, toeHalf).outline
 */
export function joinOutlines(first: readonly Point[], second: readonly Point[]): JoinedOutline {
  const turned = second.map(({ x, y }) => ({ x: -x, y: -y }));
  const [a, b] = [crossings(first), crossings(turned)];
  const gapMm = Math.abs(a.wide - b.wide);
  if (gapMm > MOST_GAP_MM) {
    throw new RangeError(
      `the line crosses the seam ${a.wide.toFixed(0)} mm wide on one sheet and ${b.wide.toFixed(0)} on the other: these are not two halves of one foot, or the sheets did not lie edge to edge`
    );
  }
  if (sameHalf(first, second)) throw new RangeError('both sheets show the same half of the foot: one must hold the heel, the other the toes');
  const shiftMm = a.middle - b.middle;
  const moved = turned.map(({ x, y }) => ({ x: x + shiftMm, y }));
  // The second half goes on where the first one ends.
  const end = first.at(-1)!.x;
  const onwards = Math.abs(moved[0].x - end) <= Math.abs(moved.at(-1)!.x - end) ? moved : moved.reverse();
  return { outline: [...first, ...onwards], gapMm, shiftMm };
}

function crossings(line: readonly Point[]): { wide: number; middle: number } {
  const [p, q] = [line[0].x, line.at(-1)!.x];
  return { wide: Math.abs(p - q), middle: (p + q) / 2 };
}

/** Both lines as deep, and as wide at every fifth of the depth, either way round. */
function sameHalf(first: readonly Point[], second: readonly Point[]): boolean {
  const depth = (line: readonly Point[]): number => Math.max(...line.map((p) => p.y));
  const [d, e] = [depth(first), depth(second)];
  if (Math.abs(d - e) > SAME_HALF_MM) return false;
  return [0.2, 0.4, 0.6, 0.8].every((share) => Math.abs(widthAt(first, share * d) - widthAt(second, share * e)) < SAME_HALF_MM);
}

/** Width of what a line holds at a height above the seam. */
function widthAt(line: readonly Point[], y: number): number {
  const xs: number[] = [];
  for (let i = 1; i < line.length; i++) {
    const [p, q] = [line[i - 1], line[i]];
    if (p.y > y !== q.y > y) xs.push(p.x + ((q.x - p.x) * (y - p.y)) / (q.y - p.y));
  }
  return xs.length > 1 ? Math.max(...xs) - Math.min(...xs) : 0;
}
