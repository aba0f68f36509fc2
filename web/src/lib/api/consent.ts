import { z } from 'zod';

/** What somebody agrees to, each by itself; taken back as easily as it was given. */
export const PURPOSES = [
  {
    id: 'fitting',
    name: 'Fitting',
    words: 'measures of the feet, what was tried and what fits',
    back: 'Nothing goes on teaching the shop; to have it erased, ask below.'
  },
  {
    id: 'health',
    name: 'Health notes',
    words: 'what is to be taken care of, story, troubles, looks at the feet',
    back: 'Taken back, all of them are erased at once.'
  },
  { id: 'photos', name: 'Photographs', words: 'tracings and scans of the feet, and pictures of pairs', back: 'Taken back, all of them are erased at once.' },
  { id: 'reminders', name: 'Reminders', words: 'messages about what is due', back: 'Taken back, none is offered any more.' }
] as const;
export type PurposeId = (typeof PURPOSES)[number]['id'];
export const PURPOSE_IDS = PURPOSES.map((p) => p.id) as [PurposeId, ...PurposeId[]];
export const consentSchema = z.strictObject({ purpose: z.enum(PURPOSE_IDS), agreed: z.boolean() }).meta({ id: 'Consent' });
const answer = z.object({ agreed: z.boolean(), at: z.string() });
/** What was answered to each, and when; null where it was never asked. */
export const consentsShape = z.object(Object.fromEntries(PURPOSE_IDS.map((id) => [id, answer.nullable()])) as Record<PurposeId, z.ZodNullable<typeof answer>>);
export type Consents = z.infer<typeof consentsShape>;
/** As they are kept: only what was answered. */
export const keptConsents = z.partialRecord(z.enum(PURPOSE_IDS), answer);
export type KeptConsents = z.infer<typeof keptConsents>;

/** How long somebody who does not come is kept. */
export const retentionSchema = z.strictObject({ years: z.number().int().min(1, 'at least a year').max(30, 'at most 30 years') }).meta({ id: 'Retention' });
export const USUAL_RETENTION_YEARS = 5;
/** Younger than this, somebody else agrees for them. */
export const ADULT_AT = 18;
