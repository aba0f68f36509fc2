import { WAYS, type Load, type Side, type TakenId, type WayOfTaking } from '../measure';
import type { Difference } from './agreement';

/** One reading of a foot by one instrument, with the state the foot was in. */
export interface InstrumentReading {
  person: number;
  visit: number;
  side: Side;
  measure: TakenId;
  how: WayOfTaking;
  by: string;
  mm: number;
  at: string;
  under: Load;
  sockMm: number;
}
/** Two instruments on one measure: the first one's readings less the second's. */
export interface Comparison {
  measure: TakenId;
  how: WayOfTaking;
  against: WayOfTaking;
  differences: Difference[];
}

/** What reads a foot, in the order in which one is held against those before it. */
const INSTRUMENTS: readonly WayOfTaking[] = WAYS.filter((w) => w.instrument)
  .sort((a, b) => a.instrument! - b.instrument!)
  .map((w) => w.id);
const rank = (how: WayOfTaking): number => INSTRUMENTS.indexOf(how);

/** Readings of the same foot at the same visit, bare or in the same sock, with the same weight on it. */
function together(readings: readonly InstrumentReading[]): InstrumentReading[][] {
  const groups = new Map<string, InstrumentReading[]>();
  for (const r of readings) {
    if (rank(r.how) < 0) continue;
    const key = [r.visit, r.side, r.measure, r.under, r.sockMm].join(' ');
    groups.set(key, [...(groups.get(key) ?? []), r]);
  }
  return [...groups.values()];
}
const differenceOf = (first: InstrumentReading, second: InstrumentReading): Difference => ({
  person: first.person,
  d: first.mm - second.mm,
  mean: (first.mm + second.mm) / 2,
  at: first.at > second.at ? first.at : second.at,
  by: first.by
});

/** Every measure on which two instruments read the same feet. Where several hands read with one, their mean stands for it. */
export function comparisonsOf(readings: readonly InstrumentReading[]): Comparison[] {
  const found = new Map<string, Comparison>();
  for (const group of together(readings))
    for (const first of group)
      for (const against of INSTRUMENTS) {
        const others = group.filter((r) => r.how === against);
        if (rank(against) >= rank(first.how) || others.length === 0) continue;
        const key = [first.measure, first.how, against].join(' ');
        const own = found.get(key) ?? { measure: first.measure, how: first.how, against, differences: [] };
        const second = { ...others[0], mm: others.reduce((sum, r) => sum + r.mm, 0) / others.length };
        own.differences.push(differenceOf(first, second));
        found.set(key, own);
      }
  return [...found.values()];
}

/** Differences of two hands on the same foot with the same instrument, one a foot. */
export const repeatsOf = (readings: readonly InstrumentReading[], measure: TakenId, how: WayOfTaking): number[] =>
  together(readings.filter((r) => r.measure === measure && r.how === how)).flatMap(([first, second]) => (second ? [first.mm - second.mm] : []));
