import { HEEL_ARC, SEGMENT, STATIONS, type FootShape } from '../../shape';
import { curveTable, fallAt, steepnessAt, type CurveTable, type ShoeOutline } from '../../last';
import type { Placement } from './toe-room';

/** Clearance along the whole edge, inner and outer side, at the foot's stations. */
export interface Edge {
  inner: Float64Array;
  outer: Float64Array;
}

/** One side of a foot against one side of a shoe. */
interface EdgeSide {
  /** Half widths of the foot at its stations, and from which station on its toes lie. */
  half: Float64Array;
  toesFrom: number;
  /** Turn towards this side, radians. */
  turn: number;
  /** The wall: cubics up to where it tapers, then its fall from there to the tip, mm. */
  cubics: Float64Array;
  segments: number;
  table: CurveTable;
  taperMm: number;
  tip: number;
  drop: number;
  out: Float64Array;
}
const NONE = new Float64Array(0);
const blankSide = (): EdgeSide => ({
  half: NONE,
  toesFrom: 0,
  turn: 0,
  cubics: NONE,
  segments: 0,
  table: curveTable('round'),
  taperMm: 0,
  tip: 0,
  drop: 0,
  out: NONE
});
/** One edge is read at a time. */
const scratch = { inner: blankSide(), outer: blankSide() };

/**
 * Fills the clearance along the edge, mm, square to the wall; toes unsqueezed, so that a misfit shows.
 * @param whole false reads only the toe region (for ranking)
 * @returns least clearance of the toe region on either side, mm
 */
export function readEdge(foot: FootShape, shoe: ShoeOutline, { theta, forwardMm }: Pick<Placement, 'theta' | 'forwardMm'>, whole: boolean, edge: Edge): number {
  const { inner, outer } = scratch;
  inner.half = foot.inner;
  inner.toesFrom = foot.innerToesFrom;
  inner.turn = theta;
  inner.cubics = shoe.innerSide;
  inner.segments = shoe.sideSegments;
  inner.table = shoe.innerTable;
  inner.taperMm = shoe.innerTaperMm;
  inner.tip = shoe.innerTip;
  inner.drop = shoe.innerAtTaper - shoe.innerTip;
  inner.out = edge.inner;
  outer.half = foot.outer;
  outer.toesFrom = foot.outerToesFrom;
  outer.turn = -theta;
  outer.cubics = shoe.outerSide;
  outer.segments = shoe.sideSegments;
  outer.table = shoe.outerTable;
  outer.taperMm = shoe.outerTaperMm;
  outer.tip = shoe.outerTip;
  outer.drop = shoe.outerAtTaper - shoe.outerTip;
  outer.out = edge.outer;
  return Math.min(readSide(foot, shoe, inner, forwardMm, whole), readSide(foot, shoe, outer, forwardMm, whole));
}

/** One side in one pass: wall and slope of the three regions (heel arc, cubics, toe curve) are read together, as this is the hottest loop. */
function readSide(foot: FootShape, shoe: ShoeOutline, side: EdgeSide, forwardMm: number, whole: boolean): number {
  const { half, toesFrom, turn, cubics, segments, table, taperMm, tip, drop, out } = side;
  const xs = foot.stationX;
  const n = xs.length;
  const pivot = HEEL_ARC * foot.lengthMm;
  const { heelArcMm, heelHalfMm } = shoe;
  const span = shoe.insoleMm - taperMm;
  const lastSegment = (segments - 1) * SEGMENT;
  // Stations run forward, so each begins in the segment of the one before.
  let o = 0;
  let least = Infinity;
  for (let s = whole ? 0 : toesFrom; s < n; s++) {
    const x = xs[s] + forwardMm;
    let wall: number;
    let slope = 0;
    if (x >= taperMm) {
      const u = (x - taperMm) / span;
      wall = tip + drop * fallAt(table, u);
      slope = (-drop / span) * steepnessAt(table, u);
    } else if (x > heelArcMm) {
      while (o < lastSegment && x >= cubics[o + SEGMENT]) o += SEGMENT;
      const d = x - cubics[o];
      const c3 = cubics[o + 3];
      const c4 = cubics[o + 4];
      wall = cubics[o + 1] + d * (cubics[o + 2] + d * (c3 + d * c4));
      slope = cubics[o + 2] + d * (2 * c3 + d * 3 * c4);
    } else {
      const v = x / heelArcMm;
      wall = v <= 0 ? 0 : heelHalfMm * Math.sqrt(v * (2 - v));
    }
    const clearance = (wall - half[s] - turn * (xs[s] - pivot)) / Math.sqrt(1 + slope * slope);
    out[s] = clearance;
    if (s >= toesFrom && clearance < least) least = clearance;
  }
  return least;
}

export const emptyEdge = (): Edge => ({ inner: new Float64Array(STATIONS + 2), outer: new Float64Array(STATIONS + 2) });
