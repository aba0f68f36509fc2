import { footLength } from './foot-length';
import { BLANK_DETAILS, CLOSURE_IDS, KIND_IDS, sizesOf, stockKey, STRETCHES, UPPER_IDS, type Style, type StyleDetails } from '@chiave/core/fit';
import { ARCH_LINES, checkLast, EVIDENCE_MARKS, GRADINGS, HALVES, SIDE_CUTS, TOE_FAMILY_IDS, TOE_STRUCTURES, WIDTH_BASES, type Last } from '@chiave/core/last';
import { attributeLimits, CLOSE_UPS, USE_FIELDS, type UseFieldId, type UseFields } from '@chiave/core/attributes';
import { HEEL_ATTRIBUTES, type HeelAttributes } from '@chiave/core/heel';
import { FOOT_TOE_SHAPES, SIDES } from '@chiave/core/measure';
import { FOR_WHOM, SCALE, SCALE_IDS, schoolOf } from '@chiave/core/size';
import { z } from 'zod';
import { pictureKind } from './picture-kind';
import { eachOnce } from './sets';
import { agree, mm, type Same, type Writable } from './values';

/** The stockroom as it is sent, kept and carried in files: makers, lasts, styles. Millimetres throughout. */
const slug = z
  .string()
  .max(60)
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'an id is lower-case letters, digits and single dashes');
const name = z.string().trim().min(1, 'a name is needed').max(120);
const mark = z.enum(EVIDENCE_MARKS);
const letter = z.string().trim().min(1).max(12);

export const makerSchema = z
  .object({
    id: slug,
    name,
    note: z.string().max(2000).default(''),
    letters: eachOnce(z.array(letter).min(1, 'a maker has at least one width').max(20), 'width')
  })
  .meta({ id: 'Maker' });
export type MakerBody = z.infer<typeof makerSchema>;

/** `checkLast` says what each may be; this only keeps out what is no figure of a shoe at all. */
const figure = z.number('write it as a number').min(-1000).max(1000);
export const lastShape = z.object({
  id: slug,
  maker: slug,
  name,
  family: z.enum(TOE_FAMILY_IDS),
  taperShiftMm: mm(-60, 60).default(0),
  widthBasis: z.enum(WIDTH_BASES).default('footbed'),
  base: z.object({
    size: z.number().min(-5).max(400),
    width: letter,
    forFootMm: figure,
    insoleMm: figure,
    ballWidthMm: figure,
    heelWidthMm: figure,
    ballGirthMm: figure,
    waistGirthMm: figure,
    instepGirthMm: figure,
    throatGirthMm: mm(150, 500).optional(),
    toplineGirthMm: mm(100, 500).optional(),
    shaftGirthMm: mm(150, 700).optional(),
    toeDepthMm: figure,
    littleToeDepthMm: figure
  }),
  grade: z.object({
    lengthPerSizeMm: figure,
    girthPerSizeMm: figure,
    girthPerWidthMm: figure,
    bottomShare: figure,
    toeExtension: z.enum(GRADINGS).default('fixed'),
    halves: z.enum(HALVES).default('full'),
    coarse: z.boolean().optional(),
    heelHeight: z.enum(GRADINGS).optional()
  }),
  aliases: z.array(z.string().trim().min(1).max(80)).max(20).optional(),
  form: z
    .object({
      heelHeightMm: mm(0, 260).optional(),
      toeSpringMm: mm(0, 60).optional(),
      archLine: z.enum(ARCH_LINES).optional(),
      sideCut: z.enum(SIDE_CUTS).optional(),
      throatLineMm: mm(60, 400).optional(),
      instepHeightMm: mm(20, 140).optional(),
      backHeightMm: mm(20, 140).optional(),
      toe: z.enum(TOE_STRUCTURES).optional()
    })
    .optional(),
  outline: z
    .object({
      forFootMm: mm(100, 400),
      points: z
        .array(z.tuple([mm(-20, 500), mm(-150, 150)]))
        .min(20, 'a line has at least 20 points')
        .max(1500, 'at most 1500 points'),
      taperShiftMm: mm(-30, 60),
      sdMm: mm(0.05, 10),
      tracings: z.number().int().min(1).max(500),
      hands: z.number().int().min(1).max(100)
    })
    .meta({ description: 'the insole as it was traced, mm: x forward from the heel, y to the inner side; the fit runs along it in place of the toe family' })
    .optional(),
  combination: z.object({ heel: z.number().int().min(-6).max(6), waist: z.number().int().min(-6).max(6) }).optional(),
  evidence: z.object({ mark, lengthSdMm: mm(0.1, 20), widthSdMm: mm(0.1, 20), girthSdMm: mm(0.1, 30), note: z.string().max(500).default('') })
});
export const lastSchema = lastShape
  .superRefine((last, context) => {
    for (const { path, message } of checkLast(last)) context.addIssue({ code: 'custom', path: path.split('.'), message });
  })
  .meta({ id: 'Last' });
