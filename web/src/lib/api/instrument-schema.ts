import { SIDES, WAYS } from '@chiave/core/measure';
import { z } from 'zod';
import { TAKEN_IDS } from './foot-schema';
import { idOf } from './values';

export const INSTRUMENT_WAYS = WAYS.filter((w) => w.instrument);
const instrument = z.enum(idOf(INSTRUMENT_WAYS));
const measure = z.enum(TAKEN_IDS);

/** What somebody accepted of an instrument: from then on its readings of a measure are taken with it. */
export const correctionSchema = z
  .object({
    measure,
    how: instrument,
    against: instrument,
    biasMm: z.number().describe('taken off its readings, mm; the readings themselves stay as they were taken'),
    sdMm: z.number().describe('what one reading errs by, mm'),
    from: z.iso.datetime().describe('readings from this moment on'),
    by: z.string()
  })
  .meta({ id: 'InstrumentCorrection' });
export type InstrumentCorrection = z.output<typeof correctionSchema>;
export const correctionsSchema = z.array(correctionSchema);

/** Accepts what two instruments agree on, for the first of them, or leaves it again. */
export const acceptSchema = z
  .object({ measure, how: instrument, against: instrument, accepted: z.boolean() })
  .refine(({ how, against }) => how !== against, { path: ['against'], message: 'an instrument is held against another one' })
  .meta({ id: 'AcceptInstrument' });

/** What an instrument read of a foot at a visit. */
export const instrumentReadingRow = z.object({
  fittingId: z.number(),
  side: z.enum(SIDES),
  field: z.string(),
  how: z.string(),
  takenBy: z.string(),
  mm: z.number(),
  takenAt: z.string()
});
/** Somebody checked an instrument: what it read before counts no more. */
export const checkedSchema = z
  .object({ how: instrument, checked: z.boolean().describe('false counts all of its readings again') })
  .meta({ id: 'CheckInstrument' });
const check = z.object({ how: instrument, at: z.iso.datetime(), by: z.string() });
export const checksSchema = z.array(check);
export type InstrumentCheck = z.output<typeof check>;
const number = z.number();
const pair = z.object({ person: number, d: number.describe('first less second, mm'), mean: number, at: z.string(), by: z.string() });
export const agreementRow = z
  .object({
    measure,
    how: instrument,
    against: instrument,
    pairs: z.array(pair),
    agreement: z.object({
      persons: number,
      pairs: number,
      says: z.enum(['points', 'few', 'limits']),
      biasMm: number,
      biasHalfMm: number,
      sdMm: number,
      limits: z.tuple([number, number])
    }),
    hands: z.array(z.object({ by: z.string(), pairs: number, biasMm: number })),
    ownSdMm: number.nullable().describe('what the first errs by, from feet that two hands read with it, mm'),
    drift: z.object({
      foundAt: number.nullable(),
      way: z.enum(['more', 'less']).nullable(),
      at: z.string().nullable(),
      sums: z.array(number).describe('cumulated sums, one a person and day, in deviations'),
      callsAt: number.describe('beyond this it is called out')
    }),
    correction: correctionSchema.nullable()
  })
  .meta({ id: 'InstrumentAgreement' });
export type AgreementRow = z.output<typeof agreementRow>;
export const agreementsAnswer = z.object({ agreements: z.array(agreementRow), corrections: correctionsSchema, checks: checksSchema });
