import { SYMPTOM, ZONE, type SymptomId, type ZoneId } from '../fit';
import type { Side } from '../measure';
import type { DayNumber } from './days';

/** A trouble brought home, with the pair it came in. */
export interface Trouble {
  on: DayNumber;
  symptom: SymptomId;
  side: Side | 'both';
  /** The pair it came in, by its key; null where nobody knows. */
  pair: string | null;
  /** The size on the box: “38½ medium”, in its scale; null where nobody knows. */
  size: string | null;
}
export interface PointsTo {
  zone: ZoneId;
  name: string;
  way: 'tight' | 'loose' | 'off';
  /** In how many troubles it is a suspect, the first ones more. */
  weight: number;
  troubles: number;
  then: string;
}
/** What troubles point to, zone by zone, likeliest first: a suspect counts the more the earlier it stands with its symptom. */
export function zonesOf(troubles: readonly Trouble[]): PointsTo[] {
  const found = new Map<string, PointsTo>();
  for (const t of troubles) {
    SYMPTOM[t.symptom].suspects.forEach(({ zone, way, then }, i) => {
      const key = `${zone} ${way}`;
      const own = found.get(key) ?? { zone, name: ZONE[zone].name, way, weight: 0, troubles: 0, then };
      found.set(key, { ...own, weight: own.weight + 1 / (i + 1), troubles: own.troubles + 1 });
    });
  }
  return [...found.values()].sort((a, b) => b.weight - a.weight || (a.zone < b.zone ? -1 : 1));
}
/** So many pairs gone bad in one size point to the size [practice]. */
const PAIRS_OF_A_SIZE = 2;
export interface SizeSuspected {
  size: string;
  pairs: number;
}
/** Sizes in which more than one pair brought trouble: the size is suspected before the shoes. */
export function sizesSuspected(troubles: readonly Trouble[]): SizeSuspected[] {
  const by = new Map<string, Set<string>>();
  for (const { size, pair } of troubles) if (size !== null && pair !== null) by.set(size, (by.get(size) ?? new Set()).add(pair));
  return [...by].filter(([, pairs]) => pairs.size >= PAIRS_OF_A_SIZE).map(([size, pairs]) => ({ size, pairs: pairs.size })).sort((a, b) => b.pairs - a.pairs); // prettier-ignore
}
/** Days without a look noted, between the first that was noted and today. */
export function missedDays(looked: readonly DayNumber[], today: DayNumber, over = 28): DayNumber[] {
  if (looked.length === 0) return [];
  const seen = new Set(looked);
  const out: DayNumber[] = [];
  for (let d = Math.max(Math.min(...looked), today - over + 1); d < today; d++) if (!seen.has(d)) out.push(d);
  return out;
}
