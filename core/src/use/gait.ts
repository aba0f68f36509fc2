import { normalBelow } from '../measure';

/**
 * Roll, strike and arch of a foot from what was seen, each with how sure it is [model]. A foot rolls so many deviations of the population, inwards
 * +; nothing seen leaves the population.
 */
interface Seen<Id extends string> {
  id: Id;
  name: string;
}
/** How walking was watched, and what was seen of the roll. */
export const ROLLS = [
  { id: 'in', name: 'rolls in', value: 1.2 },
  { id: 'neutral', name: 'rolls evenly', value: 0 },
  { id: 'out', name: 'rolls out', value: -1.2 }
] as const satisfies readonly (Seen<string> & { value: number })[];
export type RollId = (typeof ROLLS)[number]['id'];
export const WATCHED = [
  { id: 'filmed', name: 'filmed', rollSd: 0.6, strike: [0.93, 0.06, 0.01] },
  { id: 'eye', name: 'by eye', rollSd: 0.9, strike: [0.8, 0.17, 0.03] }
] as const;
export type WatchedId = (typeof WATCHED)[number]['id'];
/** Where old soles are worn; the outer rear corner tells that the heel lands first. */
export const WORN_AT = [
  { id: 'inner', name: 'inner edge', value: 1, strike: null },
  { id: 'outer', name: 'outer edge', value: -0.9, strike: null },
  { id: 'even', name: 'evenly', value: 0, strike: null },
  { id: 'outer-rear', name: 'outer rear corner', value: 0, strike: 'heel' }
] as const;
export type WornAtId = (typeof WORN_AT)[number]['id'];
export const STRIKES = [
  { id: 'heel', name: 'lands on the heel', prior: 0.78 },
  { id: 'middle', name: 'lands on the middle', prior: 0.18 },
  { id: 'front', name: 'lands in front', prior: 0.04 }
] as const;
export type StrikeId = (typeof STRIKES)[number]['id'];
export const ARCHES_SEEN = [
  { id: 'low', name: 'low', rolls: 0.7, tells: [0.75, 0.2, 0.05] },
  { id: 'lowered', name: 'lower standing than seated', rolls: 0.4, tells: [0.45, 0.45, 0.1] },
  { id: 'medium', name: 'medium', rolls: null, tells: [0.2, 0.75, 0.2] },
  { id: 'high', name: 'high', rolls: -0.7, tells: [0.05, 0.2, 0.75] }
] as const;
export type ArchSeenId = (typeof ARCHES_SEEN)[number]['id'];
const SD = { posture: 0.6, soles: 1.1, arch: 1.2 } as const;
/** A posture score of 4 is the middle of people; 3 a deviation. */
const POSTURE = { middle: 4, sd: 3 } as const;
const SOLES_STRIKE = [0.6, 0.3, 0.1] as const;
const ARCH_PRIOR = [0.2, 0.6, 0.2] as const;
/** Beyond so many deviations a foot is said to roll. */
const ROLLS_FROM = 0.7;

/** What was looked at on one side; what was not stays away. */
export interface Looks {
  postureScore?: number;
  roll?: { is: RollId; watched: WatchedId };
  strike?: { is: StrikeId; watched: WatchedId };
  wornAt?: WornAtId;
  /** Readings of the arch, by eye, print or drop: each counts. */
  arch?: readonly ArchSeenId[];
}
export interface Chances<Id extends string> {
  id: Id;
  /** Chance of the likeliest, and of each. */
  confidence: number;
  of: Readonly<Record<Id, number>>;
}
export interface Gait {
  roll: Chances<RollId>;
  strike: Chances<StrikeId>;
  arch: Chances<'low' | 'medium' | 'high'>;
}
/** How sure a class is, in a word. */
export const CONFIDENCE = [
  { id: 'clear', name: 'clear', from: 0.75 },
  { id: 'likely', name: 'likely', from: 0.55 },
  { id: 'not-clear', name: 'not clear', from: 0 }
] as const;
export const confidenceOf = (p: number): (typeof CONFIDENCE)[number] => CONFIDENCE.find((c) => p >= c.from)!;

