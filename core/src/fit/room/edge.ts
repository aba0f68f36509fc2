import { HEEL_ARC, SEGMENT, STATIONS, type FootShape } from '../../shape';
import { fallAt, steepnessAt, type ShoeOutline } from '../../last';
import type { Placement } from './toe-room';

/** Clearance along the whole edge, inner and outer side, at the foot's stations. */
export interface Edge {
  inner: Float64Array;
  outer: Float64Array;
}

/**
 * Fills the clearance along the edge, mm, square to the wall; toes unsqueezed, so that a misfit shows.
 * @param whole false reads only the toe region (for ranking)
 * @returns least clearance of the toe region on either side, mm
 */
export function readEdge(foot: FootShape, shoe: ShoeOutline, placement: Pick<Placement, 'theta' | 'forwardMm'>, whole: boolean, edge: Edge): number {
  const { theta } = placement;
  // prettier-ignore
  const inner = readSide(
    foot, foot.inner, theta, placement.forwardMm, whole ? 0 : foot.innerToesFrom, foot.innerToesFrom,
    shoe, shoe.innerSide, shoe.innerTaperMm, shoe.innerTip, shoe.innerAtTaper - shoe.innerTip, edge.inner
  );
  // prettier-ignore
  const outer = readSide(
    foot, foot.outer, -theta, placement.forwardMm, whole ? 0 : foot.outerToesFrom, foot.outerToesFrom,
    shoe, shoe.outerSide, shoe.outerTaperMm, shoe.outerTip, shoe.outerAtTaper - shoe.outerTip, edge.outer
  );
  return inner < outer ? inner : outer;
}

/** One side in one pass: wall and slope of the three regions (heel arc, cubics, toe curve) are read together, as this is the hottest loop. */
function readSide(
  foot: FootShape,
  half: Float64Array,
  turn: number,
  forwardMm: number,
  from: number,
  toesFrom: number,
  shoe: ShoeOutline,
  cubics: Float64Array,
  taperMm: number,
  tip: number,
  drop: number,
  out: Float64Array
): number {
  const xs = foot.stationX;
  const n = xs.length;
  const pivot = HEEL_ARC * foot.lengthMm;
  const { heelArcMm, heelHalfMm, table } = shoe;
  const span = shoe.insoleMm - taperMm;
  const second = cubics[SEGMENT];
  const third = cubics[2 * SEGMENT];
  let least = Infinity;
  for (let s = from; s < n; s++) {
    const x = xs[s] + forwardMm;
    let wall: number;
    let slope = 0;
    if (x >= taperMm) {
      const u = (x - taperMm) / span;
      wall = tip + drop * fallAt(table, u);
      slope = (-drop / span) * steepnessAt(table, u);
    } else if (x > heelArcMm) {
      const o = x < second ? 0 : x < third ? SEGMENT : 2 * SEGMENT;
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
