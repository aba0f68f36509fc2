import type { Side } from '../../measure';
import { clearanceAt, zonesOf, zoneState, type Targets } from '../judge';
import { ZONE, type Cuts, type FlexState, type ZoneId } from '../zones';

/** One foot in a shoe, ready to be spoken of. */
export interface SpokenFoot {
  side: Side;
  zone: Float64Array;
  targets: Targets;
  /** Toe that touches first, 0 the big toe. */
  toe: number;
  decidedBy: ZoneId;
}

/** How a zone feels: codes and numbers, no words. */
export interface Feel {
  zone: ZoneId;
  state: FlexState;
  /** Its clearance, mm. */
  mm: number;
  /** How far it lies off the edge of right, and outside its limits, mm; nought where it does not. */
  offMm: number;
  outsideMm: number;
  toe: number;
}

/** What of a foot is not right. */
export interface Finding extends Feel {
  side: Side;
  /** How far it lies off right, in half bands. */
  weight: number;
}

/** What is less than this off right is no finding, mm: no hand feels it and no tape tells it. */
export const TOLD_FROM_MM = 0.5;

/** How far a clearance lies off the edge of right, and outside its limits, mm. Of an amount none at all is right. */
const offRight = (zone: ZoneId, mm: number, { b, c }: Cuts): number => Math.max(ZONE[zone].scale === 'amount' ? 0 : b - mm, mm - c, 0);
const outside = (zone: ZoneId, mm: number, { a, d }: Cuts): number => Math.max(ZONE[zone].scale === 'amount' ? 0 : a - mm, mm - d, 0);

/** How one zone of a foot feels. */
export function feelOf(zone: ZoneId, { zone: clearances, targets, toe }: Pick<SpokenFoot, 'zone' | 'targets' | 'toe'>): Feel {
  const mm = clearanceAt(clearances, targets, zone);
  const t = targets[zone]!;
  return { zone, state: zoneState(zone, mm, targets), mm, offMm: offRight(zone, mm, t), outsideMm: outside(zone, mm, t), toe };
}

/** Deciding zones of a foot that are not right, worst first: outside before inside, then furthest off. */
export function findingsOf({ side, zone, targets, toe }: SpokenFoot): Finding[] {
  const found: Finding[] = [];
  for (const { id, at } of zonesOf(targets).inOrder) {
    const mm = zone[at];
    // Zones a shoe has not are NaN.
    if (mm !== mm || !ZONE[id].decides) continue;
    const t = targets[id]!;
    const [offMm, outsideMm] = [offRight(id, mm, t), outside(id, mm, t)];
    if (outsideMm === 0 && offMm < TOLD_FROM_MM) continue;
    found.push({ zone: id, state: zoneState(id, mm, targets), mm, offMm, outsideMm, toe, side, weight: offMm / ((t.d - t.a) / 2) });
  }
  return found.sort(worseFirst);
}

const worseFirst = (p: Finding, q: Finding): number => Number(q.outsideMm > 0) - Number(p.outsideMm > 0) || q.weight - p.weight;

/** What is most off over one or both feet, worst first; nothing when all is right. @param each how many zones a foot */
export const worstOf = (feet: readonly SpokenFoot[], each = 1): Finding[] => feet.flatMap((foot) => findingsOf(foot).slice(0, each)).sort(worseFirst);

/** How the whole sits: mean of the zones' signed places between the cuts, -1 tight to +1 loose. */
export function tightness(feet: readonly SpokenFoot[]): number {
  let sum = 0;
  let count = 0;
  for (const foot of feet) {
    for (const { id, at } of zonesOf(foot.targets).inOrder) {
      const v = foot.zone[at];
      if (!ZONE[id].tellsTightness || Number.isNaN(v)) continue;
      const t = foot.targets[id]!;
      sum += Math.max(-1.5, Math.min(1.5, (v - (t.b + t.c) / 2) / ((t.d - t.a) / 2)));
      count++;
    }
  }
  return count === 0 ? 0 : sum / count;
}

/** Character of a tightness: snug, regular or generous where it fits. */
export function character(value: number): 'snug' | 'regular' | 'generous' {
  if (value < -0.25) return 'snug';
  return value > 0.25 ? 'generous' : 'regular';
}
