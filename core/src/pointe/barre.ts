import { byId } from './by-id';
import { normalBelow } from '../measure';
import type { PointeZoneId, ReadZone } from './zones';

/**
 * At the barre: what is seen, what may cause it, and what to change. Odds, with likelihoods [model] over what is common [practice]; a cause is
 * never proved by one sign.
 */
/** Parts of a shoe (or of the dancer) that a cause lies in; two opposite ones together mean another model. */
export interface Cause<Id extends string = string> {
  id: Id;
  name: string;
  /** What to do about it, as a code with words. */
  next: NextId;
  opposite: string | null;
  /** The zone that tells of it beforehand, and past which of its cuts. */
  told: { zone: PointeZoneId; past: 'low' | 'high' } | null;
}
export const NEXTS = [
  { id: 'narrower', name: 'a width narrower' },
  { id: 'wider', name: 'a width wider' },
  { id: 'longer', name: 'half a size longer' },
  { id: 'shorter', name: 'half a size shorter' },
  { id: 'squarer', name: 'a squarer box' },
  { id: 'more-tapered', name: 'a more tapered box' },
  { id: 'wider-platform', name: 'a wider or flatter platform' },
  { id: 'vamp-longer', name: 'a longer vamp' },
  { id: 'vamp-shorter', name: 'a shorter vamp' },
  { id: 'wings-longer', name: 'longer wings' },
  { id: 'wings-shorter', name: 'shorter wings' },
  { id: 'shank-softer', name: 'a softer shank' },
  { id: 'shank-firmer', name: 'a firmer shank' },
  { id: 'bend-moved', name: 'another place where the shank bends' },
  { id: 'crown-higher', name: 'a higher crown' },
  { id: 'heel-higher', name: 'a higher heel' },
  { id: 'heel-narrower', name: 'a narrower heel' },
  { id: 'filler', name: 'a filler under the shorter toes' },
  { id: 'pad-more', name: 'a little more padding' },
  { id: 'pad-less', name: 'less padding' },
  { id: 'new-pair', name: 'a new pair: this one is dead' },
  { id: 'teacher', name: 'no shoe: the teacher' }
] as const;
export type NextId = (typeof NEXTS)[number]['id'];
export const NEXT = byId<(typeof NEXTS)[number]>(NEXTS);

const cause = <const Id extends string>(id: Id, name: string, next: NextId, own: Partial<Pick<Cause, 'opposite' | 'told'>> = {}): Cause<Id> => ({
  id,
  name,
  next,
  opposite: own.opposite ?? null,
  told: own.told ?? null
});
const low = (zone: PointeZoneId): Cause['told'] => ({ zone, past: 'low' });
const high = (zone: PointeZoneId): Cause['told'] => ({ zone, past: 'high' });
export const CAUSES = [
  cause('box-wide', 'box too wide', 'narrower', { opposite: 'box-narrow', told: high('sink') }),
  cause('box-narrow', 'box too narrow', 'wider', { opposite: 'box-wide', told: high('hands') }),
  cause('box-dead', 'box gone soft', 'new-pair'),
  cause('short', 'too short', 'longer', { opposite: 'long', told: low('length') }),
  cause('long', 'too long', 'shorter', { opposite: 'short', told: high('length') }),
  cause('too-square', 'box too square', 'more-tapered', { opposite: 'too-tapered', told: high('tip-loose') }),
  cause('too-tapered', 'box too tapered', 'squarer', { opposite: 'too-square', told: high('crowd') }),
  cause('platform-narrow', 'platform too narrow', 'wider-platform'),
  cause('vamp-short', 'vamp too short', 'vamp-longer', { opposite: 'vamp-long', told: low('vamp') }),
  cause('vamp-long', 'vamp too long', 'vamp-shorter', { opposite: 'vamp-short', told: high('vamp') }),
  cause('wings-short', 'wings too short', 'wings-longer', { opposite: 'wings-long', told: low('wing-inner') }),
  cause('wings-long', 'wings too long', 'wings-shorter', { opposite: 'wings-short', told: high('wing-inner') }),
  cause('shank-soft', 'shank too soft', 'shank-firmer', { opposite: 'shank-hard', told: low('held-back') }),
  cause('shank-hard', 'shank too hard', 'shank-softer', { opposite: 'shank-soft', told: low('to-spare') }),
  cause('shank-dead', 'shank gone soft', 'new-pair'),
  cause('bend-off', 'shank bends in the wrong place', 'bend-moved'),
  cause('profile-low', 'crown too low', 'crown-higher'),
  cause('heel-low', 'heel too low', 'heel-higher'),
  cause('heel-wide', 'heel too wide', 'heel-narrower'),
  cause('uneven-toes', 'toes of uneven length', 'filler'),
  cause('pad-little', 'too little padding', 'pad-more'),
  cause('pad-much', 'too much padding', 'pad-less'),
  cause('reach-short', 'point reach too short', 'teacher')
] as const;
export type CauseId = (typeof CAUSES)[number]['id'];
export const CAUSE = byId<Cause<CauseId>>(CAUSES);

