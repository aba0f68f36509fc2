import { KEEP_REASONS, LAST_VERDICTS, OFFSETS } from '@chiave/core/learn';
import { KIND_IDS } from '@chiave/core/fit';
import { z } from 'zod';
import { text } from './values';

/** What is learned of: a last, or our targets for a kind. */
export const SUBJECTS = ['last', 'kind'] as const;
export type SubjectId = (typeof SUBJECTS)[number];
/** What the owner answered: it holds until it is withdrawn. */
export const LEARNED_ANSWERS = ['accepted', 'refused', 'withdrawn'] as const;
export type LearnedAnswerId = (typeof LEARNED_ANSWERS)[number];

export const learnedAnswerSchema = z
  .strictObject({
    subject: z.enum(SUBJECTS),
    id: text(60).describe('the last, or the kind'),
    channel: z.enum(OFFSETS).describe('which part of it'),
    answer: z.enum(LEARNED_ANSWERS)
  })
  .meta({ id: 'AnswerToLearned', example: { subject: 'last', id: 'calma-70', channel: 'length', answer: 'accepted' } });

const value = z.object({ mm: z.number(), sdMm: z.number() });
export const answerRow = z.object({
  subject: z.enum(SUBJECTS),
  id: z.string(),
  channel: z.enum(OFFSETS),
  answer: z.enum(LEARNED_ANSWERS),
  mm: z.number(),
  sdMm: z.number(),
  people: z.number(),
  words: z.number(),
  by: z.string(),
  at: z.string()
});
export type AnswerRow = z.infer<typeof answerRow>;
const lastSays = z.object({
  last: z.string(),
  channel: z.enum(OFFSETS),
  own: value,
  net: value,
  people: z.number(),
  words: z.number(),
  fitters: z.number(),
  sheetShare: z.number(),
  verdict: z.enum(LAST_VERDICTS)
});
const targetSays = z.object({
  kind: z.enum(KIND_IDS),
  channel: z.enum(OFFSETS),
  mm: z.number(),
  sdMm: z.number(),
  people: z.number(),
  words: z.number(),
  fitters: z.number(),
  off: z.boolean().describe('the whole kind stands off'),
  move: z.number().nullable(),
  keep: z.enum(KEEP_REASONS).nullable(),
  missing: z.number()
});
const waySays = z.object({ fitter: z.string(), channel: z.enum(OFFSETS), words: z.number(), mm: z.number(), sdMm: z.number() });
/** What a whole shop's words come to. */
export const shopLearned = z.object({
  lasts: z.array(lastSays),
  ways: z.array(waySays),
  targets: z.array(targetSays),
  people: z.number(),
  pairs: z.number(),
  words: z.number(),
  leftOut: z.object({ excluded: z.number(), numb: z.number(), helps: z.number(), gone: z.number() }),
  /** Pairs whose clearances were expected by an engine of another version, and how far apart the two are, mm on average. */
  otherEngine: z.object({ pairs: z.number(), meanMm: z.number() })
});
export type ShopLearned = z.infer<typeof shopLearned>;
export const learningState = z.object({
  state: z.enum(['none', 'running', 'done', 'stopped', 'failed']),
  done: z.number(),
  of: z.number(),
  at: z.string().nullable().describe('when it was learned'),
  stale: z.boolean().describe('words have come since'),
  learned: shopLearned.nullable(),
  answers: z.array(answerRow)
});
export type LearningState = z.infer<typeof learningState>;
export const answeredAnswer = z.object({ answers: z.array(answerRow) });
