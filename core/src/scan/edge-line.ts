import type { WidthBasis } from '../last';
import { smoothContour, type Point } from '../shape';
import type { BottomLine } from './bottom-line';
import { edgeIn, type Edge } from './edge';
import { ScanRefused } from './refusal';

/** Sections along the bottom, mm, and round its ends, rad. */
export const STEP_MM = 2;
const TURN_RAD = (3 * Math.PI) / 180;
/** The ends are read radially from so far within, of the length. */
export const HEEL_FROM = 0.13;
const TOE_FROM = 0.12;
/** An edge that lies so far off the middle of those beside it is none, mm; so many to either side count. */
const JUMPS_MM = { sides: 2, toe: 5 } as const;
const BESIDE = 3;
/** An edge is there in this share of the sections at least. */
const LEAST_FOUND = 0.7;
/** An edge rounder than this is none to measure at: its sides meet nowhere near it, mm [model]. */
const MOST_ROUND_MM = 6;

/**
 * The edge of a bottom: section by section along it, and round heel and toe.
 * @param basis what widths are measured on: it says which edge
 * @returns closed, laid flat along the bottom: x forward, y to the left, mm
 * @throws ScanRefused where there is no such edge, or it is too round
 */
export function edgeLine(bottom: BottomLine, basis: WidthBasis): Point[] {
  const { lengthMm: S } = bottom;
  const [heel, toe] = [HEEL_FROM * S, (1 - TOE_FROM) * S];
  let asked = 0;
  const round: number[] = [];
  const read = (places: readonly { s: number; way: readonly [number, number] }[], jumpsMm: number): Point[] => {
    asked += places.length;
    const found = steady(
      places.map(({ s, way }) => edgeIn(bottom, s, way, basis)),
      jumpsMm
    );
    return found.flatMap((edge, i) => {
      if (!edge) return [];
      if (edge.roundMm !== null) round.push(edge.roundMm);
      return [{ x: places[i].s + edge.outMm * places[i].way[0], y: edge.outMm * places[i].way[1] }];
    });
  };
  const across = (side: 1 | -1): Point[] =>
    read(
      Array.from({ length: Math.floor((toe - heel) / STEP_MM) + 1 }, (_, i) => ({ s: heel + i * STEP_MM, way: [0, side] as const })),
      JUMPS_MM.sides
    );
  const about = (s: number, from: number, to: number, jumpsMm: number): Point[] => {
    const many = Math.round(Math.abs(to - from) / TURN_RAD);
    return read(
      Array.from({ length: many - 1 }, (_, i) => {
        const a = from + ((to - from) * (i + 1)) / many;
        return { s, way: [Math.cos(a), Math.sin(a)] as const };
      }),
      jumpsMm
    );
  };
  const line = [
    ...across(-1),
    ...about(toe, -Math.PI / 2, Math.PI / 2, JUMPS_MM.toe),
    ...across(1).reverse(),
    ...about(heel, Math.PI / 2, (3 * Math.PI) / 2, JUMPS_MM.sides)
  ];
  if (!(line.length > LEAST_FOUND * asked)) throw new ScanRefused('no-feather');
  if (round.length > 0 && middle(round) > MOST_ROUND_MM) throw new ScanRefused('no-feather');
  return smoothContour(line);
}

const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1];

/** Edges found one beside the other, without those that jump out: there a section met something else. */
function steady(found: readonly (Edge | null)[], jumpsMm: number): (Edge | null)[] {
  return found.map((edge, i) => {
    if (!edge) return null;
    const near = found.slice(Math.max(0, i - BESIDE), i + BESIDE + 1).flatMap((n) => (n ? [n.outMm] : []));
    return Math.abs(edge.outMm - middle(near)) > jumpsMm ? null : edge;
  });
}
