import { FLAG, readStyleSize, shoeOf, type Style } from '@chiave/core/fit';
import type { KnownPair, LearnAsk } from '@chiave/core/learn';
import { MEASURE_IDS, readingSd, SIDES, type MeasureId, type Side } from '@chiave/core/measure';
import type { FittingRow, TryRow } from './api/rows';
import { ageOf, footInputOf, wearOf } from './fit-feet';

/** Under this age a child’s words say little of a shoe: the fitter’s thumb does. */
const TELLS_FROM_AGE = 6;
/** Whether what this wearer says of a shoe is evidence: not of feet that feel little, nor of a small child. */
export const tellsOfShoes = ({ customer }: Pick<FittingRow, 'customer'>): boolean =>
  !customer.flags.some((f) => FLAG[f].numb) && (ageOf(customer) ?? TELLS_FROM_AGE) >= TELLS_FROM_AGE;

function pairOf(row: TryRow, style: Style | undefined, fitting: FittingRow): KnownPair | null {
  const read = style && readStyleSize(style, row.size, row.width);
  // A pair with something put in is another shoe than the one on the shelf: what is felt in it is not held against the shelf's.
  if (!read || 'message' in read || SIDES.some((side) => (row.put[side] ?? []).length > 0)) return null;
  const shoe = shoeOf(style, read.size, read.width);
  return { id: String(row.id), shoe, lastId: style.last.id, mark: style.last.evidence.mark, wear: wearOf(fitting), zones: row.felt, worn: false };
}
/** What was measured and felt at a visit, as one question; null where nobody’s words count, or nothing was felt. */
export function learnAskOf(fitting: FittingRow, styleOf: (id: string) => Style | undefined): LearnAsk | null {
  if (!tellsOfShoes(fitting)) return null;
  const pairs = fitting.tries
    .filter((t) => SIDES.some((side) => Object.keys(t.felt[side]).length > 0))
    .flatMap((t) => pairOf(t, styleOf(t.styleId), fitting) ?? []);
  if (pairs.length === 0 || SIDES.some((side) => !fitting.feet[side].values.lengthMm)) return null;
  const own = (side: Side) => MEASURE_IDS.flatMap((id) => (fitting.feet[side].values[id] ? [[id, fitting.feet[side].values[id]!] as const] : []));
  const tape = (side: Side) => Object.fromEntries(own(side).map(([id, v]) => [id, { mm: v.mm, sdMm: v.sdMm ?? readingSd(id, v.how) }]));
  const features = (side: Side) => {
    const { values: _figures, side: _side, ...rest } = footInputOf(side, fitting.feet[side], fitting.population)!;
    return { ...rest, taken: Object.fromEntries(own(side).map(([id, { under, sockMm }]) => [id as MeasureId, { under, sockMm }])) };
  };
  return {
    pairs,
    tape: { left: tape('left'), right: tape('right') },
    preference: fitting.preference,
    features: { left: features('left'), right: features('right') }
  };
}