export interface Symptom<Id extends string = string> {
  id: Id;
  name: string;
  usual: readonly CauseId[];
  often: readonly CauseId[];
  sometimes: readonly CauseId[];
}
const seen = <const Id extends string>(id: Id, name: string, usual: readonly CauseId[], often: readonly CauseId[] = [], sometimes: readonly CauseId[] = []): Symptom<Id> => ({ id, name, usual, often, sometimes }); // prettier-ignore
export const SYMPTOMS = [
  seen('sinks', 'sinks into the box', ['box-wide'], ['box-dead'], ['pad-little', 'long', 'too-square']),
  seen('gap-sides', 'gaps at the sides', ['box-wide'], ['too-square']),
  seen('numb', 'numb toes', ['box-narrow'], ['too-tapered', 'pad-much'], ['profile-low']),
  seen('overlap', 'toes lie over one another', ['box-narrow', 'too-tapered']),
  seen('knuckled', 'toes bend up', ['short'], ['box-wide'], ['profile-low']),
  seen('outer-free', 'outer toes hang free', [], ['too-tapered', 'platform-narrow', 'uneven-toes']),
  seen('big-nail', 'hurts at the big nail', ['box-wide'], ['short', 'uneven-toes'], ['box-dead']),
  seen('second-toe', 'hurts at the second toe', ['uneven-toes'], ['short'], ['box-wide']),
  seen('bunion-out', 'the big joint stands out', ['wings-short'], ['box-narrow']),
  seen('rolls', 'rolls to a side', ['wings-short'], ['platform-narrow', 'box-wide'], ['box-dead']),
  seen('tips-to-big', 'tips to the big toe', ['platform-narrow'], ['uneven-toes'], ['too-tapered']),
  seen('wing-cuts', 'the wing cuts', ['wings-long'], [], ['short']),
  seen('not-over', 'does not get over', ['shank-hard', 'reach-short'], ['vamp-long', 'bend-off'], ['box-narrow']),
  seen('sits-back', 'sits back on the platform', ['shank-hard'], ['vamp-long', 'reach-short'], ['long']),
  seen('falls-over', 'falls over the box', ['shank-soft', 'shank-dead'], ['vamp-short']),
  seen('off-arch', 'the sole stands off the arch', ['bend-off'], ['shank-hard'], ['long']),
  seen('twists', 'the shank twists', [], ['bend-off', 'long', 'shank-soft', 'shank-dead'], ['box-wide']),
  seen('hard-to-roll', 'hard to roll through', ['shank-hard'], ['vamp-long'], ['wings-long']),
  seen('heel-bag', 'the heel bags', ['long'], ['box-wide', 'heel-wide'], ['shank-hard']),
  seen('no-pinch', 'nothing to pinch at the heel', ['short'], [], ['heel-low']),
  seen('heel-slips', 'the heel slips off', ['heel-low', 'heel-wide'], ['long']),
  seen('vamp-gapes', 'the vamp gapes', ['vamp-short'], ['box-wide']),
  seen('vamp-bites', 'the vamp bites', ['vamp-long'], ['profile-low'], ['box-narrow']),
  seen('instep-pressed', 'presses on the instep', ['profile-low'], ['vamp-long']),
  seen('box-gives', 'the box gives', ['box-dead'], [], ['pad-little'])
] as const;
export type SymptomId = (typeof SYMPTOMS)[number]['id'];
export const SYMPTOM = byId<Symptom<SymptomId>>(SYMPTOMS);

