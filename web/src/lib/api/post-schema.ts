import { MOST_SENT } from '@chiave/core/learn';
import { z } from 'zod';
import { reasonSchema } from './chair-schema';
import { OUTCOMES } from './outcomes';
import { idOf, text } from './values';

/** Pairs sent to somebody who tries them at home. */
export const day = z.iso.date('a day as 2026-11-28');
const money = z.number().min(0, 'from 0').max(100_000, 'up to 100000');
export const postCostsSchema = z.strictObject({
  marginEach: money.describe('what a kept pair brings'),
  out: money.describe('what a pair costs on its way out'),
  back: money.describe('and on its way back')
});
export type PostCosts = z.infer<typeof postCostsSchema>;
export const USUAL_COSTS: PostCosts = { marginEach: 60, out: 6, back: 6 };
export const postSchema = z
  .strictObject({
    pairs: z
      .array(z.strictObject({ styleId: text(60), size: text(12), width: text(12) }))
      .min(1, 'at least one pair')
      .max(MOST_SENT, `at most ${MOST_SENT} pairs`),
    sentOn: day,
    dueOn: day.nullable().describe('the maker’s last day to send back'),
    chance: z.number().min(0).max(1).nullable().describe('that one of them fits, as planned'),
    costs: postCostsSchema.default(USUAL_COSTS),
    check: text(600).default('').describe('what the wearer is asked to look at')
  })
  .refine((p) => p.dueOn === null || p.dueOn >= p.sentOn, { path: ['dueOn'], error: 'the last day to send back lies before the day it is sent' })
  .meta({
    id: 'PostToSend',
    example: {
      pairs: [{ styleId: 'calma-loafer', size: '41 1/2', width: 'F' }],
      sentOn: '2026-11-28',
      dueOn: '2026-12-18',
      chance: 0.41,
      check: 'the ball, after an hour'
    }
  });
export const postPatchSchema = z.strictObject({ dueOn: day.nullable(), version: z.int().optional() }).meta({ id: 'PostPatch' });
const sentPair = z.object({
  tryId: z.number(),
  styleId: z.string(),
  size: z.string(),
  width: z.string(),
  outcome: z.enum(idOf(OUTCOMES)),
  reason: reasonSchema.nullable(),
  chance: z.number(),
  version: z.number()
});
export const postRow = z
  .object({
    id: z.number(),
    customerId: z.number(),
    person: z.string(),
    fittingId: z.number(),
    sentOn: z.string(),
    dueOn: z.string().nullable(),
    chance: z.number().nullable(),
    costs: postCostsSchema,
    check: z.string(),
    closedOn: z.string().nullable().describe('nothing of it is undecided any more'),
    version: z.number(),
    pairs: z.array(sentPair)
  })
  .meta({ id: 'Post' });
export type PostRow = z.infer<typeof postRow>;
const count = z.number();
export const postsAnswer = z.object({
  posts: z.array(postRow),
  counts: z.object({ parcels: count, sent: count, kept: count, back: count, out: count, oneKept: count, promised: count })
});
