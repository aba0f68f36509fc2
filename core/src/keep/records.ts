import type { FlagId, KindId } from '../fit';
import type { GrowsAs } from '../foot';
import type { Tip } from '../heel';
import { KIND_LIFE, LIFE_BAND } from './by-kind';
import type { DayNumber } from './days';
import type { PairState, PairUseId } from './life';
import { habitIn, usedBy, type Amounts, type Habit, type Logged, type Tally } from './tally';

/** A band of a life or of an amount. */
export interface Band {
  low: number;
  centre: number;
  high: number;
}
/** A pair of somebody's, as the rules read it. */
export interface KeptPair {
  /** What answers name it by: “12”, “pointe-3”. */
  key: string;
  name: string;
  kind: KindId;
  uses: readonly PairUseId[];
  state: PairState;
  boughtOn: DayNumber | null;
  price: number | null;
  returnBy: DayNumber | null;
  orderedOn: DayNumber | null;
  expectedOn: DayNumber | null;
  habits: readonly Habit[];
  tally: Tally;
  /** In what its kind counts; null where only the kind's middle is known. */
  life: Band | null;
  /** Leather under the foot; null where it is as usual with its kind. */
  leatherSole: boolean | null;
  tip: Tip | null;
  /** When a growing foot has no room left in it; null where it does not grow, or nothing is known. */
  outgrownOn: DayNumber | null;
}
export interface KeptPerson {
  id: number;
  flags: readonly FlagId[];
  /** Month of birth as years: 2014.5; null where it is not known. */
  born: number | null;
  growsAs: GrowsAs;
  weightKg: number | null;
  weightChanged: boolean;
  measuredOn: DayNumber | null;
  inspectedOn: DayNumber | null;
}
/** Pairs sent by post of which something is undecided. */
export interface ParcelOut {
  id: number;
  name: string;
  dueOn: DayNumber;
}
/** A day for which shoes are needed. */
export interface EventAhead {
  id: string;
  name: string;
  on: DayNumber;
  /** What is worn; null where it is not decided. */
  kind: KindId | null;
  /** The pair that is worn, by its key. */
  pair: string | null;
  hem: boolean;
  postDays: number;
  /** Run or walked until then, km a week. */
  kmAWeek: number;
}
/** Something wished for that the shop has now. */
export interface WishInStock {
  id: number;
  name: string;
  since: DayNumber;
}
export const DUE_ANSWERS = [
  { id: 'done', name: 'Done' },
  { id: 'snoozed', name: 'Later' },
  { id: 'not-wanted', name: 'Not wanted' }
] as const;
export type DueAnswerId = (typeof DUE_ANSWERS)[number]['id'];
export interface DueAnswer {
  rule: string;
  subject: string;
  answer: DueAnswerId;
  on: DayNumber;
  /** The day the clock had begun of what was answered. */
  anchor: DayNumber;
  /** Of what is put off: the first day it may be told again. */
  until: DayNumber | null;
}
/** All of one person that rules read. */
export interface KeptRecords {
  person: KeptPerson;
  pairs: readonly KeptPair[];
  parcels: readonly ParcelOut[];
  events: readonly EventAhead[];
  wishes: readonly WishInStock[];
  answers: readonly DueAnswer[];
}

export const lifeOfPair = ({ life, kind }: Pick<KeptPair, 'life' | 'kind'>): Band => {
  if (life) return life;
  const { counts, hours, kmh } = KIND_LIFE[kind];
  const centre = counts === 'km' ? hours * kmh : hours;
  return { low: LIFE_BAND.low * centre, centre, high: LIFE_BAND.high * centre };
};
/** Wear of a pair until a day, since it was there or since a part was renewed. */
export function wearOfPair(pair: Pick<KeptPair, 'tally' | 'habits' | 'kind'>, today: DayNumber, since?: { on: DayNumber; logged: Logged }): Amounts {
  const { kmh } = KIND_LIFE[pair.kind];
  return usedBy(since?.logged ?? pair.tally.all, pair.habits, since ? since.on + 1 : -Infinity, today, kmh);
}
/** Wear is told over this many days at the least, so that one evening is no habit [model]. */
const LEAST_DAYS = 28;
/** How much a day is worn, as far as is known: by habit, or as it was until now, whichever is more. */
export function rateOf(pair: Pick<KeptPair, 'tally' | 'habits' | 'kind'>, today: DayNumber): Amounts {
  const { kmh } = KIND_LIFE[pair.kind];
  const habit = habitIn(pair.habits, today, today, kmh);
  const first = pair.tally.all.first;
  if (first === null) return habit;
  const days = Math.max(LEAST_DAYS, today - first + 1);
  const logged = usedBy(pair.tally.all, [], -Infinity, today, kmh);
  return { hours: Math.max(habit.hours, logged.hours / days), km: Math.max(habit.km, logged.km / days), wears: Math.max(habit.wears, logged.wears / days) };
}
