import { USE_ATTRIBUTES, attributeLimits } from '@chiave/core/attributes';
import { CLOSURE_IDS, FLAG_IDS, KIND_IDS, UPPER_IDS } from '@chiave/core/fit';
import { EVIDENCE_MARKS, TOE_FAMILY_IDS } from '@chiave/core/last';
import {
  ALL_USES,
  ARCHES_SEEN,
  muOf,
  PULLED_MATERIALS,
  PULLED_PARTS,
  QUESTIONS,
  ROLLS,
  STRIKES,
  SUIT_CLASSES,
  SURFACES,
  USE_FLOORS,
  USE_IDS,
  WATCHED,
  WEAR_LOOKS,
  WHOM,
  WORN_AT,
  type Answers,
  type Schools
} from '@chiave/core/use';
import { z } from 'zod';
import { setOf } from './sets';
import { idOf, mm, text } from './values';

/** Uses: what is asked and looked at for one, and how a style suits it. Everything follows from the definitions of the core. */
const answerFields = Object.fromEntries(
  QUESTIONS.map((q) => {
    if (q.as === 'number') return [q.id, mm(q.low, q.high).optional().describe(`${q.name}, ${q.unit}`)];
    const option = z.enum(idOf(q.options) as [string, ...string[]]);
    return [q.id, (q.several ? setOf(option) : option).optional().describe(q.name)];
  })
);
export const answersSchema = z.strictObject(answerFields) as unknown as z.ZodType<Answers, Answers>;
export const schoolsSchema = z.strictObject(
  Object.fromEntries(
    ALL_USES.filter((u) => u.axes.length > 0).map((u) => [
      u.id,
      z
        .strictObject(
          Object.fromEntries(
            u.axes.map((a) => [
              a.id,
              z
                .enum(idOf(a.options) as [string, ...string[]])
                .optional()
                .describe(a.name)
            ])
          )
        )
        .optional()
    ])
  )
) as unknown as z.ZodType<Schools, Schools>;
const watched = z.enum(idOf(WATCHED));
export const looksSchema = z
  .strictObject({
    postureScore: z.number().int().min(-12, 'from -12 to 12').max(12, 'from -12 to 12'),
    roll: z.strictObject({ is: z.enum(idOf(ROLLS)), watched }),
    strike: z.strictObject({ is: z.enum(idOf(STRIKES)), watched }),
    wornAt: z.enum(idOf(WORN_AT)),
    arch: z.array(z.enum(idOf(ARCHES_SEEN))).max(6, 'at most six readings')
  })
  .partial();
const bothLooks = z.strictObject({ left: looksSchema.optional(), right: looksSchema.optional() });
/** What is kept with a fitting. */
export const useAskedSchema = z.strictObject({
  uses: setOf(z.enum(USE_IDS)).default([]).describe('what the shoes are for; the first is judged'),
  answers: answersSchema.default({}),
  schools: schoolsSchema.default({}),
  looks: bothLooks.default({})
});
export type UseAsked = z.infer<typeof useAskedSchema>;
export const BLANK_USE_ASKED: UseAsked = useAskedSchema.parse({});

/** A pull test of the shop's own. */
const goes = mm(0.05, 60);
const pullFields = z.strictObject({
  part: z.enum(PULLED_PARTS),
  material: text(20).describe('a sole or an upper by its id'),
  surface: z.enum(SURFACES),
  kg: z.array(goes).min(1, 'write what the scale showed, at best three goes').max(9, 'at most nine goes').describe('what the scale showed as it slid, kg'),
  insideKg: mm(0, 20).default(2).describe('weight laid inside, kg'),
  shoeKg: mm(0.02, 4).describe('the shoe itself, kg')
});
export const pullSchema = pullFields
  .superRefine((pull, ctx) => {
    const known = PULLED_MATERIALS[pull.part];
    if (!known.includes(pull.material)) ctx.addIssue({ code: 'custom', path: ['material'], message: `one of ${known.join(', ')}` });
    if (pull.part === 'sole' && !(USE_FLOORS as readonly string[]).includes(pull.surface))
      ctx.addIssue({ code: 'custom', path: ['surface'], message: `a sole is pulled over a floor: ${USE_FLOORS.join(', ')}` });
    const mu = muOf(pull);
    if (mu < MU_LIMITS[0] || mu > MU_LIMITS[1])
      ctx.addIssue({
        code: 'custom',
        path: ['kg'],
        message: `that makes a grip of ${mu.toFixed(2)}, which no floor has: kilograms on the scale, and what presses as “insideKg” and “shoeKg”`
      });
  })
  .meta({ id: 'Pull', example: { part: 'sole', material: 'suede', surface: 'wood', kg: [1, 0.95, 1.05], insideKg: 2, shoeKg: 0.3 } });
