import {
  combineReadings,
  takenUnit,
  formatLength,
  isExtraId,
  parseLength,
  parseMixedNumber,
  readTaken,
  usualWay,
  type HowTaken,
  type LengthUnit,
  type Load,
  type ReadText,
  type Side,
  type TakenId
} from '@chiave/core/measure';
import type { FeetBody, SideBody, TakenValue } from '../../api/foot-schema';

/** A second reading of a measure stands in a field of its own. */
export type EntryKey = TakenId | `${TakenId}#2`;
/** Which measure a field is of. */
export const takenOf = (key: EntryKey): TakenId => key.replace('#2', '') as TakenId;
export const secondOf = (id: TakenId): EntryKey => `${id}#2`;

/** What stands in a measure's field, as it was typed; kept even where it cannot be taken. */
export type Entries = Record<Side, Partial<Record<EntryKey, string>>>;

/** How, when and by whom a value was taken. */
export interface Stamp {
  how: Exclude<HowTaken, 'derived'>;
  at: string | null;
  by: string;
  under: Load;
  sockMm: number;
  /** Where the way of taking told its own deviation, mm. */
  sdMm?: number;
}
export type Stamps = Record<Side, Partial<Record<TakenId, Stamp>>>;

/** This moment, as a value's stamp writes it. */
export const nowIso = (): string => new Date().toISOString();

/** The fields as a fitting keeps them. */
export const entriesOf = (feet: FeetBody): Entries => ({ left: textsOf(feet.left), right: textsOf(feet.right) });

function textsOf(side: SideBody): Entries['left'] {
  const texts: Entries['left'] = {};
  for (const [id, value] of Object.entries(side.values)) {
    texts[id as TakenId] = value!.readings[0]?.typed ?? value!.typed;
    if (value!.readings[1]) texts[secondOf(id as TakenId)] = value!.readings[1].typed;
  }
  return texts;
}

/** How each value of a fitting was taken. */
export const stampsOf = (feet: FeetBody): Stamps => {
  const of = (side: SideBody): Stamps['left'] =>
    Object.fromEntries(
      Object.entries(side.values).map(([id, v]) => [
        id,
        // With a second reading the deviation follows from both.
        {
          how: v!.how,
          at: v!.at,
          by: v!.by,
          under: v!.under,
          sockMm: v!.sockMm,
          ...(v!.sdMm !== undefined && v!.readings.length === 0 ? { sdMm: v!.sdMm } : {})
        }
      ])
    );
  return { left: of(feet.left), right: of(feet.right) };
};

/** Reads one field. An empty one is no value and no fault. @param lengthMm length of the same foot, when known */
export function readEntry(text: string, id: TakenId, unit: LengthUnit, lengthMm?: number): ReadText {
  return text.trim() === '' ? { mm: null, findings: [] } : readTaken(id, text.trim(), unit, lengthMm);
}

/** The text with its unit: a bare `24.8` typed while centimetres are shown becomes `24.8 cm`, so that it never changes its meaning. */
export function withUnit(text: string, unit: LengthUnit, id?: TakenId): string {
  if (id && !takenUnit(id).isLength) return text;
  const parsed = parseLength(text, unit);
  return parsed.ok && !parsed.unitTyped ? `${text.trim()} ${unit}` : text;
}

/** A step up or down from what stands in a field, or from what is filled in there. */
export function stepped(text: string, fallback: number | undefined, unit: LengthUnit, by: number, id?: TakenId): string {
  if (id && !takenUnit(id).isLength) return `${(parseMixedNumber(text) ?? fallback ?? 0) + by}`;
  const parsed = parseLength(text, unit);
  if (!parsed.ok) return fallback === undefined ? (text.trim() === '' && id && isExtraId(id) ? '0 mm' : text) : formatLength(Math.round(fallback), 'mm');
  return formatLength(Math.round((parsed.mm + by) * 10) / 10, parsed.unit === 'in' ? 'mm' : parsed.unit);
}

const NO_STAMP: Omit<Stamp, 'how'> = { at: null, by: '', under: 'standing', sockMm: 0 };

/**
 * What the fields of one measure come to: a value with its texts and how it was taken, or null where nothing can be taken of them.
 * @param lengthMm length of the same foot, when known
 */
export function valueOf(texts: Entries['left'], id: TakenId, unit: LengthUnit, stamp?: Stamp, lengthMm?: number): TakenValue | null {
  const [one, other] = [texts[id] ?? '', texts[secondOf(id)] ?? ''];
  const first = readEntry(one, id, unit, lengthMm).mm;
  if (first === null) return null;
  const how: Stamp = stamp ?? { how: usualWay(id), ...NO_STAMP };
  const typed = (text: string) => withUnit(text, unit, id).slice(0, 40);
  const second = readEntry(other, id, unit, lengthMm).mm;
  if (second === null) return { mm: first, typed: typed(one), ...how, readings: [] };
  const readings = [
    { mm: first, typed: typed(one), how: how.how },
    { mm: second, typed: typed(other), how: how.how }
  ];
  const { mm, sdMm } = combineReadings(id, readings);
  return { mm, typed: typed(one), ...how, sdMm, readings };
}

/** Every readable value of one foot; refused ones stay on the page only. Reads every field: a single one is read by `valueOf`. */
export function bodyOf(entries: Entries, side: Side, unit: LengthUnit, stamps: Stamps = { left: {}, right: {} }): SideBody['values'] {
  const texts = entries[side];
  const length = valueOf(texts, 'lengthMm', unit, stamps[side].lengthMm);
  const ids = (Object.keys(texts) as EntryKey[]).filter((key): key is TakenId => !key.endsWith('#2'));
  return Object.fromEntries(
    ids.flatMap((id) => {
      const value = id === 'lengthMm' ? length : valueOf(texts, id, unit, stamps[side][id], length?.mm);
      return value ? [[id, value]] : [];
    })
  );
}

/** What two readings of a measure say to each other, or ''. */
export function disagreement(first: number | null, second: number | null, id: TakenId, how: Stamp['how']): string {
  if (first === null || second === null) return '';
  return combineReadings(
    id,
    [first, second].map((mm) => ({ mm, how }))
  ).disagreement;
}