export type LastBody = z.infer<typeof lastSchema>;
// The schema and the core's type are one thing said twice: where they differ, this does not compile.
// What a shop took over from its try-ons is no part of a last that is written.
agree<Same<Omit<Last, 'learned'>, LastBody>>();
const seen = z.number().int().min(0).optional().describe('version that was seen; another one now is a conflict');
export const lastChangeSchema = z
  .object({ last: lastSchema, version: seen, expects: lastSchema.optional().describe('what must be there now, for taking a change back') })
  .meta({ id: 'LastChange' });
export type LastChange = z.infer<typeof lastChangeSchema>;
export const joinSchema = z.object({ other: slug.describe('the last that goes') }).meta({ id: 'LastJoin' });

const year = z.number().int().min(1900).max(2100).nullable();
const words = z.string().max(200);
/** One field for each attribute of a heel, by its definition. */
const heelFields = Object.fromEntries(
  HEEL_ATTRIBUTES.map((a) => [
    a.id,
    ('options' in a ? z.enum(['', ...a.options.map((o) => o.id)]) : mm(a.low, a.high).nullable()).describe(`${a.name.toLowerCase()}: ${a.how}`)
  ])
) as unknown as { [Id in keyof HeelAttributes]: z.ZodType<HeelAttributes[Id], HeelAttributes[Id]> };
/** One field for each attribute that a use asks for, by its definition. */
const useFields = Object.fromEntries(
  USE_FIELDS.map(({ field, attribute: a }) => {
    const [low, high] = attributeLimits(a);
    return [field, (a.as === 'levels' ? z.enum(['', ...a.ids]) : mm(low, high).nullable()).describe(`${a.name}: ${a.how}`)];
  })
) as unknown as { [Id in UseFieldId]: z.ZodType<UseFields[Id], UseFields[Id]> };
export const detailsSchema = z
  .object({
    variant: words,
    madeFrom: year,
    madeTo: year,
    factory: words,
    colour: words,
    upperThicknessMm: mm(0.2, 8).nullable(),
    lining: words,
    stretch: z.enum(STRETCHES),
    shrinks: z.boolean(),
    shaftHeightMm: mm(0, 700).nullable(),
    sole: words,
    ...heelFields,
    ...useFields,
    weightG: mm(20, 3000).nullable(),
    price: mm(0, 100000).nullable(),
    note: z.string().max(2000),
    evidence: z
      .record(z.string().max(40), z.object({ mark, source: z.string().max(200), date: z.union([z.literal(''), z.iso.date('a day as 2026-11-25')]) }))
      .refine((e) => Object.keys(e).length <= 90, 'at most 90 marks')
  })
  .partial()
  .meta({ id: 'StyleDetails' });
agree<Same<Partial<Writable<StyleDetails>>, z.infer<typeof detailsSchema>>>();
/** Details with everything that was left out blank. */
export const wholeDetails = (details: Partial<StyleDetails> | null | undefined): StyleDetails => ({ ...BLANK_DETAILS, ...details });

