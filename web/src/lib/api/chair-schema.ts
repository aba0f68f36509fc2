import { HAND_PARTS, STEP_IDS } from '@chiave/core/chair';
import { ZONE_IDS } from '@chiave/core/fit';
import { SIDES } from '@chiave/core/measure';
import { z } from 'zod';
import { RETURN_REASONS } from './outcomes';
import { idOf, mm, text } from './values';

/** What was seen at a step: passed or not, a length, words. */
const answer = z.strictObject({ ok: z.boolean().optional(), mm: mm(-50, 100).optional(), words: text(200).optional() });
const timer = z.strictObject({
  step: z.enum(STEP_IDS),
  since: z.iso.datetime().nullable().describe('when it began or went on; null while it is paused'),
  before: z.number().min(0).max(1_000_000).describe('seconds that had passed before that'),
  minutes: z.number().min(0.05).max(1440),
  answered: z.boolean()
});
/** The protocol of one pair, as far as it came. */
export const chairSchema = z
  .strictObject({
    steps: z.partialRecord(z.enum(STEP_IDS), z.strictObject({ left: answer.optional(), right: answer.optional(), pair: answer.optional() })).default({}),
    timers: z.array(timer).max(12, 'at most a dozen timers').default([])
  })
  .meta({ id: 'AtTheChair' });
export type ChairKept = z.infer<typeof chairSchema>;
export const BLANK_CHAIR: ChairKept = { steps: {}, timers: [] };

/** Why a pair was left or came back, as codes beside the words. */
export const reasonSchema = z
  .strictObject({ code: z.enum(idOf(RETURN_REASONS)), zone: z.enum(ZONE_IDS).optional(), side: z.enum(SIDES).optional() })
  .meta({ id: 'WhyLeft' });
export type ReasonKept = z.infer<typeof reasonSchema>;

/** One candidate on each foot, and which won. */
const bout = z
  .strictObject({ left: z.int().min(1), right: z.int().min(1), winner: z.int().min(1).nullable().describe('null where there was no difference') })
  .refine((b) => b.left !== b.right, { path: ['right'], error: 'one pair on each foot' })
  .refine((b) => b.winner === null || b.winner === b.left || b.winner === b.right, { path: ['winner'], error: 'one of the two, or null' });
export const boutsSchema = z.array(bout).max(120, 'at most 120 comparisons');

/** Taken out of what is learned, by whom and why; it can be put back. */
export const excludedSchema = z.strictObject({ by: text(60), at: z.iso.datetime(), why: text(300) });

/** What was expected when the pair was carried to the chair: clearance, doubt and the chance to lie within. */
export const toldSchema = z.partialRecord(
  z.enum(SIDES),
  z.partialRecord(z.enum(ZONE_IDS), z.strictObject({ mm: z.number(), sdMm: z.number().min(0), chance: z.number().min(0).max(1) }))
);
/** With what a pair was tried: what learning needs to be done again by another engine. */
export const triedWithSchema = z.strictObject({
  by: text(60).describe('who noted it'),
  feetVersion: z.int(),
  lastId: text(60),
  lastVersion: z.int(),
  styleVersion: z.int(),
  sockMm: z.number(),
  insertMm: z.number(),
  targets: text(20).describe('stamp of the shop’s targets'),
  learned: text(20).describe('stamp of the offsets in use')
});
export type TriedWith = z.infer<typeof triedWithSchema>;

/** A fitter’s own thumb and finger, by name. */
const hand = z.strictObject(Object.fromEntries(HAND_PARTS.map((p) => [p.id, mm(p.low, p.high).optional()])) as Record<(typeof HAND_PARTS)[number]['id'], z.ZodOptional<ReturnType<typeof mm>>>); // prettier-ignore
export const handsSchema = z
  .strictObject({ hands: z.record(z.string().trim().min(1, 'a name').max(60), hand).refine((h) => Object.keys(h).length <= 100, 'at most a hundred hands') })
  .meta({ id: 'Hands', example: { hands: { 'Dora M.': { thumbMm: 21.5, fingerMm: 16 } } } });
export type Hands = z.infer<typeof handsSchema>['hands'];