/** How often a cause shows a sign. */
const LIKELY = { usual: 0.75, often: 0.45, sometimes: 0.22, else: 0.06 } as const;
export const likely = (symptom: SymptomId, id: CauseId): number => {
  const s = SYMPTOM[symptom];
  return s.usual.includes(id) ? LIKELY.usual : s.often.includes(id) ? LIKELY.often : s.sometimes.includes(id) ? LIKELY.sometimes : LIKELY.else;
};
/** Where nothing is known of a cause beforehand, and between what a prior is kept. */
export const PRIOR = { usual: 0.08, low: 0.03, high: 0.9 } as const;
/** Doubt of a reach against what upright asks, degrees; of a life, of itself. */
const REACH_SD = 4.7;
const LIFE_SD = 0.3;
/** What the sums say beforehand of the causes they know something of: the chance that a zone lies past its cut, that reach is short, that it is dead. */
export function priorsOf({ zones, over, reachDeg, hours, life }: PriorsOf): Partial<Record<CauseId, number>> {
  const out: Partial<Record<CauseId, number>> = {};
  for (const { id, told } of CAUSES) {
    const zone = told && zones.find((z) => z.zone === told.zone);
    if (!zone) continue;
    const [, b, c] = zone.cuts;
    out[id] = normalBelow((told.past === 'high' ? zone.value - c : b - zone.value) / zone.sd);
  }
  if (over && reachDeg !== null) out['reach-short'] = normalBelow((over.neededDeg - reachDeg) / REACH_SD);
  if (hours > 0 && life) {
    out['box-dead'] = normalBelow((hours - life.boxHours) / (LIFE_SD * life.boxHours));
    out['shank-dead'] = normalBelow((hours - life.shankHours) / (LIFE_SD * life.shankHours));
  }
  return out;
}
export interface PriorsOf {
  zones: readonly Pick<ReadZone, 'zone' | 'value' | 'sd' | 'cuts'>[];
  over: { neededDeg: number } | null;
  reachDeg: number | null;
  /** Danced so far. */
  hours: number;
  life: { boxHours: number; shankHours: number } | null;
}
/** Both opposites at least so likely: another model. */
const OPPOSITES_FROM = 0.15;

export interface Share {
  cause: CauseId;
  share: number;
  /** Signs that spoke for it and against it. */
  for: readonly SymptomId[];
  against: readonly SymptomId[];
}
export interface AtBarre {
  shares: readonly Share[];
  /** Causes that pull in opposite ways, both likely. */
  opposites: readonly [CauseId, CauseId] | null;
  next: NextId | null;
}
/**
 * Which causes are how likely.
 * @param answers what was looked for: seen, or not seen; what was not looked for stays away
 * @param priors what the sums say beforehand, by cause
 */
