import { SHOE_PLAN, type WidthBasis } from '../last';
import type { BottomLine } from './bottom-line';
import { sectionAt, type Section } from './section';

/** Where the edge of a bottom lies from its middle, mm along the bottom, and how round it is there; null where it has none to be round. */
export interface Edge {
  outMm: number;
  roundMm: number | null;
}

/** The wall's line is laid through these heights over the bottom, mm, less of a low toe, of its height [model]. */
const WALL_MM: readonly [number, number] = [4.5, 11];
const WALL_OF_HEIGHT: readonly [number, number] = [0.12, 0.3];
/** A wall that leans out further than this from square to the bottom is none: the bottom only curves up [model]. */
const MOST_LEAN_RAD = Math.PI / 4;
/** How high over its bottom an inside is widest to a foot, mm; it is looked for so far to either side, less in a low toe, of its height [model]. */
export const INSIDE_AT_MM = 10;
const INSIDE_MM: readonly [number, number] = [INSIDE_AT_MM - 2, INSIDE_AT_MM + 2];
const INSIDE_OF_HEIGHT: readonly [number, number] = [0.25, 0.42];

/** Heights over the bottom between which a wall is looked at. */
const between = (mm: readonly [number, number], ofHeight: readonly [number, number], { highMm }: Section): [number, number] => [
  Math.min(mm[0], ofHeight[0] * highMm),
  Math.min(mm[1], ofHeight[1] * highMm)
];

/** The feather point: where the line of the bottom and the line of the wall over it cross. The edge between them may be rounded a little. */
function featherOf(section: Section): Edge | null {
  const { ground, u, v } = section;
  const wall = section.wall(...between(WALL_MM, WALL_OF_HEIGHT, section));
  if (!wall) return null;
  const lean = Math.atan(wall.slope) + Math.atan(ground.slope);
  if (lean > MOST_LEAN_RAD) return null;
  // Out = a + b v on the wall, v = c + d out on the bottom.
  const out = (wall.from + wall.slope * ground.from) / (1 - wall.slope * ground.slope);
  if (!(out > 0 && Number.isFinite(out))) return null;
  const high = ground.at(out);
  const nearest = u.reduce((least, a, i) => Math.min(least, Math.hypot(a - out, v[i] - high)), Infinity);
  // A round corner stands off the point where its sides would meet by so much of its radius.
  const off = 1 / Math.sin((Math.PI / 2 + lean) / 2) - 1;
  return { outMm: out * Math.hypot(1, ground.slope), roundMm: nearest / off };
}

/** Where the wall stands at the height at which an inside is widest to a foot. */
function wallOf(section: Section): Edge | null {
  const { ground } = section;
  const [from, to] = between(INSIDE_MM, INSIDE_OF_HEIGHT, section);
  const wall = section.wall(from, to);
  if (!wall) return null;
  const over = (from + to) / 2;
  // Out = a + b v on the wall, v = c + d out + over on the line that lies so high over the bottom.
  const out = (wall.from + wall.slope * (ground.from + over)) / (1 - wall.slope * ground.slope);
  return out > 0 && Number.isFinite(out) ? { outMm: (out + ground.slope * (ground.slope * out + over)) / Math.hypot(1, ground.slope), roundMm: null } : null;
}

/**
 * How far the edge at which widths are measured lies from the bottom's middle along a direction.
 * @param s place along the bottom's middle
 * @param way direction in the bottom's own plane, ahead and to the left, of length one
 * @returns null where there is no such edge
 */
export function edgeIn(bottom: BottomLine, s: number, way: readonly [number, number], basis: WidthBasis): Edge | null {
  const section = sectionAt(bottom, s, way);
  return section && (SHOE_PLAN.isInside[basis] ? wallOf : featherOf)(section);
}
