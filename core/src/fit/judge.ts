import { distanceOf, limitsOf, marginAt } from './limits';
import type { Targets } from './targets';
import { ZONE, ZONE_IDS, stateOf, type ZoneId, type ZoneState } from './zones';

export type Verdict = 'fits' | 'fits-with-help' | 'does-not-fit';

/** Judgement of one foot's clearances: every deciding zone in a to d, and the zone that decides. */
export interface Judgement {
  fits: boolean;
  decidedBy: ZoneId;
  /** How far that zone lies inside its limits, in half bands; negative outside. */
  margin: number;
  /** Sum over deciding zones of the distance from the middle of right, in half bands. */
  distance: number;
  zones: number;
}

/** Judges clearances. The deciding zone is the one furthest outside, or nearest to an edge. */
export function judge(zone: Float64Array, targets: Targets): Judgement {
  const limits = limitsOf(targets);
  let least = Infinity;
  let decidedBy: ZoneId = 'toe-room';
  let zones = 0;
  for (let i = 0; i < ZONE_IDS.length; i++) {
    if (zone[i] !== zone[i] || !ZONE[ZONE_IDS[i]].decides) continue;
    zones++;
    const margin = marginAt(zone, i, limits);
    if (margin < least) {
      least = margin;
      decidedBy = ZONE_IDS[i];
    }
  }
  return { fits: least >= 0, decidedBy, margin: least, distance: distanceOf(zone, limits), zones };
}

/** State of one zone, with the flex line's own words. */
export function zoneState(id: ZoneId, mm: number, targets: Targets): ZoneState | 'behind' | 'ahead' {
  if (id === 'flex-point') {
    if (mm < targets[id].b) return 'behind';
    return mm > targets[id].c ? 'ahead' : 'right';
  }
  return stateOf(mm, targets[id]);
}

/** Score for ranking, 0 to 1: falls with the mean distance from the middle of right. */
export const scoreOf = (distance: number, zones: number): number => Math.exp(-distance / Math.max(1, zones));
