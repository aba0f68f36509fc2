/** What happens to a pair, in what units wear is told, what is looked at on it, what it is used for: each once. */

interface LifeEventDefinition {
  id: string;
  name: string;
  /** It adds wear. */
  wears?: true;
  /** What it makes new: the clock of that part begins again. */
  renews?: 'tip' | 'cap' | 'sole';
  /** The pair is somebody's no longer, or done with. */
  ends?: true;
  /** It may have cost something. */
  costs?: true;
  /** Marks from 5 to 1 go with it. */
  checks?: true;
}
const DEFINITIONS = [
  { id: 'worn', name: 'worn', wears: true },
  { id: 'checked', name: 'looked over', checks: true },
  { id: 'washed', name: 'washed or cleaned', costs: true },
  { id: 'stretched', name: 'stretched', costs: true },
  { id: 'shrunk', name: 'shrank' },
  { id: 'tipped', name: 'new tips', renews: 'tip', costs: true },
  { id: 'capped', name: 'new caps', renews: 'cap', costs: true },
  { id: 'resoled', name: 'resoled', renews: 'sole', costs: true },
  { id: 'hardened', name: 'hardened', costs: true },
  { id: 'rested', name: 'rested on purpose' },
  { id: 'repaired', name: 'repaired', costs: true },
  { id: 'retired', name: 'retired', ends: true },
  { id: 'sold', name: 'sold', ends: true },
  { id: 'given', name: 'given away', ends: true },
  { id: 'returned', name: 'sent back', ends: true }
] as const satisfies readonly LifeEventDefinition[];
export type LifeEventId = (typeof DEFINITIONS)[number]['id'];
export const LIFE_EVENTS: readonly (LifeEventDefinition & { id: LifeEventId })[] = DEFINITIONS;
export const LIFE_EVENT_IDS: readonly LifeEventId[] = DEFINITIONS.map((e) => e.id);
export const LIFE_EVENT = Object.fromEntries(LIFE_EVENTS.map((e) => [e.id, e])) as Readonly<Record<LifeEventId, LifeEventDefinition & { id: LifeEventId }>>;
export const PART_IDS = ['tip', 'cap', 'sole'] as const;
export type PartId = (typeof PART_IDS)[number];
/** A pair that is ordered and not there yet, there, or what ended it. */
export type PairState = 'ordered' | 'owned' | Extract<(typeof DEFINITIONS)[number], { ends: true }>['id'];
export const PAIR_STATES: readonly { id: PairState; name: string }[] = [
  { id: 'ordered', name: 'ordered' },
  { id: 'owned', name: 'in use' },
  ...LIFE_EVENTS.filter((e) => e.ends).map((e) => ({ id: e.id as PairState, name: e.name }))
];

/** How wear is told. A class and a performance have a usual length [model]; a kilometre takes as long as the kind goes. */
export const WEAR_UNITS = [
  { id: 'hours', name: 'hours', one: 'hour', hours: 1 },
  { id: 'km', name: 'km', one: 'km', hours: null },
  { id: 'classes', name: 'classes', one: 'class', hours: 1.25 },
  { id: 'performances', name: 'performances', one: 'performance', hours: 2.5 }
] as const;
export type WearUnitId = (typeof WEAR_UNITS)[number]['id'];
export const WEAR_UNIT = Object.fromEntries(WEAR_UNITS.map((u) => [u.id, u])) as Readonly<Record<WearUnitId, (typeof WEAR_UNITS)[number]>>;

/** What is looked at on a worn pair, from 5 as new to 1 gone; at `low` or under it is time. */
export const CHECKS = [
  { id: 'tread', name: 'tread or sole', five: 'as new', one: 'smooth, or through' },
  { id: 'firmness', name: 'foam by the thumb', five: 'springs back', one: 'creased and dead' },
  { id: 'tip', name: 'heel tip', five: 'flat and whole', one: 'bent, or the nail shows' },
  { id: 'box', name: 'box', five: 'hard', one: 'soft' },
  { id: 'shank', name: 'shank', five: 'as new', one: 'gives, or twisted' },
  { id: 'insole', name: 'insole', five: 'as new', one: 'worn through' },
  { id: 'crease', name: 'crease of the vamp', five: 'none', one: 'cracked' },
  { id: 'toe', name: 'toe', five: 'clean', one: 'scuffed through' }
] as const;
export type CheckId = (typeof CHECKS)[number]['id'];
/** At this mark or under, it is time [model]. */
export const TIME_AT = 2;

/** What a pair is used for; one tap notes so much unless it was another amount the last time [model]. */
export const PAIR_USES = [
  { id: 'air', name: 'off the floor', tap: { unit: 'classes', amount: 1 } },
  { id: 'floor', name: 'floor work', tap: { unit: 'classes', amount: 1 } },
  { id: 'standing', name: 'standing', tap: { unit: 'hours', amount: 5 } },
  { id: 'long', name: 'long and slow', tap: { unit: 'km', amount: 10 } },
  { id: 'tempo', name: 'tempo', tap: { unit: 'km', amount: 6 } },
  { id: 'stage', name: 'stage', tap: { unit: 'performances', amount: 1 } },
  { id: 'street', name: 'street', tap: { unit: 'hours', amount: 3 } }
] as const;
export type PairUseId = (typeof PAIR_USES)[number]['id'];
export const PAIR_USE = Object.fromEntries(PAIR_USES.map((u) => [u.id, u])) as Readonly<Record<PairUseId, (typeof PAIR_USES)[number]>>;