export function causesOf(answers: Partial<Record<SymptomId, boolean>>, priors: Partial<Record<CauseId, number>> = {}): AtBarre {
  const looked = Object.entries(answers) as [SymptomId, boolean][];
  const odds = CAUSES.map(({ id }) => {
    const prior = Math.min(PRIOR.high, Math.max(PRIOR.low, priors[id] ?? PRIOR.usual));
    let odds = prior / (1 - prior);
    for (const [symptom, was] of looked) {
      const l = likely(symptom, id);
      odds *= was ? l / LIKELY.else : (1 - l) / (1 - LIKELY.else);
    }
    return { id, odds };
  });
  const sum = odds.reduce((n, o) => n + o.odds, 0);
  const shares = odds
    .map(({ id, odds: o }): Share => {
      const speaks = looked.filter(([s]) => likely(s, id) > LIKELY.else);
      return { cause: id, share: o / sum, for: speaks.filter(([, was]) => was).map(([s]) => s), against: speaks.filter(([, was]) => !was).map(([s]) => s) };
    })
    .sort((a, b) => b.share - a.share);
  const shareOf = (id: string): number => shares.find((s) => s.cause === id)!.share;
  const pair = CAUSES.find(({ id, opposite }) => opposite !== null && shareOf(id) > OPPOSITES_FROM && shareOf(opposite) > OPPOSITES_FROM);
  const any = looked.some(([, was]) => was);
  return {
    shares,
    opposites: pair ? [pair.id, pair.opposite as CauseId] : null,
    next: any && !pair ? CAUSE[shares[0].cause].next : null
  };
}

/** How undecided the causes are, bits. */
const entropyOf = (shares: readonly Share[]): number => shares.reduce((n, { share }) => (share > 0 ? n - share * Math.log2(share) : n), 0);
/**
 * Which sign would tell most of the cause if it were looked for next: by how many bits the causes would be less undecided, on average.
 * @returns those not looked for yet, most telling first
 */
export function signsThatTell(answers: Partial<Record<SymptomId, boolean>>, priors: Partial<Record<CauseId, number>> = {}): { id: SymptomId; bits: number }[] {
  const now = causesOf(answers, priors).shares;
  const before = entropyOf(now);
  return SYMPTOMS.filter(({ id }) => answers[id] === undefined)
    .map(({ id }) => {
      const seen = now.reduce((n, { cause: c, share }) => n + share * likely(id, c), 0);
      const after = (was: boolean): number => entropyOf(causesOf({ ...answers, [id]: was }, priors).shares);
      return { id, bits: before - seen * after(true) - (1 - seen) * after(false) };
    })
    .sort((a, b) => b.bits - a.bits);
}

/** The tests in their order, each with what to do, what to look for, and which signs it may show. */
export const BARRE_TESTS = [
  { id: 'flat', name: 'Standing flat', do: 'Both feet flat, weight even, ribbons not yet sewn if need be.', see: 'Toes long, feeling the end; no pain.', shows: ['knuckled', 'numb', 'overlap', 'gap-sides', 'instep-pressed'] },
  { id: 'plie', name: 'Demi-plié', do: 'Knees bend over the toes, heels down.', see: 'Toes touch the end and do not crunch.', shows: ['knuckled', 'second-toe', 'big-nail'] },
  { id: 'demi', name: 'Demi-pointe', do: 'Roll through, one foot at a time, at the barre.', see: 'Rolls through; the vamp does not bite or gape.', shows: ['hard-to-roll', 'vamp-bites', 'vamp-gapes', 'wing-cuts'] },
  { id: 'sink', name: 'Up, a finger at the side', do: 'On pointe at the barre, both hands on it; a finger beside the joints and before the toes.', see: 'The foot stays where it stood: neither sinks nor gaps.', shows: ['sinks', 'gap-sides', 'big-nail', 'box-gives'] },
  { id: 'line', name: 'Up, from the side', do: 'The same, seen from the side.', see: 'Knee, instep and the platform’s middle in one line.', shows: ['not-over', 'sits-back', 'falls-over', 'off-arch'] },
  { id: 'front', name: 'Up, from in front', do: 'The same, seen from in front.', see: 'Platform flat on the floor; joints covered; outer toes bear.', shows: ['rolls', 'tips-to-big', 'bunion-out', 'outer-free', 'wing-cuts'] },
  { id: 'heel', name: 'Up, two fingers at the heel', do: 'Pinch the cloth behind the heel.', see: 'A small fold, 5 to 8 mm.', shows: ['heel-bag', 'no-pinch', 'heel-slips', 'twists'] }
] as const satisfies readonly { id: string; name: string; do: string; see: string; shows: readonly SymptomId[] }[]; // prettier-ignore
