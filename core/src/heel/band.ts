import type { Mark } from './banded';
import { DISCIPLINE, type DisciplineId, type Level } from './disciplines';
import { HOLD, rungOf, type HoldId } from './holds';
import type { PoseFoot } from './pose';
import { comfortShare, dropForDemand, steepestDrop, type ReachSchool } from './reach';
import type { Ground } from './soils';

/** What bears on how high a heel may be. */
export interface BandAsked {
  foot: PoseFoot;
  discipline: DisciplineId;
  level: Level;
  /** A beginner's lowest by one of the discipline's schools, mm; the discipline's own when left out. */
  startMm?: number;
  hold: HoldId;
  /** One school counts a good strap as laces. */
  strapCounts?: boolean;
  hours: number;
  dancing: boolean;
  ground: Ground | null;
  wetSlope?: boolean;
  platformMm: number;
  /** Measured; none where it was not. */
  ankleReachDeg: number | null;
  reachSchool: ReachSchool;
  /** Relaxed drop, where that school is followed, mm. */
  relaxedMm?: number | null;
  /** Numb or diabetic feet, a device, pregnancy, unsteadiness, foot surgery: a clinician is asked. */
  lowIsSafer: boolean;
  hypermobile: boolean;
}

export const CAPS = [
  { id: 'discipline', name: 'what it is for' },
  { id: 'ankle', name: 'the ankle in comfort' },
  { id: 'ankle-reach', name: 'the ankle at its limit' },
  { id: 'relaxed-drop', name: 'the relaxed drop' },
  { id: 'hours', name: 'hours on the feet' },
  { id: 'soft-ground', name: 'soft ground' },
  { id: 'rough-ground', name: 'cobbles or a wet slope' },
  { id: 'hold', name: 'an ankle held too little' },
  { id: 'clinician', name: 'what was told of the wearer: ask a clinician' },
  { id: 'hypermobile', name: 'joints that give much' },
  { id: 'too-steep', name: 'steeper than this foot can stand' }
] as const;
export type CapId = (typeof CAPS)[number]['id'];

/** One limit on the height of a heel. */
export interface Cap {
  cap: CapId;
  valueMm: number;
  mark: Mark;
  /** A hard one is no matter of comfort. */
  hard: boolean;
}
export interface HeelBand {
  lowMm: number;
  highMm: number;
  /** Least first. */
  caps: Cap[];
  binding: CapId;
  /** What would bind if that did not. */
  then: CapId | null;
  /** Nothing is left: what it is for asks for more than what binds allows. */
  conflict: boolean;
}

/** Figures of the caps, mm; hours of dancing count half as much again. */
const HOURS = { first: 115, perHour: 13, least: 50, dancing: 1.5 } as const;
const SOFT_HEEL_MM = 63.5;
const ROUGH_DROP_MM = 40;
const LITTLE_HELD_MM = 75;
const CLINICIAN_MM = 25;
/** Ground that takes so much steadiness is rough, degrees. */
const ROUGH_DEG = 3;
const STRAP_COUNTS_AS: HoldId = 'laced';

/** The band of heel heights for a foot and what it is for, mm, with every limit and what it rests on. */
export function heelBand(asked: BandAsked): HeelBand {
  const { foot, platformMm, ground, ankleReachDeg } = asked;
  const own = DISCIPLINE[asked.discipline];
  const lift = own.basis === 'drop' ? platformMm : 0;
  const [least, most] = own.heights[asked.level];
  const lowMm = (asked.startMm !== undefined && own.starts.includes(asked.startMm) ? asked.startMm : least) + lift;
  const caps: Cap[] = [{ cap: 'discipline', valueMm: most + lift, mark: own.mark, hard: false }];
  const add = (cap: CapId, dropMm: number, mark: Mark, hard = false): void => void caps.push({ cap, valueMm: dropMm + platformMm, mark, hard });
  if (ankleReachDeg !== null) {
    add('ankle', dropForDemand(foot, comfortShare(asked.reachSchool) * ankleReachDeg), 'model');
    add('ankle-reach', dropForDemand(foot, ankleReachDeg), 'model', true);
  }
  if (asked.relaxedMm != null) add('relaxed-drop', asked.relaxedMm, 'practice');
  const hours = Math.max(1, asked.hours * (asked.dancing ? HOURS.dancing : 1));
  add('hours', Math.max(HOURS.least, HOURS.first - HOURS.perHour * (hours - 1)), 'model');
  if (ground?.soft) caps.push({ cap: 'soft-ground', valueMm: SOFT_HEEL_MM, mark: 'practice', hard: false });
  if (asked.wetSlope || (ground && ground.unsteadyDeg >= ROUGH_DEG)) add('rough-ground', ROUGH_DROP_MM, 'model');
  const held = asked.strapCounts && HOLD[asked.hold].strap ? Math.max(rungOf(asked.hold), rungOf(STRAP_COUNTS_AS)) : rungOf(asked.hold);
  if (held < rungOf(own.hold)) add('hold', LITTLE_HELD_MM, 'practice', own.offTheFloor);
  if (asked.lowIsSafer) add('clinician', CLINICIAN_MM, 'standard', true);
  if (asked.hypermobile) add('hypermobile', LITTLE_HELD_MM, 'model');
  add('too-steep', steepestDrop(foot), 'model', true);
  caps.sort((a, b) => a.valueMm - b.valueMm);
  const highMm = caps[0].valueMm;
  return { lowMm, highMm, caps, binding: caps[0].cap, then: caps[1]?.cap ?? null, conflict: lowMm > highMm };
}

/** Going higher: steps of so much drop, each worn so many weeks and times before the next [practice]. */
export const PROGRESS = { stepMm: 12.7, weeks: 5, wears: 8 } as const;
const WEEKS_A_MONTH = 52.18 / 12;
export interface ProgressStep {
  dropMm: number;
  /** The pair kept for floor work and long days. */
  keepsMm: number;
  weeks: number;
}
/** From what is worn now to a target, each step keeping the pair below. The school “at once” goes straight there, for class only. */
export function progress(fromMm: number, toMm: number): { steps: ProgressStep[]; months: number } {
  const steps: ProgressStep[] = [];
  for (let at = fromMm; at < toMm - 1e-9;) {
    const next = Math.min(toMm, at + PROGRESS.stepMm);
    steps.push({ dropMm: next, keepsMm: at, weeks: PROGRESS.weeks });
    at = next;
  }
  return { steps, months: (steps.length * PROGRESS.weeks) / WEEKS_A_MONTH };
}
