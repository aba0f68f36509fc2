import { HEEL_ARC, STATIONS, type FootShape } from '../shape';
import { innerSlope, innerWall, outerSlope, outerWall, type ShoeOutline } from '../last';
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
export function readEdge(foot: FootShape, shoe: ShoeOutline, placement: Placement, whole: boolean, edge: Edge): number {
  const n = foot.stationX.length;
  const xc = HEEL_ARC * foot.lengthMm;
  const { theta, forwardMm } = placement;
  let least = Infinity;
  for (let s = whole ? 0 : foot.innerToesFrom; s < n; s++) {
    const x = foot.stationX[s] + forwardMm;
    const gap = innerWall(shoe, x) - foot.inner[s] - theta * (foot.stationX[s] - xc);
    const slope = innerSlope(shoe, x);
    const clearance = gap / Math.sqrt(1 + slope * slope);
    edge.inner[s] = clearance;
    if (s >= foot.innerToesFrom && clearance < least) least = clearance;
  }
  for (let s = whole ? 0 : foot.outerToesFrom; s < n; s++) {
    const x = foot.stationX[s] + forwardMm;
    const gap = outerWall(shoe, x) - foot.outer[s] + theta * (foot.stationX[s] - xc);
    const slope = outerSlope(shoe, x);
    const clearance = gap / Math.sqrt(1 + slope * slope);
    edge.outer[s] = clearance;
    if (s >= foot.outerToesFrom && clearance < least) least = clearance;
  }
  return least;
}

export const emptyEdge = (): Edge => ({ inner: new Float64Array(STATIONS + 2), outer: new Float64Array(STATIONS + 2) });
