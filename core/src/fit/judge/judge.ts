import { distanceOf, limitsOf, marginAt } from './limits';
import { zonesOf, type Targets } from './targets';
import { ZONE, stateOf, type FlexState, type ZoneId } from '../zones';

export const VERDICTS = ['fits', 'fits-with-help', 'does-not-fit'] as const;
export type Verdict = (typeof VERDICTS)[number];

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
  const { inOrder } = zonesOf(targets);
  let least = Infinity;
  let decidedBy = inOrder[0].id;
  let zones = 0;
  for (const { id, at } of inOrder) {
    if (zone[at] !== zone[at] || !ZONE[id].decides) continue;
    zones++;
    const margin = marginAt(zone, at, limits);
    if (margin < least) {
      least = margin;
      decidedBy = id;
    }
  }
  return { fits: least >= 0, decidedBy, margin: least, distance: distanceOf(zone, limits), zones };
}

/** State of one zone of a shoe; a place along the foot has words of its own. */
export function zoneState(id: ZoneId, mm: number, targets: Targets): FlexState {
  const t = targets[id]!;
  if (ZONE[id].scale !== 'place') return stateOf(mm, t);
  if (mm < t.b) return 'behind';
  return mm > t.c ? 'ahead' : 'right';
}

/** Score for ranking, 0 to 1: falls with the mean distance from the middle of right. */
export const scoreOf = (distance: number, zones: number): number => Math.exp(-distance / Math.max(1, zones));
