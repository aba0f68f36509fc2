import type { DayNumber } from './days';
import type { LifeEventId } from './life';
import type { KeptRecords } from './records';

/** Figures of a reason: what its words are filled with. */
export type Figures = Readonly<Record<string, number | string>>;
/** What is due of one thing: a band of days, and from when it counts. */
export interface Found {
  /** What it is about: “pair:12”, “person”, “event:3”. */
  subject: string;
  /** Name of the pair, the parcel, the event; empty where it is the person. */
  name: string;
  /** The day its clock began. */
  anchor: DayNumber;
  earliest: DayNumber;
  due: DayNumber;
  latest: DayNumber;
  /** The last day it is told at all; left out where it stays until it is answered. */
  gone?: DayNumber;
  figures: Figures;
}
/** Its band has begun by a day, and it is not let go yet. */
export const isTold = ({ earliest, gone }: Pick<Found, 'earliest' | 'gone'>, today: DayNumber, until: DayNumber): boolean =>
  earliest <= until && (gone === undefined || gone >= today);
/** When something was done last of a rule and a subject; null while never. */
export type DoneOn = (subject: string) => DayNumber | null;
export interface DueRule<Id extends string = string> {
  id: Id;
  name: string;
  /** Where it comes from: a published source, common practice or this project’s estimate. */
  source: { mark: 'standard' | 'practice' | 'model'; words: string };
  /** What to do. */
  action: string;
  /** A day that nobody can move: a maker’s last day, an event. */
  firm: boolean;
  /** Told beside the pair and in its turn, never on Today or in a calendar. */
  quiet: boolean;
  /** Tells of somebody’s health: never where others may read it, as in a calendar. */
  health: boolean;
  /** What “done” writes on the pair’s life line. */
  writes: LifeEventId | null;
  /** Why, in words. */
  because: (figures: Figures) => string;
  /** What a reminder to the customer says; null where none is sent. */
  remind: ((name: string) => string) | null;
  /** @param until what begins later need not be found */
  find: (records: KeptRecords, today: DayNumber, doneOn: DoneOn, until: DayNumber) => Found[];
}
/** What most rules leave out. */
type Left = 'firm' | 'quiet' | 'health' | 'writes' | 'remind';
type Own<Id extends string> = Omit<DueRule<Id>, Left> & Partial<Pick<DueRule, Left>>;
export const rule = <const Id extends string>(own: Own<Id>): DueRule<Id> => ({ firm: false, quiet: false, health: false, writes: null, remind: null, ...own });

/** The later of days, where there are any. */
export const latestOf = (...days: readonly (DayNumber | null)[]): DayNumber => Math.max(...days.map((d) => d ?? -Infinity));
export const subjectOf = (pairKey: string): string => `pair:${pairKey}`;

/**
 * The days on which a wear reaches a band, as it goes on now. Wear that went past it lies in days gone by, never on or before its first day.
 * @param rate wear a day
 * @returns null where nothing was worn, so that no day is in sight
 */
export function reaches(
  band: { low: number; centre: number; high: number },
  used: number,
  rate: number,
  from: DayNumber,
  today: DayNumber
): Pick<Found, 'earliest' | 'due' | 'latest'> | null {
  if (!(rate > 0)) return null;
  const at = (amount: number): DayNumber => Math.max(from + 1, today + Math.ceil((amount - used) / rate));
  return { earliest: at(band.low), due: at(band.centre), latest: at(band.high) };
}

/** A last day to send back is told so many days ahead, better met two before, and once it has passed told for a week. */
const RETURN = { ahead: 7, better: 2, goneAfter: 7 } as const;
export const sentBackBy = (last: DayNumber): Pick<Found, 'earliest' | 'due' | 'latest' | 'gone'> => ({ earliest: last - RETURN.ahead, due: last - RETURN.better, latest: last, gone: last + RETURN.goneAfter }); // prettier-ignore
