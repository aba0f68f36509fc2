import type { FitDrawing, FlexState } from '@chiave/core/fit';
import type { Side } from '@chiave/core/measure';
import type { Point } from '@chiave/core/shape';
import { closedPath, openPath, toScreen } from '../place';
import { edgeRuns } from './edge-runs';
import { nail, shadeOf } from './paths';

/** Size of a card's drawing, pixels. */
export const SMALL = { width: 132, height: 124 } as const;
const HEEL_Y = SMALL.height - 4;
const CENTRE: Readonly<Record<Side, number>> = { left: 34, right: 98 };
/** Points of a line stand at least so far apart, px: at this size straight stretches look smooth, and a page of cards is drawn at once. */
const APART = { foot: 1.2, wall: 3.2 } as const;

function sparse(points: readonly Point[], apart: number): Point[] {
  const kept: Point[] = [];
  for (const p of points) {
    const last = kept[kept.length - 1];
    if (!last || Math.hypot(p.x - last.x, p.y - last.y) >= apart) kept.push(p);
  }
  return kept;
}

/** Lines of both feet in their shoes as large as a card allows, each kind as one path: a page lays out paths one by one. */
export interface SmallPairLines {
  outside: string;
  inside: string;
  opening: string;
  foot: string;
  nails: string;
  ridges: string;
  edges: { path: string; colour: string }[];
  /** Pixels to a millimetre. */
  scale: number;
}

/** How long what is drawn is, mm: a foot may stand out of its shoe. */
export const longestOf = (drawings: readonly { drawing: FitDrawing }[]): number =>
  Math.max(...drawings.flatMap(({ drawing }) => [...drawing.shoe.outside, ...drawing.foot.knots].map((p) => p.x)));

/**
 * Writes the lines of both feet in their shoes, to one scale. In a worker wherever there are many: they cost more to write than to draw.
 * @param rooms state of the toe room of either foot
 * @param longest length that is drawn as high as the card, mm: the same for cards that are to be compared
 */
export function smallPair(
  drawings: readonly { side: Side; drawing: FitDrawing }[],
  rooms: Partial<Record<Side, FlexState>>,
  longest = longestOf(drawings)
): SmallPairLines {
  const scale = (HEEL_Y - 4) / longest;
  const edges = new Map<string, string>();
  const lines = { outside: '', inside: '', opening: '', foot: '', nails: '', ridges: '' };
  for (const { side, drawing } of drawings) {
    const { shoe, foot } = drawing;
    const place = toScreen(side, CENTRE[side], HEEL_Y, scale);
    const wall = (points: readonly Point[]): string => closedPath(sparse(points.map(place), APART.wall));
    lines.outside += wall(shoe.outside);
    lines.inside += wall(shoe.inside);
    lines.opening += wall(shoe.opening);
    lines.foot += closedPath(sparse(foot.knots.map(place), APART.foot));
    for (const toe of foot.toes) lines.nails += nail(toe.nail.map(place));
    for (const ridge of shadeOf(foot).ridges) lines.ridges += openPath(ridge.map(place));
    for (const { path, colour } of edgeRuns(drawing, rooms[side], place, (points) => openPath(sparse(points, APART.foot))))
      edges.set(colour, (edges.get(colour) ?? '') + path);
  }
  return { ...lines, edges: [...edges].map(([colour, path]) => ({ colour, path })), scale };
}
