import {
  CAUSES,
  CURES,
  EVIDENCE,
  GRADE_IDS,
  HEARD_SIGNS,
  LEARNED_PARTS,
  NEXTS,
  PASTES,
  PLATFORM_SHAPES,
  POINTE_CAUTIONS,
  POINTE_FIELDS,
  POINTE_FLOORS,
  POINTE_GAPS,
  POINTE_LEVELS,
  POINTE_ZONES,
  POUCHES,
  SEWING,
  SHANK_LENGTHS,
  SWEATS,
  SYMPTOMS,
  TAPERS,
  THROATS,
  YIELDS,
  ZONE_STATES,
  type PointeFieldId,
  type PointeSpec
} from '@chiave/core/pointe';
import { z } from 'zod';
import { footToFitSchema } from './foot-schema';
import { setOf } from './sets';
import { idOf, mm, text } from './values';

/** The pointe bench: makers and models of boxes, one foot in one shoe, rankings, the barre, pairs. */
const evidence = z.enum(['measured', 'claimed']);
const slug = z.string().regex(/^[a-z0-9][a-z0-9-]{0,39}$/, 'small letters, figures and hyphens, at most 40');
/** A field of a model: what it is, and how sure. */
const known = <S extends z.ZodType>(value: S) => z.strictObject({ value, evidence });
const fieldSchemas = Object.fromEntries(
  POINTE_FIELDS.map((f) => [
    f.id,
    known(f.as === 'figure' ? mm(f.low, f.high) : f.as === 'choice' ? z.enum(idOf(f.options) as [string, ...string[]]) : z.boolean())
      .optional()
      .describe(f.how)
  ])
);
export const pointeSpecSchema = z.strictObject(fieldSchemas) as unknown as z.ZodType<PointeSpec, PointeSpec>;
export type PointeSpecField = PointeFieldId;

export const pointeScaleSchema = z.strictObject({
  length: z.strictObject({
    zeroMm: mm(-100, 320).describe('inside length of a size 0, mm'),
    stepMm: mm(0.5, 15),
    halves: z.boolean(),
    from: mm(0, 60),
    to: mm(0, 60)
  }),
  width: z.strictObject({
    marks: z.array(text(12).min(1, 'a mark has at least one letter')).min(1, 'name at least one width mark').max(15, 'at most 15 marks'),
    girthStepMm: mm(0.5, 12),
    widthStepMm: mm(0, 6)
  })
});
export const pointeMakerSchema = z
  .strictObject({
    id: slug,
    name: text(80).min(1, 'name the maker'),
    scale: pointeScaleSchema,
    leadDays: mm(0, 400).default(60).describe('a special order takes so many days')
  })
  .meta({ id: 'PointeMaker' });
export type PointeMakerBody = z.infer<typeof pointeMakerSchema>;

export const stockLineSchema = z.strictObject({ size: mm(0, 60), mark: text(12), grade: z.enum(GRADE_IDS), count: z.number().int().min(0).max(999) });
const beliefSchema = z.strictObject({ mean: mm(-30, 30), sd: mm(0, 10), n: z.number().int().min(0) });
export const beliefsSchema = z
  .partialRecord(z.enum(idOf(LEARNED_PARTS)), beliefSchema)
  .describe('how far a model is believed to be off in a part, mm; of the shank the logarithm of its stiffness');
export const pointeModelSchema = z
  .strictObject({
    id: slug,
    makerId: slug,
    name: text(80).min(1, 'name the model'),
    note: text(400).default(''),
    base: z.strictObject({ size: mm(0, 60), mark: text(12) }),
    perMarkMm: mm(0, 4).default(0.6).describe('what a mark adds to the platform’s width, mm'),
    grades: z.array(z.enum(GRADE_IDS)).min(1, 'at least one grade'),
    usualGrade: z.enum(GRADE_IDS),
    lengthEvidence: z.enum(idOf(EVIDENCE)).default('claimed'),
    quiet: z.boolean().default(false),
    spec: pointeSpecSchema,
    price: mm(0, 5000).nullable().default(null),
    stock: z.array(stockLineSchema).max(600).default([])
  })
  .refine((m) => m.grades.includes(m.usualGrade), { path: ['usualGrade'], error: 'the usual grade is not among the grades it is made in' })
  .meta({ id: 'PointeModel' });
export type PointeModelBody = z.infer<typeof pointeModelSchema>;
export const pointeModelRow = z.object({ ...pointeModelSchema.shape, beliefs: beliefsSchema }).meta({ id: 'PointeModelRow' });
export type PointeModelRow = z.infer<typeof pointeModelRow>;
export const pointeStockAnswer = z.object({ makers: z.array(pointeMakerSchema), models: z.array(pointeModelRow) });
export type PointeStockFile = z.infer<typeof pointeStockAnswer>;
export const pointeImportSchema = z
  .strictObject({
    makers: z.array(pointeMakerSchema).max(200).default([]),
    models: z.array(pointeModelSchema).max(500).default([]),
    csv: z.string().max(2_000_000).optional().describe('models as rows, in place of both lists'),
    dryRun: z.boolean().default(false)
  })
  .meta({ id: 'PointeImport' });
