import type { EdgePoint, FitDrawing, FlexState, ZoneId } from '@chiave/core/fit';
import type { Point } from '@chiave/core/shape';
import { colourOf, EDGE_CUTS, placeAmong, RIGHT, TIGHT_TO_LOOSE } from '../tightness';
import { smoothOpen, type OnSheet } from './paths';

/** A stretch of a foot's edge in one colour. */
export interface Run {
  path: string;
  colour: string;
}

type Line = (points: readonly Point[]) => string;

/** How close two points of a stretch may stand; the engine samples more densely than a line needs. */
const EVERY = 3;

/** The edge beside the foot, without its toes' fronts: inner, then outer side. */
export function besideFoot({ foot, inner, outer }: FitDrawing): [EdgePoint[], EdgePoint[]] {
  const [big, little] = [foot.toes[0].end, foot.toes[4].end];
  return [inner.filter((p) => p.x <= big[0].x), outer.filter((p) => p.x <= little[little.length - 1].x)];
}

/** One side, where it is not right; where it is no colour is laid. */
function sideRuns(beside: readonly EdgePoint[], place: OnSheet, line: Line): Run[] {
  const out: Run[] = [];
  let from = 0;
  for (let i = 1; i <= beside.length; i++) {
    const here = placeAmong(beside[from].clearanceMm, EDGE_CUTS);
    if (i < beside.length && placeAmong(beside[i].clearanceMm, EDGE_CUTS) === here) continue;
    if (here !== RIGHT) {
      const run = beside.slice(from, i + 1);
      out.push({ path: line(run.filter((_, k) => k % EVERY === 0 || k === run.length - 1).map(place)), colour: TIGHT_TO_LOOSE[here].colour });
    }
    from = i;
  }
  return out;
}

/** State of the room before the toes, which colours all of their fronts. */
export const frontState = (zones: readonly { zone: ZoneId; state: FlexState }[]): FlexState | undefined => zones.find((z) => z.zone === 'toe-room')?.state;

/**
 * Colours along a foot's edge: beside it where its gap is not right, and round the toes as the toe room is. An empty point before the toes
 * is not loose, and between two toes there is no edge.
 * @param room state of the toe room
 * @param line how a line goes through points
 */
export function edgeRuns(drawing: FitDrawing, room: FlexState | undefined, place: OnSheet, line: Line = smoothOpen): Run[] {
  const sides = besideFoot(drawing).flatMap((side) => sideRuns(side, place, line));
  if (!room || room === 'right') return sides;
  return [...sides, ...drawing.foot.toes.map((toe) => ({ path: line(toe.end.map(place)), colour: colourOf(room) }))];
}
