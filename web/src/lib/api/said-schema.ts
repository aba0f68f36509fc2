import { z } from 'zod';
import { text } from './values';

/** Answers that are sent: one shape for all of them, so that screen, paper and PDF are made once. */
export const ANSWER_KINDS = [
  { id: 'size', name: 'your size in another' },
  { id: 'compare', name: 'two styles beside each other' },
  { id: 'first', name: 'which first pair' },
  { id: 'arrive', name: 'what to look at when it arrives' },
  { id: 'measure', name: 'how to measure yourself at home' }
] as const;
export type AnswerKindId = (typeof ANSWER_KINDS)[number]['id'];
/** A part of a card: a heading, and lines each with a figure at its side or none. */
const part = z.strictObject({
  heading: text(80),
  lines: z
    .array(z.strictObject({ text: text(400), figure: text(60).default(''), source: text(300).default('').describe('where it comes from') }))
    .max(24, 'at most 24 lines')
});
export const saidCardSchema = z.strictObject({
  title: text(120).min(1, 'a card has a title'),
  question: text(300).default(''),
  /** What stands large. */
  answer: text(60).default(''),
  under: text(200).default(''),
  parts: z.array(part).max(8, 'at most eight parts'),
  reservations: z.array(text(400)).max(12, 'at most twelve'),
  /** With the gauge for home on its back. */
  gauge: z.boolean().default(false),
  shop: text(120).default('')
});
export type SaidCard = z.infer<typeof saidCardSchema>;
export const saidSchema = z
  .strictObject({
    customerId: z.number().int().positive().nullable().default(null),
    askedBy: text(120).default('').describe('who asked, where it is nobody of ours'),
    kind: z.enum(ANSWER_KINDS.map((k) => k.id)),
    about: text(140).min(1, 'what it is about, without a name: “avenue 38 in calma”').describe('the question without who asked: alike ones are counted'),
    card: saidCardSchema,
    engine: text(10).default('')
  })
  .meta({
    id: 'AnswerToSend',
    example: { kind: 'size', about: 'lakeside in moonrise', card: { title: '38½ in Moonrise', answer: '39', parts: [], reservations: ['a strap gives'] } }
  });
export const saidRow = z
  .object({
    id: z.number(),
    customerId: z.number().nullable(),
    person: z.string(),
    kind: z.enum(ANSWER_KINDS.map((k) => k.id)),
    about: z.string(),
    card: saidCardSchema,
    engine: z.string(),
    by: z.string(),
    said: z.number().describe('how often it was said'),
    saidAt: z.string()
  })
  .meta({ id: 'SaidAnswer' });
export type SaidRow = z.infer<typeof saidRow>;
export const saidListAnswer = z.object({
  answers: z.array(saidRow),
  alike: z.array(z.object({ kind: z.enum(ANSWER_KINDS.map((k) => k.id)), about: z.string(), people: z.number(), times: z.number() })).describe('asked by several, counted without names') // prettier-ignore
});
export type AlikeQuestion = z.infer<typeof saidListAnswer>['alike'][number];
export const saidKeptAnswer = z.object({ id: z.number(), said: z.number() });
/** Fewer who asked the same are nobody’s business. */
export const ASKED_ALIKE = 3;
