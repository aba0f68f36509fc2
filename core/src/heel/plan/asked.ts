import type { DoingId } from '../ground';
import type { PoseFoot } from '../pose';
import type { ReachSchool } from '../reach';
import { riseIn } from '../rise';
import type { HeelMade } from '../stand';
import type { GroundId } from '../soils';

/** What is done in a part of the day; how much it counts on the ball, and how steady it has to be, degrees [model]. */
export const ACTS = [
  { id: 'sitting', name: 'sitting', treads: null, load: 0.1, needDeg: 0, ankle: 0.15, onFeet: false },
  { id: 'standing', name: 'standing', treads: 'standing', load: 1, needDeg: 3, ankle: 1, onFeet: true },
  { id: 'walking', name: 'walking', treads: 'walking', load: 1.2, needDeg: 4, ankle: 1, onFeet: true },
  { id: 'dancing', name: 'dancing', treads: 'dancing', load: 1.7, needDeg: 6, ankle: 1, onFeet: true }
] as const satisfies readonly { id: string; name: string; treads: DoingId | null; load: number; needDeg: number; ankle: number; onFeet: boolean }[];
export type ActId = (typeof ACTS)[number]['id'];
export const ACT = Object.fromEntries(ACTS.map((a) => [a.id, a])) as Readonly<Record<ActId, (typeof ACTS)[number]>>;

/** Soles, and what goes wrong with them: one grips in turns, one slips in the wet. */
export const PLAN_SOLES = [
  { id: 'leather', name: 'leather', badInTurns: false, badInWet: true },
  { id: 'suede', name: 'suede', badInTurns: false, badInWet: true },
  { id: 'rubber', name: 'rubber', badInTurns: true, badInWet: false }
] as const;
export type PlanSoleId = (typeof PLAN_SOLES)[number]['id'];

/** A part of an occasion. */
export interface Segment {
  name: string;
  minutes: number;
  doing: ActId;
  ground: GroundId;
  wet: boolean;
  turns: boolean;
  /** 1 casual to 5 most formal. */
  formality: number;
  /** How much the shoes are seen, 0 to 1. */
  seen: number;
  /** How tall one stands beside a partner counts here. */
  heightMatters: boolean;
}
/** A pair that may be worn. */
export interface PlanShoe {
  id: string;
  name: string;
  made: HeelMade;
  formality: number;
  /** Null where it is not known: then it costs nothing. */
  sole: PlanSoleId | null;
  /** Forward slide of the foot at its centre, mm. */
  slideMm: number;
  hoursWorn: number;
  owned: boolean;
}
export interface Wishes {
  /** Partner's stature barefoot and what they stand on, and by how much they wish to be taller, mm. */
  partner: { statureMm: number; riseMm: number; tallerMm: readonly [least: number, most: number] } | null;
  statureMm: number;
  longSkirt: boolean;
  hem: boolean;
  /** How much comfort, risk and look count. */
  weights: { comfort: number; risk: number; look: number };
}
export interface PlanAsked {
  foot: PoseFoot;
  weightKg: number;
  ankleReachDeg: number | null;
  reachSchool: ReachSchool;
  segments: readonly Segment[];
  shoes: readonly PlanShoe[];
  wishes: Wishes;
}
/** A foot is about so much of a stature [model, for a partner's rise only]. */
const FOOT_OF_STATURE = 0.152;
/** How much taller a partner stands in shoes with a heel, mm: of them nothing but stature and heel is known. */
export const partnerRise = (statureMm: number, heelMm: number): number =>
  riseIn({ lengthMm: FOOT_OF_STATURE * statureMm }, { dropMm: heelMm, platformMm: 0 }).centreMm;

/** At most so many parts are planned. */
export const MOST_SEGMENTS = 8;