/** The fields of a style. */
export const styleFields = z.object({
  id: slug,
  last: slug,
  name,
  kind: z.enum(KIND_IDS),
  forWhom: z.enum(FOR_WHOM),
  scale: z.enum(SCALE_IDS),
  school: z.string().max(20),
  step: z.number().min(0.1).max(10),
  from: z.number().min(-5).max(400),
  to: z.number().min(-5).max(400),
  widths: eachOnce(z.array(letter).min(1, 'a style is made in at least one width').max(20), 'width'),
  upper: z.enum(UPPER_IDS),
  closure: z.enum(CLOSURE_IDS),
  soleStiffness: z.number().min(1).max(5),
  heelHeightMm: mm(0, 260),
  platformMm: mm(0, 120),
  removableInsoleMm: mm(0, 15),
  toeStructure: z.enum(TOE_STRUCTURES),
  details: detailsSchema,
  stock: z.record(z.string().max(26), z.number().int().min(0, 'a count is never below nought').max(9999))
});
/** A whole style, with what is usual where it is silent. */
const styleShape = styleFields.extend({
  school: styleFields.shape.school.default('standard'),
  platformMm: styleFields.shape.platformMm.default(0),
  removableInsoleMm: styleFields.shape.removableInsoleMm.default(0),
  toeStructure: styleFields.shape.toeStructure.default('structured'),
  details: styleFields.shape.details.default({}),
  stock: styleFields.shape.stock.default({})
});
export const styleSchema = styleShape
  .superRefine((style, context) => {
    for (const { path, message } of checkRun(style)) context.addIssue({ code: 'custom', path: path.split('.'), message });
  })
  .meta({ id: 'StyleBody' });
export type StyleBody = z.infer<typeof styleSchema>;

/** What of many styles can be changed at once; with the version each had when it was seen. */
// From the fields without their usual values: a change is silent about what it does not name.
const CHANGEABLE = styleFields.omit({ id: true, stock: true }).partial();
export const stylesPatchSchema = z
  .object({
    changes: z
      .array(
        z.object({
          id: slug,
          set: CHANGEABLE,
          version: seen,
          expects: CHANGEABLE.optional().describe('values that must be there now, for taking a change back')
        })
      )
      .min(1, 'nothing to change')
      .max(500, 'at most 500 styles at once')
  })
  .meta({ id: 'StylesPatch' });
export type StyleChange = z.infer<typeof stylesPatchSchema>['changes'][number];
export const duplicateSchema = z.object({ id: slug, name, set: CHANGEABLE.default({}), withStock: z.boolean().default(false) }).meta({ id: 'StyleDuplicate' });
const counts = z.record(z.string().max(26), z.number().int().min(0, 'a count is never below nought').max(9999));
export const countsSchema = z
  .object({ counts, expects: counts.optional().describe('counts that must be there now; another one is a conflict') })
  .meta({ id: 'Counts' });
export type CountsChange = z.infer<typeof countsSchema>;

/** Most sizes of one style: a run in millimetres from a child's to the longest foot, by two. */
const MOST_SIZES = 200;

/** A run that can be: ends in order, whole steps between them, a school the scale has, counts of sizes there are. */
export function checkRun(style: Pick<StyleBody, 'scale' | 'school' | 'step' | 'from' | 'to' | 'widths' | 'stock'>): { path: string; message: string }[] {
  const problems: { path: string; message: string }[] = [];
  const { from, to, step, scale, school, widths } = style;
  if (to < from) problems.push({ path: 'to', message: `the run ends at ${to}, before it begins at ${from}` });
  else if (Math.abs((to - from) / step - Math.round((to - from) / step)) > 0.02)
    problems.push({ path: 'step', message: `steps of ${step} do not lead from ${from} to ${to}` });
  if ((to - from) / step > MOST_SIZES) problems.push({ path: 'step', message: `a run has at most ${MOST_SIZES} sizes` });
  if (schoolOf(SCALE[scale], school).id !== school)
    problems.push({ path: 'school', message: `${SCALE[scale].name} has no school ${school}: ${SCALE[scale].schools.map((s) => s.id).join(', ')}` });
  if (new Set(widths).size !== widths.length) problems.push({ path: 'widths', message: 'a width stands twice' });
  if (problems.length > 0) return problems;
  const asStyle = style as unknown as Style;
  const marks = Object.keys(style.stock);
  if (marks.length === 0) return problems;
  const made = new Set(sizesOf(asStyle).flatMap((size) => widths.map((w) => stockKey(asStyle, size, w))));
  const strange = marks.find((key) => !made.has(key));
  if (strange) problems.push({ path: `stock.${strange}`, message: `there is no ${strange.replace('|', ' ')} in this run` });
  return problems;
}