export const pointeImportAnswer = z.object({ makers: z.number(), models: z.number(), dryRun: z.boolean() });
export const pointeKeptAnswer = z.object({ id: z.string() });

export const padsSchema = z.strictObject({
  pouch: z.enum(idOf(POUCHES)).optional(),
  pouchMm: mm(0, 8).optional(),
  spacersMm: mm(0, 15).optional(),
  bunionPadMm: mm(0, 10).optional(),
  tipMm: mm(0, 12).optional()
});
/** What is asked of a dancer beside the feet. Weight is asked privately and may be left out. */
export const dancerSchema = z
  .strictObject({
    level: z.enum(idOf(POINTE_LEVELS)).default('student'),
    yields: z.enum(idOf(YIELDS)).default('medium'),
    weightKg: mm(15, 150).nullable().default(null),
    hypermobile: z.boolean().default(false),
    rolls: z.boolean().default(false),
    hurt: z.boolean().default(false),
    growing: z.boolean().default(false),
    teacherSaidOn: z.union([z.literal(''), z.iso.date('a day as 2026-11-25')]).default(''),
    hoursAWeek: mm(0, 60).default(2),
    daysAWeek: mm(0, 7).default(2),
    weeks: mm(1, 52).default(36),
    sweat: z.enum(idOf(SWEATS)).default('some'),
    floor: z.enum(idOf(POINTE_FLOORS)).default('sprung-vinyl'),
    cure: z.enum(idOf(CURES)).default('none'),
    restHours: mm(0, 240).default(24),
    pads: padsSchema.default({}),
    sewn: setOf(z.enum(idOf(SEWING)))
      .default([])
      .describe('what is sewn already of the list')
  })
  .meta({ id: 'PointeDancer' });
export type DancerBody = z.infer<typeof dancerSchema>;
export const BLANK_DANCER: DancerBody = dancerSchema.parse({});
const seenVersion = z.number().int().min(0).optional().describe('version that was seen; another one now is a conflict');
export const dancerChangeSchema = dancerSchema.extend({ version: seenVersion }).meta({ id: 'PointeDancerChange' });

/** One shoe of a pair. */
const shoeOfPair = z.strictObject({ modelId: slug, size: mm(0, 60), mark: text(12), grade: z.enum(GRADE_IDS) });
export const pointePairSchema = z
  .strictObject({
    left: shoeOfPair,
    right: shoeOfPair,
    changes: z
      .strictObject({ vampMm: mm(30, 130), wingMm: mm(40, 150), wingOuterMm: mm(40, 150), bend: mm(0.25, 0.6), nm: mm(2, 30), paste: z.enum(idOf(PASTES)) })
      .partial()
      .default({})
      .describe('what a special order changes of the stock model'),
    orderedOn: z.union([z.literal(''), z.iso.date()]).default(''),
    begunOn: z.union([z.literal(''), z.iso.date()]).default(''),
    hours: mm(0, 500).default(0),
    died: z.enum(['', 'box', 'shank', 'twisted', 'satin']).default(''),
    note: text(400).default('')
  })
  .meta({ id: 'PointePair' });
export type PointePairBody = z.infer<typeof pointePairSchema>;
export const pointePairRow = z.object({ ...pointePairSchema.shape, id: z.number(), version: z.number() });
export type PointePairRow = z.infer<typeof pointePairRow>;
export const pointePairChangeSchema = pointePairSchema.extend({ version: seenVersion }).meta({ id: 'PointePairChange' });

export const barreSchema = z
  .strictObject({
    side: z.enum(['left', 'right', 'both']).default('both'),
    shoe: shoeOfPair,
    answers: z.partialRecord(z.enum(idOf(SYMPTOMS)), z.boolean()),
    expected: z
      .partialRecord(z.enum(HEARD_SIGNS), z.strictObject({ value: mm(-200, 200), slope: mm(-200, 200) }))
      .default({})
      .describe('what the sums said beforehand of the zone of each sign that teaches, and what a unit more of the part changes of it')
  })
  .meta({ id: 'PointeBarre' });
export type BarreBody = z.infer<typeof barreSchema>;
export const barreAnswer = z.object({ beliefs: beliefsSchema, taught: z.array(z.enum(idOf(LEARNED_PARTS))) });
export const versionAnswer = z.object({ version: z.number() });
export const dancerAnswer = z.object({
  dancer: dancerSchema,
  version: z.number().describe('0 while nothing is kept'),
  pairs: z.array(pointePairRow),
  barre: z.array(z.object({ ...barreSchema.shape, at: z.string() }))
});
export type DancerAnswer = z.infer<typeof dancerAnswer>;

