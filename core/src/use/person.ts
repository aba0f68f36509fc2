import type { FlagId } from '../fit';
import type { Side } from '../measure';
import type { Answers, QuestionId } from './questions';
import { gaitOf, type Gait, type Looks } from './gait';

/** What of a person bears on a use; what nobody took is null. */
export interface UsePerson {
  /** The longer foot, mm. */
  lengthMm: number;
  ballWidthMm: number | null;
  ankleGirthMm: number | null;
  /** The ankle that reaches less, degrees. */
  ankleReachDeg: number | null;
  /** The higher toes, and by how much one stands up. */
  toeHeightMm: number | null;
  hammerToeMm: number;
  kneeHeightMm: number | null;
  weightKg: number | null;
  sockMm: number;
  flags: readonly FlagId[];
  looks: Partial<Record<Side, Looks>>;
}
export const ANYBODY: UsePerson = { lengthMm: 245, ballWidthMm: null, ankleGirthMm: null, ankleReachDeg: null, toeHeightMm: null, hammerToeMm: 0, kneeHeightMm: null, weightKg: null, sockMm: 0, flags: [], looks: {} }; // prettier-ignore

const ramp = (value: number, from: number, to: number): number => Math.min(1, Math.max(0, (value - from) / (to - from)));
/** How much somebody belongs to a class, 0 to 1: of the more demanding foot. What was not taken belongs to nothing. */
interface Membership<Id extends string = string> {
  id: Id;
  name: string;
  of: (p: UsePerson, feet: readonly Gait[], answers: Answers) => number | null;
  /** What is asked for it beside the feet. */
  asks?: QuestionId;
}
const more = (feet: readonly Gait[], of: (g: Gait) => number): number => Math.max(...feet.map(of));
const less = (feet: readonly Gait[], of: (g: Gait) => number): number => Math.min(...feet.map(of));
const member = <const Id extends string>(id: Id, name: string, of: Membership['of'], asks?: QuestionId): Membership<Id> => ({
  id,
  name,
  of,
  ...(asks ? { asks } : {})
});
/** Half of those who land on the middle are taken for landing in front. */
const HALF = 0.5;
export const MEMBERSHIPS = [
  member('lowArch', 'a low arch', (_p, feet) => more(feet, (g) => g.arch.of.low)),
  member('midArch', 'a medium arch', (_p, feet) => less(feet, (g) => g.arch.of.medium)),
  member('highArch', 'a high arch', (_p, feet) => more(feet, (g) => g.arch.of.high)),
  member('in', 'rolling in', (_p, feet) => more(feet, (g) => g.roll.of.in)),
  member('neutral', 'an even roll', (_p, feet) => less(feet, (g) => g.roll.of.neutral)),
  member('out', 'rolling out', (_p, feet) => more(feet, (g) => g.roll.of.out)),
  member('rear', 'landing on the heel', (_p, feet) => more(feet, (g) => g.strike.of.heel)),
  member('fore', 'landing in front', (_p, feet) => more(feet, (g) => g.strike.of.front + HALF * g.strike.of.middle)),
  member('wide', 'a broad ball', (p) => (p.ballWidthMm === null ? null : ramp(p.ballWidthMm / p.lengthMm, 0.385, 0.42))),
  member('thinAnkle', 'a thin ankle', (p) => (p.ankleGirthMm === null ? null : ramp(p.ankleGirthMm / p.lengthMm, 0.84, 0.78))),
  member(
    'longShin',
    'a long shin',
    ({ kneeHeightMm }, _feet, { bodyHeight }) => (kneeHeightMm === null || bodyHeight === undefined ? null : ramp(kneeHeightMm / bodyHeight, 0.285, 0.3)),
    'bodyHeight'
  )
] as const;
export type MembershipId = (typeof MEMBERSHIPS)[number]['id'];
export const MEMBERSHIP = Object.fromEntries(MEMBERSHIPS.map((m) => [m.id, m])) as Readonly<Record<MembershipId, Membership<MembershipId>>>;
/** Gait of both feet, and how much the person belongs to each class; null where it was not taken. */
export function membersOf(p: UsePerson, answers: Answers): Record<MembershipId, number | null> {
  const feet = [gaitOf(p.looks.left ?? {}), gaitOf(p.looks.right ?? {})];
  return Object.fromEntries(MEMBERSHIPS.map((m) => [m.id, m.of(p, feet, answers)])) as Record<MembershipId, number | null>;
}
