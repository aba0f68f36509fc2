import { CHILD_TELLS_FROM, readingOf, type StepId } from '@chiave/core/chair';
import { FLAG, readStyleSize, type Style } from '@chiave/core/fit';
import { knownStyle, type KnownPair, type LearnAsk } from '@chiave/core/learn';
import { MEASURE_IDS, readingSd, SIDES, type MeasureId, type Side } from '@chiave/core/measure';
import type { FittingRow, TryRow } from './api/rows';
import { ageOf, corrected, footInputOf, wearOf } from './fit-feet';

/** Whether what this wearer says of a shoe is evidence: not of feet that feel little, nor of a small child. */
export const tellsOfShoes = ({ customer }: Pick<FittingRow, 'customer'>): boolean =>
  !customer.flags.some((f) => FLAG[f].numb) && (ageOf(customer) ?? CHILD_TELLS_FROM) >= CHILD_TELLS_FROM;

/** Lengths told at a step that read a clearance. */
function readAtChair(row: TryRow, kind: Style['kind']): KnownPair['read'] {
  return (Object.entries(row.chair.steps) as [StepId, Record<Side, { mm?: number } | undefined>][]).flatMap(([step, said]) => {
    const zone = readingOf(step, kind);
    return zone ? SIDES.flatMap((side) => (said[side]?.mm === undefined ? [] : [{ side, zone, mm: said[side].mm }])) : [];
  });
}
function pairOf(row: TryRow, style: Style | undefined, fitting: FittingRow): KnownPair | null {
  const read = style && readStyleSize(style, row.size, row.width);
  // A pair with something put in is another shoe than the one on the shelf: what is felt in it is not held against the shelf's.
  if (!read || 'message' in read || SIDES.some((side) => (row.put[side] ?? []).length > 0)) return null;
  return {
    id: String(row.id),
    ...knownStyle(style, read.size, read.width),
    wear: wearOf(fitting),
    zones: row.felt,
    worn: false,
    written: row.postId !== null,
    read: readAtChair(row, style.kind)
  };
}
/** What was measured and felt at a visit, as one question; null where a foot has no length. Nobody’s words count whose feet feel little. */
export function askOf(fitting: FittingRow, styleOf: (id: string) => Style | undefined): LearnAsk | null {
  if (SIDES.some((side) => !fitting.feet[side].values.lengthMm)) return null;
  const pairs = (tellsOfShoes(fitting) ? fitting.tries : [])
    .filter((t) => !t.excluded)
    .flatMap((t) => pairOf(t, styleOf(t.styleId), fitting) ?? [])
    .filter((p) => p.read!.length > 0 || SIDES.some((side) => Object.keys(p.zones[side] ?? {}).length > 0));
  const own = (side: Side) =>
    MEASURE_IDS.flatMap((id) => {
      const value = fitting.feet[side].values[id];
      return value ? [[id, corrected(id, value, fitting.shopInstruments)] as const] : [];
    });
  const tape = (side: Side) => Object.fromEntries(own(side).map(([id, v]) => [id, { mm: v.mm, sdMm: v.sdMm ?? readingSd(id, v.how) }]));
  const features = (side: Side) => {
    const { values: _figures, side: _side, ...rest } = footInputOf(side, fitting.feet[side], fitting)!;
    return { ...rest, taken: Object.fromEntries(own(side).map(([id, { under, sockMm }]) => [id as MeasureId, { under, sockMm }])) };
  };
  return {
    pairs,
    tape: { left: tape('left'), right: tape('right') },
    preference: fitting.preference,
    features: { left: features('left'), right: features('right') }
  };
}
/** The same, where anything was felt. */
export function learnAskOf(fitting: FittingRow, styleOf: (id: string) => Style | undefined): LearnAsk | null {
  const ask = askOf(fitting, styleOf);
  return ask && ask.pairs.length > 0 ? ask : null;
}
