import { FEELS, FLAG_IDS, KIND_IDS, PREFERENCES, ZONE_IDS, ZONE_STATES } from '@chiave/core/fit';
import { TRUTHS } from '@chiave/core/learn';
import { MEASURE_IDS, SIDES } from '@chiave/core/measure';
import { parseSize } from '@chiave/core/size';
import { z } from 'zod';
import { anyScaleId } from './scale-id';
import { postCostsSchema, USUAL_COSTS } from './post-schema';
import { setOf } from './sets';
import { shoeSchema } from './shoe-schema';
import { idOf, mm, text } from './values';

/** Two feet behind the shoes somebody wears. */
const sizeText = z
  .string()
  .max(12)
  .refine((size) => parseSize(size) !== null, 'a size as 7, 7 1/2 or 41 2/3');
const felt = z.partialRecord(z.enum(ZONE_IDS), z.enum(ZONE_STATES));
const label = z.strictObject({ scale: anyScaleId, size: sizeText, school: z.string().max(20).optional(), width: text(12).optional() });
const knownShoe = z
  .strictObject({
    id: text(60).optional().describe('what the answer calls it; its place where it is left out'),
    style: shoeSchema.optional().describe('what is known of its inside'),
    styleId: text(60).optional().describe('of the stockroom, with size and width'),
    size: sizeText.optional(),
    width: text(12).optional(),
    label: label.optional().describe('only what is written in it'),
    kind: z.enum(KIND_IDS).optional().describe('of a shoe known by its label'),
    whole: z.enum(idOf(FEELS)).optional().describe('how the whole shoe feels'),
    zones: z.strictObject({ left: felt.optional(), right: felt.optional() }).default({}).describe('how each zone feels'),
    worn: z.boolean().default(true).describe('it is worn, or was kept: what is not spoken of is at least bearable'),
    hours: mm(0, 20_000).optional(),
    sockMm: mm(0, 12).default(0)
  })
  .refine((s) => [s.style, s.styleId, s.label].filter((w) => w !== undefined).length === 1, {
    path: ['style'],
    error: 'say which shoe in one way: its inside as style, a style of the stockroom as styleId, or its label'
  })
  .refine((s) => s.styleId === undefined || (s.size !== undefined && s.width !== undefined), {
    path: ['size'],
    error: 'a style of the stockroom needs its size and width'
  });
const taped = z.partialRecord(z.enum(MEASURE_IDS), z.union([mm(10, 500), z.strictObject({ mm: mm(10, 500), sdMm: mm(0.1, 40) })]));
const fields = {
  shoes: z.array(knownShoe).max(24, 'at most two dozen shoes').default([]),
  tape: z.strictObject({ left: taped.optional(), right: taped.optional() }).default({}),
  preference: z.enum(PREFERENCES).default('regular'),
  flags: setOf(z.enum(FLAG_IDS)).default([]).describe('words of feet that feel little are no evidence')
};
const somethingSaid = (b: { shoes: unknown[]; tape: { left?: unknown; right?: unknown } }): boolean =>
  b.shoes.length > 0 || b.tape.left !== undefined || b.tape.right !== undefined;
const SAY = { path: ['shoes'], error: 'name a shoe that is worn, or a measure by tape' };
export const learnFootSchema = z
  .strictObject(fields)
  .refine(somethingSaid, SAY)
  .meta({
    id: 'LearnFoot',
    example: {
      shoes: [
        { label: { scale: 'eu', size: '39' }, kind: 'sneaker', whole: 'comfortable' },
        { label: { scale: 'uk', size: '5 1/2' }, kind: 'oxford', whole: 'half-tight', zones: { left: { 'ball-girth': 'snug' } } }
      ],
      tape: { left: { lengthMm: 241 } }
    }
  });

const number = z.number();
const value = z.object({ mm: number, sdMm: number });
const foot = z.record(z.enum(MEASURE_IDS), value);
const liked = z.object({ left: value, right: value });
export const learnFootAnswer = z.object({
  left: foot,
  right: foot,
  liking: value.describe('how much more room than usual is liked, mm'),
  asLiked: liked.describe('length a size is chosen by'),
  words: z.array(
    z.object({ shoe: z.string(), side: z.enum(SIDES).nullable(), zone: z.string(), word: z.string(), chance: number, slipped: number, odd: z.boolean() })
  ),
  pairs: z.array(z.object({ shoe: z.string(), aloneMm: number, aloneSdMm: number, share: number, sizesOff: number, sd: number, odd: z.boolean() })),
  tape: z.array(z.object({ side: z.enum(SIDES), measure: z.enum(MEASURE_IDS), expectedMm: number, sdMm: number, odd: z.boolean() })),
  needs: z.array(z.object({ measure: z.enum(MEASURE_IDS), worth: number })).describe('what a tape would tell most, best first'),
  questions: z.array(z.string()).describe('what should be asked about, in words'),
  leftOut: z.array(z.string()).describe('shoes whose words are no evidence, and why')
});
const between = z.object({ low: number, high: number });
const calibration = z.object({
  n: number.describe('pairs that ended and tell'),
  good: number,
  promised: number.describe('as many were promised'),
  came: between.describe('share that came out, 90 in 100'),
  brier: number,
  bins: z.array(z.object({ lowest: number, highest: number, said: number, n: number, good: number, came: between })),
  error: number,
  errorByChance: number.describe('as far as true chances would be off by chance, 95 times in 100'),
  levelZ: number,
  spreadZ: number,
  truth: z.enum(TRUTHS),
  missing: number.describe('pairs still missing before anything may be said'),
  correction: z.object({ a: number, b: number }).nullable()
});
export const calibrationAnswer = z.object({
  all: calibration.nullable(),
  kinds: z.array(z.object({ kind: z.enum(KIND_IDS), calibration })),
  zones: z.array(z.object({ zone: z.enum(ZONE_IDS), calibration })),
  fitters: z.array(z.object({ fitter: z.string(), calibration })),
  untold: number.describe('pairs that ended without a word of whether they fitted')
});
/** Which sizes of a style to send by post. */
export const learnSendSchema = z
  .strictObject({
    ...fields,
    styleId: text(60).describe('the style that is sent'),
    post: postCostsSchema.default(USUAL_COSTS).describe('what a kept pair brings, and what a pair costs on its way out and back')
  })
  .refine(somethingSaid, SAY)
  .meta({ id: 'LearnSend', example: { styleId: 'usher', shoes: [{ label: { scale: 'eu', size: '41' }, kind: 'sneaker', whole: 'comfortable' }] } });
const sent = z.object({ size: z.string(), width: z.string() });
export const learnSendAnswer = z.object({
  each: z.array(sent.extend({ chance: number })).describe('each by itself, best first'),
  sets: z.array(
    z.object({ pairs: z.array(sent), chance: number.describe('that every zone of both feet lies within in one of them'), gain: number, worth: z.boolean() })
  ),
  askFirst: z.enum(MEASURE_IDS).nullable().describe('what a tape would tell most')
});
/** What people with feet alike kept. */
export const alikeSchema = z
  .strictObject({ fittingId: z.int().min(1).describe('whose feet'), styles: z.array(text(60)).min(1).max(60, 'at most 60 styles') })
  .meta({ id: 'AlikeFeet', example: { fittingId: 3, styles: ['usher'] } });
export const alikeAnswer = z.object({
  people: z.number().describe('with feet alike; 0 where they are fewer than may be told'),
  lines: z.array(z.object({ style: z.string(), tried: z.number(), kept: z.number(), share: z.number() })),
  least: z.number().describe('under so many nothing is told')
});
