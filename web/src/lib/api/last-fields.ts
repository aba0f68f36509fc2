import {
  ARCH_LINES,
  EVIDENCE_MARKS,
  GRADINGS,
  HALVES,
  SIDE_CUTS,
  TOE_FAMILIES,
  TOE_STRUCTURES,
  WIDTH_BASES,
  type EvidenceMark,
  type Last
} from '@chiave/core/last';
import { trimNumber } from '@chiave/core/measure';
import { numberOrText } from './values';

/** The places of a last as they are written: in its form, as columns of a file, in lists. One list for all of them. */
export interface LastField {
  /** Where it stands in a last: `base.insoleMm`. */
  path: string;
  name: string;
  unit?: 'mm' | 'letters';
  /** What it may be, where that is a word out of a list. */
  options?: readonly { id: string; name: string }[];
  kind: 'word' | 'number' | 'choice' | 'yes' | 'list';
  /** A column of it must be there. */
  needed?: true;
}
const plain = (ids: readonly string[]) => ids.map((id) => ({ id, name: id }));
const UNKNOWN = { id: '', name: 'not known' };
/** How a fact came to be known, in a letter and in words. */
export const MARKS: Readonly<Record<EvidenceMark, { letter: string; name: string }>> = {
  measured: { letter: 'm', name: 'measured' },
  felt: { letter: 'f', name: 'felt by hand' },
  claimed: { letter: 'c', name: 'claimed by the maker' },
  unsure: { letter: 'u', name: 'unsure' },
  'not-seen': { letter: '–', name: 'not seen' }
};
const mm = (path: string, name: string, needed?: true): LastField => ({ path, name, unit: 'mm', kind: 'number', ...(needed ? { needed } : {}) });
const choice = (path: string, name: string, options: LastField['options']): LastField => ({ path, name, kind: 'choice', options });

const GRADING = { fixed: 'the same in every size', graded: 'grows with the size' } as const;
const HALF = { full: 'length and width', 'width-only': 'width only' } as const;
const BASIS = { footbed: 'the footbed', 'feather-edge': 'the feather edge', inside: 'the inside, by calliper' } as const;
const named = <T extends string>(ids: readonly T[], names: Readonly<Record<T, string>>) => ids.map((id) => ({ id, name: names[id] }));