/** What a style must agree on with its last and its maker. */
export function checkStyle(
  style: StyleBody,
  last: Pick<Last, 'maker' | 'name' | 'base'> | undefined,
  letters: readonly string[]
): { path: string; message: string }[] {
  if (!last) return [{ path: 'last', message: `there is no last “${style.last}”` }];
  const strange = style.widths.filter((w) => !letters.includes(w));
  const problems = checkRun(style);
  if (strange.length > 0) problems.push({ path: 'widths', message: `${strange.join(', ')} is none of the maker’s widths: ${letters.join(', ')}` });
  if (!letters.includes(last.base.width)) problems.push({ path: 'last', message: `the last’s base width ${last.base.width} is none of the maker’s` });
  return problems;
}

/** The inside of one pair on a last, as somebody measured it. */
export const readingFields = z.object({
  size: z.number('write the size as a number').min(-5).max(400),
  width: letter,
  side: z.enum(SIDES),
  who: z.string().trim().min(1, 'who measured it?').max(60),
  takenOn: z.iso.date('a day as 2026-11-25'),
  lengthMm: mm(80, 450).nullish(),
  ballMm: mm(30, 160).nullish(),
  narrowMm: mm(20, 140).nullish(),
  heelMm: mm(20, 120).nullish(),
  ballGirthMm: mm(90, 420).nullish(),
  outline: z
    .array(z.tuple([mm(-500, 500), mm(-500, 500)]))
    .max(2000)
    .nullish(),
  note: z.string().max(200).default('')
});
export const readingSchema = readingFields
  .refine((r) => [r.lengthMm, r.ballMm, r.narrowMm, r.heelMm, r.ballGirthMm].some((v) => v !== null && v !== undefined), {
    path: ['lengthMm'],
    message: 'a reading needs at least one figure'
  })
  .meta({ id: 'InsideReading' });

export const photoSchema = z
  .object({
    shows: z.enum(CLOSE_UPS),
    caption: z.string().max(200).default(''),
    mime: z.enum(['image/jpeg', 'image/png', 'image/webp']),
    content: z.base64('the picture as base64').min(100, 'the picture is empty').max(900_000, 'a picture has at most 650 kB: make it smaller')
  })
  .refine(({ mime, content }) => pictureKind(content) === mime, { path: ['content'], message: 'this is no picture of the kind it is said to be' })
  .meta({ id: 'StylePhoto' });

const lastAt = z.object({
  last: slug.describe('id of a last; or of a style, whose last, upper and drop are taken'),
  size: z.number().min(-5).max(400).optional().describe('in its own scale'),
  width: letter.optional()
});
const feltWeights = z.object({
  length: mm(0, 10),
  'ball-girth': mm(0, 10),
  instep: mm(0, 10),
  heel: mm(0, 10),
  'toe-width': mm(0, 10)
});
const wearer = z
  .object({ lengthMm: footLength('feet from'), ballWidthMm: mm(30, 160).optional(), toeShape: z.enum(FOOT_TOE_SHAPES).optional() })
  .optional()
  .describe('whose toes stand in both; left out, an ordinary foot each is made for');
export const compareLastsSchema = z
  .object({
    lasts: z.array(lastAt).min(2, 'two to four are compared').max(4, 'two to four are compared'),
    by: z.enum(['foot', 'label', 'sizes']).default('foot').describe('the same foot, the same size number, or the sizes given'),
    footMm: footLength('feet from').optional(),
    at: z.enum(['heel', 'ball']).default('heel'),
    foot: wearer
  })
  .meta({ id: 'CompareLasts' });
export const compareSizeSchema = z
  .object({ from: lastAt.required({ size: true }), to: eachOnce(z.array(slug).min(1).max(60), 'last'), weights: feltWeights.optional(), foot: wearer })
  .meta({ id: 'CompareSize' });
export const matrixSchema = z
  .object({ name, lasts: eachOnce(z.array(slug).min(2, 'at least two lasts').max(30, 'at most thirty lasts'), 'last'), footMm: footLength('feet from') })
  .meta({ id: 'SizeMatrix' });