const MU_LIMITS = [0.03, 2.5] as const;
/** A pull as it is kept. */
export const pullRow = pullFields.extend({ id: z.number(), insideKg: z.number(), who: z.string(), createdAt: z.string() });
export type PullRow = z.infer<typeof pullRow>;
/** How worn a pair looks. */
export const wornSchema = z.strictObject({ looks: z.enum(idOf(WEAR_LOOKS)), hours: mm(0, 20_000) });

const person = z.strictObject({
  lengthMm: mm(80, 400).default(245),
  ballWidthMm: mm(30, 160).optional(),
  ankleGirthMm: mm(120, 400).optional(),
  ankleReachDeg: mm(0, 110).optional(),
  toeHeightMm: mm(5, 60).optional(),
  hammerToeMm: mm(0, 25).optional(),
  kneeHeightMm: mm(150, 650).optional(),
  weightKg: mm(2, 400).optional(),
  sockMm: mm(0, 12).optional(),
  flags: setOf(z.enum(FLAG_IDS)).default([]),
  postureScore: z.number().int().min(-12).max(12).optional().describe('of both feet, where no side is told'),
  archType: z.enum(['low', 'medium', 'high']).optional().describe('of both feet, where no side is told')
});
/** An attribute as it was sent: a figure, a level by its id or its place, alone or with how it is known. */
const attributeFields = Object.fromEntries(
  USE_ATTRIBUTES.map((a) => {
    const [low, high] = attributeLimits(a);
    const value = a.as === 'levels' ? z.union([z.enum(a.ids as unknown as [string, ...string[]]), mm(low, high)]) : mm(low, high);
    return [
      a.id,
      z
        .union([value, z.strictObject({ value, mark: z.enum(EVIDENCE_MARKS) })])
        .optional()
        .describe(`${a.name}: ${a.how}`)
    ];
  })
);
const styleForUse = z.strictObject({
  styleId: text(60).optional().describe('of the stockroom; then nothing else is needed'),
  kind: z.enum(KIND_IDS).optional(),
  upper: z.enum(UPPER_IDS).default('smooth-leather'),
  closure: z.enum(CLOSURE_IDS).optional().describe('the usual one of the kind where it is left out'),
  family: z.enum(TOE_FAMILY_IDS).optional(),
  heelHeightMm: mm(0, 260).optional(),
  platformMm: mm(0, 150).default(0),
  soleStiffness: mm(1, 5).optional(),
  removableInsoleMm: mm(0, 15).default(0),
  madeForMm: mm(80, 400).default(245).describe('foot length its base size is made for'),
  toeDepthMm: mm(5, 60).optional(),
  attributes: z.strictObject(attributeFields).default({})
});
const unknownUse = (): string => `name what it is for: ${USE_IDS.join(', ')}`;
const useId = z.enum(USE_IDS, { error: unknownUse });
const asked = {
  answers: answersSchema.default({}),
  schools: schoolsSchema.default({}),
  looks: bothLooks.default({}),
  person: person.default(person.parse({}))
};
export const useJudgeSchema = z
  .strictObject({
    use: useId,
    ...asked,
    style: styleForUse.refine((s) => s.styleId !== undefined || s.kind !== undefined, {
      path: ['kind'],
      error: 'name its kind, or a style of the stockroom as styleId'
    }),
    fit: z
      .strictObject({ insideRoomMm: mm(-60, 120) })
      .partial()
      .default({})
  })
  .meta({
    id: 'UseJudge',
    example: {
      use: 'heels-class',
      answers: { level: 'new', turns: 'many', floor: 'wood' },
      person: { lengthMm: 243, ankleReachDeg: 63 },
      style: {
        kind: 'heels-dance',
        closure: 'lace',
        heelHeightMm: 85,
        soleStiffness: 2,
        attributes: { hold: 'laced', sole: 'smooth', tip: { value: 12, mark: 'measured' } }
      }
    }
  });
