import { lastBuyDays, untilBy, type Until } from '../use';
import { KIND_LIFE } from './by-kind';
import type { DayNumber } from './days';
import { lifeOfPair, rateOf, wearOfPair, type Band, type EventAhead, type KeptPair } from './records';

/** A pair against an event. */
export interface Season {
  until: Until;
  /** What is left on the day, in what its kind counts; negative where it is over. */
  left: Band;
  /** The day on which it ends as it is worn now; null where nobody wears it. */
  ends: { earliest: DayNumber; centre: DayNumber; latest: DayNumber } | null;
  /** Days from its end to the event; null where it lives until then or no end is in sight. */
  daysBefore: number | null;
  buyBy: { better: DayNumber; last: DayNumber };
  wearInFrom: DayNumber;
}
const WEEK = 7;
/** A pair that will do for an event: the one named, or one of its kind that lives until then. */
export function pairFor(event: EventAhead, pairs: readonly KeptPair[], today: DayNumber): KeptPair | null {
  const mine = pairs.filter((p) => p.state === 'owned');
  if (event.pair !== null) return mine.find((p) => p.key === event.pair) ?? null;
  return mine.find((p) => p.kind === event.kind && leftOn(p, event, today).low > 0) ?? null;
}
/** What a pair has left on the day of an event, in what its kind counts; below nought it ends before. */
export function leftOn(pair: KeptPair, event: Pick<EventAhead, 'on' | 'kmAWeek'>, today: DayNumber): { low: number; centre: number; high: number } {
  const life = lifeOfPair(pair);
  const { counts, kmh } = KIND_LIFE[pair.kind];
  const used = wearOfPair(pair, today)[counts];
  const planned = event.kmAWeek > 0 ? (counts === 'km' ? event.kmAWeek : event.kmAWeek / kmh) / WEEK : rateOf(pair, today)[counts];
  const spent = used + planned * Math.max(0, event.on - today);
  return { low: life.low - spent, centre: life.centre - spent, high: life.high - spent };
}
/** When a pair ends. @param perWeek in what its kind counts; as it was worn until now where it is left out */
export function endsOf(pair: KeptPair, today: DayNumber, perWeek?: number): Season['ends'] {
  const { counts } = KIND_LIFE[pair.kind];
  const rate = perWeek === undefined ? rateOf(pair, today)[counts] : perWeek / WEEK;
  if (!(rate > 0)) return null;
  const used = wearOfPair(pair, today)[counts];
  const life = lifeOfPair(pair);
  const at = (amount: number): DayNumber => today + Math.max(0, Math.round((amount - used) / rate));
  return { earliest: at(life.low), centre: at(life.centre), latest: at(life.high) };
}
/** A pair against an event. @param withDevice worn in longer with a device */
export function untilEvent(pair: KeptPair, event: EventAhead, today: DayNumber, withDevice = false): Season {
  const left = leftOn(pair, event, today);
  const perWeek = event.kmAWeek > 0 ? (KIND_LIFE[pair.kind].counts === 'km' ? event.kmAWeek : event.kmAWeek / KIND_LIFE[pair.kind].kmh) : undefined;
  const ends = endsOf(pair, today, perWeek);
  const { least, better } = lastBuyDays(event.kind ?? pair.kind, withDevice, event.postDays);
  const until = untilBy(left);
  return {
    until,
    left,
    ends,
    daysBefore: ends === null || until === 'lives' ? null : event.on - (until === 'next' ? ends.centre : ends.earliest),
    buyBy: { better: event.on - better, last: event.on - least },
    wearInFrom: event.on - better + event.postDays
  };
}