/** In groups, as its form shows them. */
export const LAST_GROUPS: readonly { name: string; fields: readonly LastField[] }[] = [
  {
    name: 'The last',
    fields: [
      { path: 'name', name: 'Name', kind: 'word', needed: true },
      { ...choice('family', 'Toe', TOE_FAMILIES), needed: true },
      mm('taperShiftMm', 'taper later (+) or earlier (−) than its toe’s'),
      choice('widthBasis', 'Widths measured on', named(WIDTH_BASES, BASIS))
    ]
  },
  {
    name: 'Base size',
    fields: [
      { path: 'base.size', name: 'size', kind: 'number', needed: true },
      { path: 'base.width', name: 'width', kind: 'word', needed: true },
      mm('base.forFootMm', 'made for a foot of', true),
      mm('base.insoleMm', 'insole length', true),
      mm('base.ballWidthMm', 'ball width', true),
      mm('base.heelWidthMm', 'heel width', true),
      mm('base.ballGirthMm', 'ball girth', true),
      mm('base.waistGirthMm', 'waist girth', true),
      mm('base.instepGirthMm', 'instep girth', true),
      mm('base.throatGirthMm', 'throat girth'),
      mm('base.toplineGirthMm', 'topline girth'),
      mm('base.shaftGirthMm', 'shaft girth'),
      mm('base.toeDepthMm', 'toe box depth', true),
      mm('base.littleToeDepthMm', 'depth at the little toe', true)
    ]
  },
  {
    name: 'Grading',
    fields: [
      mm('grade.lengthPerSizeMm', 'length a size', true),
      mm('grade.girthPerSizeMm', 'girth a size', true),
      mm('grade.girthPerWidthMm', 'girth a width', true),
      { path: 'grade.bottomShare', name: 'share to the bottom', kind: 'number', needed: true },
      choice('grade.toeExtension', 'Toe extension', named(GRADINGS, GRADING)),
      choice('grade.halves', 'A half size is', named(HALVES, HALF)),
      { path: 'grade.coarse', name: 'Two half sizes on one bottom', kind: 'yes', options: [UNKNOWN, { id: 'true', name: 'yes' }, { id: 'false', name: 'no' }] },
      choice('grade.heelHeight', 'Heel height', [UNKNOWN, ...named(GRADINGS, GRADING)]),
      { path: 'combination.heel', name: 'heel against the ball’s letter', unit: 'letters', kind: 'number' },
      { path: 'combination.waist', name: 'waist against the ball’s letter', unit: 'letters', kind: 'number' }
    ]
  },
  {
    name: 'What it stands like',
    fields: [
      mm('form.heelHeightMm', 'drop'),
      mm('form.toeSpringMm', 'toe spring'),
      choice('form.archLine', 'Arch line', [UNKNOWN, ...plain(ARCH_LINES)]),
      choice('form.sideCut', 'Side cut', [UNKNOWN, ...plain(SIDE_CUTS)]),
      mm('form.throatLineMm', 'throat line from the heel'),
      mm('form.instepHeightMm', 'instep height'),
      mm('form.backHeightMm', 'back height'),
      choice('form.toe', 'Toe box', [UNKNOWN, ...plain(TOE_STRUCTURES)])
    ]
  },
  {
    name: 'How it is known',
    fields: [
      { path: 'aliases', name: 'Also called, with | between', kind: 'list' },
      choice(
        'evidence.mark',
        'Mark',
        EVIDENCE_MARKS.map((id) => ({ id, name: MARKS[id].name }))
      ),
      mm('evidence.lengthSdMm', 'length ±'),
      mm('evidence.widthSdMm', 'widths ±'),
      mm('evidence.girthSdMm', 'girths ±'),
      { path: 'evidence.note', name: 'Note', kind: 'word' }
    ]
  }
];
export const LAST_FIELDS: readonly LastField[] = LAST_GROUPS.flatMap((g) => g.fields);

/** Names of a list stand in one text, this between them. */
const BETWEEN = ' | ';
const at = (last: object, path: string): unknown => path.split('.').reduce<unknown>((of, key) => (of as Record<string, unknown> | undefined)?.[key], last);

/** A last as texts, by the places of its fields; what is not known is empty. @param digits of a number; all of them when left out */
export const textsOfLast = (last: Omit<Last, 'id' | 'maker'>, digits?: number): Record<string, string> =>
  Object.fromEntries(
    LAST_FIELDS.map(({ path }) => {
      const value = at(last, path);
      if (Array.isArray(value)) return [path, value.join(BETWEEN)];
      return [path, value === undefined ? '' : typeof value === 'number' && digits !== undefined ? trimNumber(value, digits) : String(value)];
    })
  );

/** What a text says in its field; what is no number goes on as it was typed, so that the schema's words name the field. */
function valueOf({ kind }: LastField, text: string): unknown {
  if (kind === 'number') return numberOrText(text);
  if (kind === 'yes') return text === 'true' ? true : text === 'false' ? false : text;
  if (kind !== 'list') return text;
  return text
    .split('|')
    .map((name) => name.trim())
    .filter(Boolean);
}

/** The body of a last from its texts, for the schema to judge; an empty text is a field that is not known. */
export function lastOfTexts(texts: Readonly<Record<string, string>>, usual: object = {}): Record<string, unknown> {
  const body: Record<string, unknown> = { base: {}, grade: {}, form: {}, ...usual };
  for (const field of LAST_FIELDS) {
    const text = (texts[field.path] ?? '').trim();
    if (text === '') continue;
    const [group, key] = field.path.split('.');
    const value = valueOf(field, text);
    body[group] = key === undefined ? value : { ...(body[group] as object | undefined), [key]: value };
  }
  return body;
}