const likeliest = <Id extends string>(of: Readonly<Record<Id, number>>): Chances<Id> => {
  const [id, confidence] = (Object.entries(of) as [Id, number][]).reduce((a, b) => (b[1] > a[1] ? b : a));
  return { id, confidence, of };
};
const byId = <T extends { id: string }>(list: readonly T[], id: T['id']): T => list.find((x) => x.id === id)!;

function rollOf({ postureScore, roll, wornAt, arch }: Looks): Chances<RollId> {
  let [sum, weight] = [0, 1];
  const tell = (value: number, sd: number): void => {
    sum += value / (sd * sd);
    weight += 1 / (sd * sd);
  };
  if (postureScore !== undefined) tell((postureScore - POSTURE.middle) / POSTURE.sd, SD.posture);
  if (roll) tell(byId(ROLLS, roll.is).value, byId(WATCHED, roll.watched).rollSd);
  if (wornAt) tell(byId(WORN_AT, wornAt).value, SD.soles);
  // Two readings of one arch say one thing of the roll: the first counts.
  const leans = arch?.map((a) => byId(ARCHES_SEEN, a).rolls).find((r) => r !== null);
  if (leans !== undefined && leans !== null) tell(leans, SD.arch);
  const [mean, sd] = [sum / weight, Math.sqrt(1 / weight)];
  const over = 1 - normalBelow((ROLLS_FROM - mean) / sd);
  const under = normalBelow((-ROLLS_FROM - mean) / sd);
  return likeliest({ in: over, neutral: 1 - over - under, out: under });
}
const share = <Id extends string>(ids: readonly Id[], weights: readonly number[]): Chances<Id> => {
  const sum = weights.reduce((a, b) => a + b, 0);
  return likeliest(Object.fromEntries(ids.map((id, i) => [id, weights[i] / sum])) as Record<Id, number>);
};
function strikeOf({ strike, wornAt }: Looks): Chances<StrikeId> {
  const ids = STRIKES.map((s) => s.id);
  const tells = (is: StrikeId, by: readonly number[]): number[] => ids.map((_, i) => by[Math.abs(i - ids.indexOf(is))]);
  const soles = wornAt ? byId(WORN_AT, wornAt).strike : null;
  const all = [strike ? tells(strike.is, byId(WATCHED, strike.watched).strike) : null, soles ? tells(soles, SOLES_STRIKE) : null];
  return share(ids, STRIKES.map((s, i) => all.reduce((p, t) => p * (t?.[i] ?? 1), s.prior as number))); // prettier-ignore
}
const archOf = ({ arch = [] }: Looks): Gait['arch'] =>
  share(['low', 'medium', 'high'], ARCH_PRIOR.map((p, i) => arch.reduce((q, a) => q * byId(ARCHES_SEEN, a).tells[i], p as number))); // prettier-ignore
/** Roll, strike and arch of one foot. */
export const gaitOf = (looks: Looks): Gait => ({ roll: rollOf(looks), strike: strikeOf(looks), arch: archOf(looks) });

/** Where two things that were seen on one foot do not agree: both are weighed, the surer one more. */
export function disagreements({ postureScore, roll, strike, wornAt, arch = [] }: Looks): string[] {
  const out: string[] = [];
  const worn = wornAt ? byId(WORN_AT, wornAt) : null;
  const seen = roll ? byId(ROLLS, roll.is) : null;
  if (seen && worn && seen.value * worn.value < 0) out.push(`It ${seen.name}, and the old sole is worn at the ${worn.name}: look again, or at another pair.`);
  if (seen && postureScore !== undefined && seen.value * (postureScore - POSTURE.middle) < -POSTURE.sd)
    out.push(`It ${seen.name}, and the posture score of ${postureScore} says the other way: walking counts for more than standing only when it is filmed.`);
  if (strike && worn?.strike && worn.strike !== strike.is)
    out.push(`It ${byId(STRIKES, strike.is).name}, and the old sole is worn at the ${worn.name}: the pair may be a walking pair.`);
  if (arch.includes('low') && arch.includes('high')) out.push('The arch was read low and high: take it again, standing.');
  return out;
}