/** `/pointe/check`: a foot with what the bench needs of it. */
const pointeFoot = footToFitSchema.and(
  z.object({
    pressedBallGirthMm: mm(90, 420).optional(),
    pressedBallWidthMm: mm(25, 150).optional(),
    ballWidthSeatedMm: mm(30, 160).optional(),
    bigToeLengthMm: mm(10, 120).optional(),
    tipSpanMm: mm(10, 110).optional(),
    pointReachDeg: mm(0, 140).optional(),
    demiReachDeg: mm(0, 110).optional(),
    rises: mm(0, 100).optional(),
    yields: z.enum(idOf(YIELDS)).default('medium'),
    weightKg: mm(15, 150).nullable().default(null),
    hypermobile: z.boolean().default(false),
    rolls: z.boolean().default(false)
  })
);
const ownBox = z.strictObject({
  insideLengthMm: mm(150, 320),
  jointGirthMm: mm(100, 340),
  jointWidthMm: mm(30, 130),
  taper: z.enum(idOf(TAPERS)),
  platform: z.strictObject({ widthMm: mm(20, 120), depthMm: mm(10, 45), shape: z.enum(idOf(PLATFORM_SHAPES)) }),
  vampMm: mm(20, 160),
  throat: z.enum(idOf(THROATS)),
  wingMm: mm(20, 200),
  wingOuterMm: mm(20, 200),
  shank: z.strictObject({ grade: z.enum(GRADE_IDS).optional(), nm: mm(1, 40).optional(), length: z.enum(idOf(SHANK_LENGTHS)), bend: mm(0, 1) }),
  paste: z.enum(idOf(PASTES)),
  heelHeightMm: mm(20, 100),
  heelWidthMm: mm(20, 100),
  drawstring: z.boolean().default(true)
});
export const pointeCheckSchema = z
  .strictObject({ foot: pointeFoot, shoe: z.union([shoeOfPair, ownBox]), pads: padsSchema.default({}), evidence: z.enum(idOf(EVIDENCE)).default('claimed') })
  .meta({
    id: 'PointeCheck',
    example: {
      foot: { lengthMm: 234, ballWidthMm: 85, ballGirthMm: 211, pressedBallGirthMm: 203, pointReachDeg: 94, rises: 22, weightKg: 49 },
      shoe: { modelId: 'tern', size: 35.5, mark: 'M', grade: 'soft' }
    }
  });
const banded = z.object({ low: z.number(), centre: z.number(), high: z.number() });
export const pointeCheckAnswer = z.object({
  restMm: z.number(),
  sinkMm: banded,
  wallsShare: z.number(),
  toeLoadN: z.array(z.number()),
  toeMPa: z.number(),
  hands: z.number(),
  squeezeMm: z.number(),
  sideGapMm: z.number(),
  crowdMm: z.number(),
  tipLooseMm: z.number(),
  fillerMm: z.array(z.number()),
  steadyMm: z.number(),
  vampCoverMm: z.object({ flat: z.number(), pointe: z.number() }),
  wingCoverMm: z.object({ inner: z.number(), outer: z.number() }),
  reachNeededDeg: z.number().nullable(),
  toSpareDeg: banded.nullable(),
  heldBackDeg: banded.nullable(),
  shankBandNm: z.object({ low: z.number(), high: z.number() }).nullable(),
  demiDeg: z.number(),
  pinchMm: z.number(),
  zones: z.array(z.object({ zone: z.enum(idOf(POINTE_ZONES)), value: z.number(), state: z.enum(ZONE_STATES), chance: z.number(), because: z.string() })),
  probability: z.number(),
  decidedBy: z.enum(idOf(POINTE_ZONES)),
  filled: z.array(z.enum(idOf(POINTE_GAPS))),
  cautions: z.array(z.object({ id: z.enum(idOf(POINTE_CAUTIONS)), words: z.string() }))
});
export const pointeRankSchema = z
  .strictObject({
    left: pointeFoot,
    right: pointeFoot,
    pads: padsSchema.default({}),
    special: z.boolean().default(false).describe('any grade, to order'),
    most: z.number().int().min(1).max(100).default(20)
  })
  .meta({ id: 'PointeRank', example: { left: { lengthMm: 234, pointReachDeg: 94, weightKg: 49 }, right: { lengthMm: 236, pointReachDeg: 93, weightKg: 49 } } });
const ranked = z.object({
  size: z.number(),
  mark: z.string(),
  grade: z.enum(GRADE_IDS),
  probability: z.number(),
  sinkMm: z.number(),
  decidedBy: z.enum(idOf(POINTE_ZONES))
});
export const pointeRankAnswer = z.object({
  pairs: z.array(
    z.object({
      modelId: z.string(),
      name: z.string(),
      maker: z.string(),
      split: z.boolean(),
      probability: z.number(),
      score: z.number(),
      left: ranked,
      right: ranked
    })
  )
});
export const pointeBarreCheckSchema = z
  .strictObject({ answers: z.partialRecord(z.enum(idOf(SYMPTOMS)), z.boolean()), priors: z.partialRecord(z.enum(idOf(CAUSES)), mm(0, 1)).default({}) })
  .meta({ id: 'PointeCauses', example: { answers: { sinks: true, 'heel-bag': true } } });
export const pointeBarreCheckAnswer = z.object({
  shares: z.array(z.object({ cause: z.enum(idOf(CAUSES)), share: z.number() })),
  opposites: z.array(z.enum(idOf(CAUSES))).nullable(),
  next: z.enum(idOf(NEXTS)).nullable()
});