const told = z.object({ use: z.enum(ALL_USES.map((u) => u.id)), rule: z.string(), amount: z.number(), words: z.string() });
const suitClass = z.enum(idOf(SUIT_CLASSES));
export const useJudgeAnswer = z.object({
  class: suitClass,
  suit: z.number().describe('-1 to 1'),
  seen: z.number().describe('share of what was weighed that was seen or told'),
  words: z.string(),
  forbiddenBy: z.array(z.string()),
  for: z.array(told),
  against: z.array(told),
  look: z.array(z.object({ attribute: z.string(), words: z.string() })),
  conflicts: z.array(z.object({ use: z.string(), axis: z.string(), options: z.array(z.object({ option: z.string(), class: suitClass, suit: z.number() })) })),
  needs: z.array(z.string()).describe('questions and measures that rules read and nobody gave'),
  assumed: z.array(z.string()).describe('numbers that were taken for granted'),
  askWhom: z.array(z.enum(Object.keys(WHOM) as [keyof typeof WHOM, ...(keyof typeof WHOM)[]])),
  cautions: z.array(z.string())
});
export const useGaitSchema = z
  .strictObject({ looks: bothLooks })
  .meta({ id: 'UseGait', example: { looks: { left: { postureScore: 7, wornAt: 'inner' }, right: {} } } });
const chances = <const Id extends string>(ids: readonly Id[]) =>
  z.object({ id: z.enum(ids), confidence: z.number(), word: z.string(), of: z.record(z.string(), z.number()) });
const gaitOfFoot = z.object({
  roll: chances(idOf(ROLLS)),
  strike: chances(idOf(STRIKES)),
  arch: chances(['low', 'medium', 'high']),
  disagreements: z.array(z.string())
});
export const useGaitAnswer = z.object({ left: gaitOfFoot, right: gaitOfFoot });
export const useFirstSchema = z.strictObject({ use: useId, ...asked }).meta({ id: 'UseFirst', example: { use: 'walking', answers: { wet: 'yes' } } });
export const useFirstAnswer = z.object({
  ask: z.array(z.object({ question: z.string(), name: z.string() })).describe('what is still open, at most six'),
  wanted: z.array(z.object({ reads: z.string(), must: z.boolean(), words: z.string(), low: z.number(), high: z.number(), why: z.array(z.string()) })),
  schools: z.array(z.object({ axis: z.string(), name: z.string(), options: z.array(z.object({ id: z.string(), name: z.string() })) })),
  notes: z.array(z.string())
});
const day = z.iso.date('a day as 2026-11-25');
export const useDatesSchema = z
  .strictObject({
    event: day,
    kind: z.enum(KIND_IDS),
    withDevice: z.boolean().default(false),
    postDays: z.number().int().min(0).max(90).default(0),
    runs: z
      .strictObject({
        runKm: mm(0, 5000),
        toComeKm: mm(0, 5000),
        weightKg: mm(20, 250),
        rear: mm(1, 5),
        grams: mm(50, 1500),
        bareFoam: z.boolean().default(false),
        trail: z.boolean().default(false),
        pairs: z.number().int().min(1).max(8).default(1)
      })
      .optional()
      .describe('a running pair: whether it lives until then')
  })
  .meta({ id: 'UseDates', example: { event: '2027-04-11', kind: 'running' } });
export const useDatesAnswer = z.object({
  last: z.string(),
  better: z.string(),
  life: z.object({ low: z.number(), centre: z.number(), high: z.number(), until: z.enum(['lives', 'look', 'next']), words: z.string() }).nullable()
});
