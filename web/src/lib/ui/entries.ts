import { formatLength, parseLength, readMeasure, type Finding, type LengthUnit, type MeasureId, type Side } from '@chiave/core/measure';
import type { FeetBody, SideBody } from '../api/shop-schema';

/** The measures taken at the first visit, in the order the hands take them: gauge, calliper, tape. */
export const TAKEN: readonly { id: MeasureId; name: string; hint: string }[] = [
  { id: 'lengthMm', name: 'Length', hint: 'heel to the longest toe, standing' },
  { id: 'ballLengthMm', name: 'Ball length', hint: 'heel to the big-toe joint' },
  { id: 'ballWidthMm', name: 'Ball width', hint: 'across both joints, bunion included' },
  { id: 'heelWidthMm', name: 'Heel width', hint: 'widest of the heel' },
  { id: 'ballGirthMm', name: 'Ball girth', hint: 'tape around both joints' },
  { id: 'instepGirthMm', name: 'Instep girth', hint: 'tape over the highest point' }
];

/** What stands in a measure's field, as it was typed; kept even where it cannot be taken. */
export type Entries = Record<Side, Partial<Record<MeasureId, string>>>;

export interface ReadEntry {
  mm: number | null;
  findings: Finding[];
}

/** The fields as a fitting keeps them. */
export const entriesOf = (feet: FeetBody): Entries => ({
  left: textOf(feet.left),
  right: textOf(feet.right)
});

const textOf = (side: SideBody): Entries['left'] => Object.fromEntries(Object.entries(side.values).map(([id, value]) => [id, value!.typed]));

/** Reads one field. An empty one is no value and no fault. */
export function readEntry(entries: Entries, side: Side, id: MeasureId, unit: LengthUnit): ReadEntry {
  const text = entries[side][id]?.trim() ?? '';
  if (text === '') return { mm: null, findings: [] };
  const lengthText = entries[side].lengthMm ?? '';
  const length = id === 'lengthMm' ? null : parseLength(lengthText, unit);
  const { mm, findings } = readMeasure(id, text, unit, length?.ok ? length.mm : undefined);
  return { mm, findings };
}

/** The text with its unit: a bare `24.8` typed while centimetres are shown becomes `24.8 cm`, so that it never changes its meaning. */
export function withUnit(text: string, unit: LengthUnit): string {
  const parsed = parseLength(text, unit);
  return parsed.ok && !parsed.unitTyped ? `${text.trim()} ${unit}` : text;
}

/** A step up or down from what stands in a field, or from what is filled in there. */
export function stepped(text: string, fallbackMm: number | undefined, unit: LengthUnit, byMm: number): string {
  const parsed = parseLength(text, unit);
  if (!parsed.ok) return fallbackMm === undefined ? text : formatLength(Math.round(fallbackMm), 'mm');
  return formatLength(Math.round((parsed.mm + byMm) * 10) / 10, parsed.unit === 'in' ? 'mm' : parsed.unit);
}

/** The body to save: every readable value with its text; refused ones stay on the page only. */
export function bodyOf(entries: Entries, side: Side, unit: LengthUnit): SideBody['values'] {
  const values: SideBody['values'] = {};
  for (const id of Object.keys(entries[side]) as MeasureId[]) {
    const { mm } = readEntry(entries, side, id, unit);
    if (mm !== null) values[id] = { mm, typed: withUnit(entries[side][id] ?? '', unit).slice(0, 40), how: 'tape' };
  }
  return values;
}
