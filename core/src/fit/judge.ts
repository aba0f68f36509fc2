import type { Targets } from './targets';
import { ZONE, ZONE_AT, ZONE_IDS, stateOf, type ZoneId, type ZoneState } from './zones';

export type Verdict = 'fits' | 'fits-with-help' | 'does-not-fit';

/** Judgement of one foot's clearances: every deciding zone in a to d, and the zone that decides. */
export interface Judgement {
  fits: boolean;
  decidedBy: ZoneId;
  /** Sum over deciding zones of the distance from the middle of right, in half bands. */
  distance: number;
  zones: number;
}

/** True when every deciding zone lies in a to d. The hot test of simulation and ranking. */
export function allWithin(zone: Float64Array, targets: Targets): boolean {
  for (let i = 0; i < ZONE_IDS.length; i++) {
    const id = ZONE_IDS[i];
    const v = zone[i];
    if (v !== v || !ZONE[id].decides) continue;
    const t = targets[id];
    if (v < t.a || v > t.d) return false;
  }
  return true;
}

/** Judges clearances. The deciding zone is the one furthest outside, or nearest to an edge. */
export function judge(zone: Float64Array, targets: Targets): Judgement {
  let least = Infinity;
  let decidedBy: ZoneId = 'toe-room';
  let distance = 0;
  let zones = 0;
  for (const id of ZONE_IDS) {
    const v = zone[ZONE_AT[id]];
    if (Number.isNaN(v) || !ZONE[id].decides) continue;
    const t = targets[id];
    const half = (t.d - t.a) / 2;
    // A heel that does not lift at all is as good as one that lifts a little.
    const off = id === 'heel-slip' ? Math.max(0, v - t.c) : Math.abs(v - (t.b + t.c) / 2);
    const margin = (id === 'heel-slip' ? t.d - v : Math.min(v - t.a, t.d - v)) / half;
    distance += off / half;
    zones++;
    if (margin < least) {
      least = margin;
      decidedBy = id;
    }
  }
  return { fits: least >= 0, decidedBy, distance, zones };
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
