import {
  combineReadings,
  EXTRA,
  extraProblem,
  formatLength,
  isExtraId,
  parseLength,
  parseMixedNumber,
  readMeasure,
  usualWay,
  type Finding,
  type HowTaken,
  type LengthUnit,
  type Load,
  type Side,
  type TakenId
} from '@chiave/core/measure';
import type { FeetBody, SideBody } from '../../api/shop-schema';

/** A second reading of a measure stands in a field of its own. */
export type EntryKey = TakenId | `${TakenId}#2`;
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

export interface ReadEntry {
  mm: number | null;
  findings: Finding[];
}

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

/** Reads one field. An empty one is no value and no fault. */
export function readEntry(entries: Entries, side: Side, key: EntryKey, unit: LengthUnit): ReadEntry {
  const text = entries[side][key]?.trim() ?? '';
  if (text === '') return { mm: null, findings: [] };
  const id = key.replace('#2', '') as TakenId;
  if (isExtraId(id)) return readExtra(id, text, unit);
  const lengthText = entries[side].lengthMm ?? '';
  const length = id === 'lengthMm' ? null : parseLength(lengthText, unit);
  const { mm, findings } = readMeasure(id, text, unit, length?.ok ? length.mm : undefined);
  return { mm, findings };
}

function readExtra(id: Parameters<typeof extraProblem>[0], text: string, unit: LengthUnit): ReadEntry {
  const refuse = (message: string): ReadEntry => ({ mm: null, findings: [{ code: 'impossible', field: id, level: 'refuse', message }] });
  let value: number;
  if (EXTRA[id].unit === '°') {
    const degrees = parseMixedNumber(text.replace(/\s*°$/, ''));
    if (degrees === null) return refuse(`“${text}” is not an angle. Write it in degrees, as 65.`);
    value = degrees;
  } else {
    const parsed = parseLength(text, unit);
    if (!parsed.ok) return refuse(parsed.message);
    value = parsed.mm;
  }
  const problem = extraProblem(id, value);
  return problem ? refuse(problem) : { mm: value, findings: [] };
}

/** The text with its unit: a bare `24.8` typed while centimetres are shown becomes `24.8 cm`, so that it never changes its meaning. */
export function withUnit(text: string, unit: LengthUnit, id?: TakenId): string {
  if (id && isExtraId(id) && EXTRA[id].unit === '°') return text;
  const parsed = parseLength(text, unit);
  return parsed.ok && !parsed.unitTyped ? `${text.trim()} ${unit}` : text;
}

/** A step up or down from what stands in a field, or from what is filled in there. */
export function stepped(text: string, fallback: number | undefined, unit: LengthUnit, by: number, id?: TakenId): string {
  if (id && isExtraId(id) && EXTRA[id].unit === '°') return `${(parseMixedNumber(text) ?? fallback ?? 0) + by}`;
  const parsed = parseLength(text, unit);
  if (!parsed.ok) return fallback === undefined ? (text.trim() === '' && id && isExtraId(id) ? '0 mm' : text) : formatLength(Math.round(fallback), 'mm');
  return formatLength(Math.round((parsed.mm + by) * 10) / 10, parsed.unit === 'in' ? 'mm' : parsed.unit);
}

const NO_STAMP: Omit<Stamp, 'how'> = { at: null, by: '', under: 'standing', sockMm: 0 };

/** The body to save: every readable value with its text and how it was taken; refused ones stay on the page only. */
export function bodyOf(entries: Entries, side: Side, unit: LengthUnit, stamps: Stamps = { left: {}, right: {} }): SideBody['values'] {
  const values: SideBody['values'] = {};
  for (const key of Object.keys(entries[side]) as EntryKey[]) {
    if (key.endsWith('#2')) continue;
    const id = key as TakenId;
    const first = readEntry(entries, side, id, unit);
    if (first.mm === null) continue;
    const stamp: Stamp = stamps[side][id] ?? { how: usualWay(id), ...NO_STAMP };
    const typed = (k: EntryKey) => withUnit(entries[side][k] ?? '', unit, id).slice(0, 40);
    const second = readEntry(entries, side, secondOf(id), unit);
    if (second.mm === null) {
      values[id] = { mm: first.mm, typed: typed(id), ...stamp, readings: [] };
      continue;
    }
    const readings = [
      { mm: first.mm, typed: typed(id), how: stamp.how },
      { mm: second.mm, typed: typed(secondOf(id)), how: stamp.how }
    ];
    const { mm, sdMm } = combineReadings(id, readings);
    values[id] = { mm, typed: typed(id), ...stamp, sdMm, readings };
  }
  return values;
}

/** What two readings of a measure say to each other, or ''. */
export function disagreement(entries: Entries, side: Side, id: TakenId, unit: LengthUnit, how: Stamp['how']): string {
  const [a, b] = [readEntry(entries, side, id, unit).mm, readEntry(entries, side, secondOf(id), unit).mm];
  if (a === null || b === null) return '';
  return combineReadings(
    id,
    [a, b].map((mm) => ({ mm, how }))
  ).disagreement;
}
