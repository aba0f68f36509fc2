import { KIND_LIFE } from './by-kind';
import type { DayNumber } from './days';
import { lifeOfPair, wearOfPair, type Band, type KeptPair } from './records';

/** What a pair costs: what was paid and repaired, over what it gives. */
export interface Cost {
  /** Price and repairs until now; null where the price was not noted. */
  spent: number | null;
  repairs: number;
  wears: number;
  hours: number;
  /** By what it gave until now. */
  perWear: number | null;
  perHour: number | null;
  /** Over its life, as a band since the life is one: the longer it lives, the less. */
  overLife: { perHour: Band; perWear: Band | null } | null;
}
/** A wear takes at the least so long; fewer hours tell nothing of a wear. */
const LEAST_WEARS = 3;
export function costOf(pair: KeptPair, today: DayNumber): Cost {
  const { hours, wears } = wearOfPair(pair, today);
  const repairs = pair.tally.cost;
  const spent = pair.price === null ? null : pair.price + repairs;
  const life = lifeOfPair(pair);
  const { counts, kmh } = KIND_LIFE[pair.kind];
  const inHours = (x: number): number => Math.max(counts === 'km' ? x / kmh : x, hours);
  // What ended gives no more than it gave.
  const band: Band = pair.tally.ended ? { low: hours, centre: hours, high: hours } : { low: inHours(life.low), centre: inHours(life.centre), high: inHours(life.high) }; // prettier-ignore
  const over = (each: number): Band => ({ low: (spent! * each) / band.high, centre: (spent! * each) / band.centre, high: (spent! * each) / band.low });
  return {
    spent,
    repairs,
    wears,
    hours,
    perWear: spent !== null && wears > 0 ? spent / wears : null,
    perHour: spent !== null && hours > 0 ? spent / hours : null,
    overLife: spent !== null && band.low > 0 ? { perHour: over(1), perWear: wears >= LEAST_WEARS ? over(hours / wears) : null } : null
  };
}
export interface CostOfMany {
  pairs: number;
  /** Of how many no price is known. */
  unpriced: number;
  spent: number;
  repairs: number;
  hours: number;
  wears: number;
  perHour: number | null;
}
/** Pairs of a production or a season together. */
export function costOfMany(costs: readonly Cost[]): CostOfMany {
  const sum = (of: (c: Cost) => number): number => costs.reduce((s, c) => s + of(c), 0);
  const spent = sum((c) => c.spent ?? c.repairs);
  const priced = costs.filter((c) => c.spent !== null);
  const hours = sum((c) => c.hours);
  const pricedHours = priced.reduce((s, c) => s + c.hours, 0);
  return {
    pairs: costs.length,
    unpriced: costs.length - priced.length,
    spent,
    repairs: sum((c) => c.repairs),
    hours,
    wears: sum((c) => c.wears),
    perHour: pricedHours > 0 ? priced.reduce((s, c) => s + c.spent!, 0) / pricedHours : null
  };
}
