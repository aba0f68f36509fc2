import { SEEN_ON, USE_FIELDS, type CloseUp, type TestId, type UseAttribute, type UseFieldId } from '@chiave/core/attributes';
import { KINDS, UPPERS, type StyleDetails } from '@chiave/core/fit';
import { HEEL_ATTRIBUTES, type HeelAttributeId } from '@chiave/core/heel';
import { SCALES } from '@chiave/core/size';
import { z } from 'zod';
import { detailsSchema, styleFields } from './stock-schema';
import { numberOrText } from './values';

/** The fields of a style as they are written: in its form, changed in many at once, as columns of a file. One list for all of them. */
const { details: _details, stock: _stock, ...OWN } = styleFields.shape;
const { evidence: _evidence, ...DETAILS } = detailsSchema.shape;
const SHAPES = { ...OWN, ...DETAILS };
export type StyleColumn = keyof typeof SHAPES;

/** Columns of a CSV of styles: every field but shelf counts and evidence, which have forms of their own. */
export const STYLE_COLUMNS = Object.keys(SHAPES) as readonly StyleColumn[];
/** True for a field that stands in the details rather than in the style itself. */
export const isDetail = (column: string): column is Exclude<keyof StyleDetails, 'evidence'> => column in DETAILS;

const heelNames = Object.fromEntries(HEEL_ATTRIBUTES.map((a) => [a.id, 'unit' in a ? `${a.name}, ${a.unit}` : a.name])) as Record<HeelAttributeId, string>;
const useNames = Object.fromEntries(USE_FIELDS.map(({ field, attribute }) => [field, nameOf(attribute)])) as Record<UseFieldId, string>;
/** Five levels by hand are told with their ends. */
function nameOf(a: UseAttribute): string {
  const name = `${a.name.charAt(0).toUpperCase()}${a.name.slice(1)}`;
  if (a.as === 'figure') return `${name}, ${a.unit}`;
  return a.as === 'five' ? `${name}, 1 ${a.ends[0]} to 5 ${a.ends[1]}` : name;
}
const NAMES: Readonly<Record<StyleColumn, string>> = {
  id: 'Id', name: 'Name', last: 'Last', kind: 'Kind', forWhom: 'For', scale: 'Scale', school: 'School of the scale', from: 'Smallest size', to: 'Largest size',
  step: 'Step of the run', widths: 'Widths', upper: 'Upper', closure: 'Closure', soleStiffness: 'Stiffness by hand, 1 to 5', heelHeightMm: 'Heel height, mm',
  platformMm: 'Platform, mm', removableInsoleMm: 'Removable insole, mm (0: fixed)', toeStructure: 'Toe box', variant: 'Variant', madeFrom: 'Made from, year',
  madeTo: 'Made until, year', factory: 'Factory', colour: 'Colour', upperThicknessMm: 'Upper thickness, mm', lining: 'Lining', stretch: 'Stretch',
  shrinks: 'Shrinks when washed', shaftHeightMm: 'Shaft height, mm', sole: 'Sole', ...heelNames,
  ...useNames,
  weightG: 'Weight of one, g', price: 'Price', note: 'Note'
}; // prettier-ignore
/** Where a word has a name of its own. */
const NAMED: Partial<Record<StyleColumn, readonly { id: string; name: string }[]>> = {
  kind: KINDS,
  upper: UPPERS,
  scale: SCALES,
  ...Object.fromEntries(
    USE_FIELDS.flatMap(({ field, attribute: a }) => (a.as === 'levels' ? [[field, a.ids.map((id, i) => ({ id, name: a.levels[i] }))]] : []))
  ),
  ...Object.fromEntries(HEEL_ATTRIBUTES.flatMap((a) => ('options' in a ? [[a.id, a.options]] : [])))
};

/** What a field holds under what may be left out. */
const inner = (field: z.ZodType): z.ZodType =>
  field instanceof z.ZodNullable || field instanceof z.ZodOptional || field instanceof z.ZodDefault ? inner(field.unwrap() as z.ZodType) : field;
const optionsOf = (column: StyleColumn): readonly { id: string; name: string }[] | undefined => {
  const field = inner(SHAPES[column]);
  if (field instanceof z.ZodBoolean)
    return [
      { id: 'false', name: 'no' },
      { id: 'true', name: 'yes' }
    ];
  if (!(field instanceof z.ZodEnum)) return undefined;
  return field.options.map((id) => ({ id: String(id), name: NAMED[column]?.find((n) => n.id === id)?.name ?? (String(id) || 'not known') }));
};

export interface StyleField {
  id: StyleColumn;
  name: string;
  number: boolean;
  detail: boolean;
  /** What it may be, where that is a word out of a list. */
  options?: readonly { id: string; name: string }[];
  /** How two hands take it alike. */
  how?: string;
  /** Of its heel, or for its use; the rest stands first. */
  part?: 'heel' | 'use';
  /** Where it is looked at: on which close-up, and by which hand test. */
  looked?: { on: CloseUp; test: TestId | null };
}
const HOW: Readonly<Record<string, Pick<StyleField, 'how' | 'part' | 'looked'>>> = Object.fromEntries([
  ...HEEL_ATTRIBUTES.map((a) => [a.id, { how: a.how, part: 'heel' as const }]),
  ...USE_FIELDS.map(({ field, attribute }) => [
    field,
    { how: attribute.how, part: 'use' as const, looked: { on: SEEN_ON[attribute.id], test: attribute.test } }
  ])
]);
const ORDER = Object.keys(NAMES) as readonly StyleColumn[];
/** As a form shows them; the id stays what it is. */
export const STYLE_FIELDS: readonly StyleField[] = ORDER.filter((id) => id !== 'id').map((id) => ({
  id,
  name: NAMES[id],
  number: inner(SHAPES[id]) instanceof z.ZodNumber,
  detail: isDetail(id),
  options: optionsOf(id),
  ...HOW[id]
}));

/** A text as its field takes it; what is neither number nor yes or no goes on as text, so that the schema's words name the field. */
export function styleValue(column: StyleColumn, text: string): unknown {
  const field = inner(SHAPES[column]);
  if (field instanceof z.ZodArray) return text.split(/[\s;,]+/).filter(Boolean);
  if (field instanceof z.ZodBoolean) return text === 'true' ? true : text === 'false' ? false : text;
  if (field instanceof z.ZodNumber) return numberOrText(text);
  return text;
}
/** Whether a field may hold a value. */
export const mayBe = (column: StyleColumn, value: unknown): boolean => (SHAPES[column] as z.ZodType).safeParse(value).success;
