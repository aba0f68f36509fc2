import { readVisit, type ShopVisit, type VisitKept } from '@chiave/core/learn';
import type { Style } from '@chiave/core/fit';
import { SIDES } from '@chiave/core/measure';
import type { FittingRow, TryRow } from './api/rows';
import { learnAskOf, tellsOfShoes } from './learn-fitting';

/** Pairs of which nothing was learned, by why. */
export const LEFT_OUT = ['excluded', 'numb', 'helps', 'gone'] as const;
export type LeftOut = Record<(typeof LEFT_OUT)[number], number>;
export interface VisitsRead {
  visits: ShopVisit[];
  leftOut: LeftOut;
  pairs: number;
  /** Clearances that were expected by an engine of another version: how many, and how far from today's in all, mm. */
  other: { pairs: number; zones: number; sumMm: number };
}
const spoken = (row: TryRow): boolean => SIDES.some((side) => Object.keys(row.felt[side]).length > 0);
const helped = (row: TryRow): boolean => SIDES.some((side) => (row.put[side] ?? []).length > 0);

/** Who noted the words; where nobody said, who took the length. */
function fitterOf(fitting: FittingRow): string {
  return fitting.tries.find((t) => t.triedWith?.by)?.triedWith?.by ?? fitting.feet.left.values.lengthMm?.by ?? '';
}
/**
 * Reads visits as a shop learns from them: at the feet as they were that day, against the lasts as their sheets have them and our own
 * targets, so that nothing that was learned comes back as evidence.
 * @param engine the version that reads them now
 */
export function readVisits(fittings: readonly FittingRow[], styleOf: (id: string) => Style | undefined, engine: string): VisitsRead {
  const out: VisitsRead = { visits: [], leftOut: { excluded: 0, numb: 0, helps: 0, gone: 0 }, pairs: 0, other: { pairs: 0, zones: 0, sumMm: 0 } };
  for (const fitting of fittings) {
    const tries = fitting.tries.filter(spoken);
    if (!tellsOfShoes(fitting)) {
      out.leftOut.numb += tries.length;
      continue;
    }
    out.leftOut.excluded += tries.filter((t) => t.excluded).length;
    out.leftOut.helps += tries.filter((t) => !t.excluded && helped(t)).length;
    out.leftOut.gone += tries.filter((t) => !t.excluded && !helped(t) && !styleOf(t.styleId)).length;
    // The feet are those of that day: nothing has grown since, and nothing is worn otherwise than it was.
    const ask = learnAskOf({ ...fitting, tries, openedAt: new Date().toISOString(), shopTargets: null }, styleOf);
    if (!ask) continue;
    const visit: VisitKept = { ...ask, person: String(fitting.customer.id), fitter: fitterOf(fitting), day: fitting.openedAt.slice(0, 10) };
    const read = readVisit(visit);
    out.pairs += ask.pairs.length;
    if (read.words.length > 0) out.visits.push(read);
    for (const t of tries) {
      if (t.engine === engine || !t.told) continue;
      const words = read.words.filter((w) => w.pair === String(t.id));
      const apart = words.flatMap((w) => (t.told?.[w.side]?.[w.zone] ? [Math.abs(t.told[w.side]![w.zone]!.mm - w.mm)] : []));
      if (apart.length === 0) continue;
      out.other.pairs++;
      out.other.zones += apart.length;
      out.other.sumMm += apart.reduce((s, mm) => s + mm, 0);
    }
  }
  return out;
}
