import { CLOSE_UPS } from '@chiave/core/attributes';
import { FLAG_IDS, KIND_IDS, VERDICTS, type ShopTargets } from '@chiave/core/fit';
import { OFFSETS } from '@chiave/core/last';
import { SIDES, STATE_STEP_IDS } from '@chiave/core/measure';
import { z } from 'zod';
import { pullRow, useAskedSchema, type PullRow } from './use-schema';
import { consentsShape } from './consent';
import { feetOut, footAnswer, footIn, type FeetBody } from './foot-schema';
import { chairSchema, excludedSchema, reasonSchema, toldSchema, triedWithSchema } from './chair-schema';
import { OUTCOMES } from './outcomes';
import { pairPutSchema } from './put-schema';
import { lastShape, matrixSchema, readingFields, styleFields } from './stock-schema';
import { correctionsSchema, type InstrumentCorrection } from './instrument-schema';
import { felt, fittingFields, outlinePoint, personFields, tracingFields } from './shop-schema';
import { habitFields, makerScaleFields } from './size-schema';
import { targetsSchema } from './targets-schema';
import { idOf } from './values';

/** What is kept, as it is read: rows of the database as pages and answers have them. */
const nullableNumber = z.number().nullable();

export const customerRow = personFields
  .omit({ consent: true, guardian: true })
  .extend({
    id: z.number(),
    name: z.string(),
    story: z.string().nullable(),
    flags: z.array(z.enum(FLAG_IDS)),
    version: z.number(),
    consentAt: z.string().nullable().describe('when the person agreed that this is kept; null while it has not been asked'),
    erasedAt: z.string().nullable(),
    consents: consentsShape,
    guardian: z.string().describe('who agrees for a child'),
    withheld: z.boolean().describe('there are health notes that whoever asks may not see: flags and story are left out')
  })
  .meta({ id: 'Person' });
export type CustomerRow = z.infer<typeof customerRow>;

/** A person in a list: with when they were last fitted and the lengths measured then. */
export const customerLine = customerRow.extend({ fittings: z.number(), lastSeen: z.string().nullable(), leftMm: nullableNumber, rightMm: nullableNumber });
export type CustomerLine = z.infer<typeof customerLine>;
export const peoplePage = z.object({
  customers: z.array(customerLine),
  next: nullableNumber.describe('id to ask for the next page with; null on the last'),
  total: z.number().describe('how many are found in all')
});
export type PeoplePage = z.infer<typeof peoplePage>;

export const tryRow = z
  .object({
    id: z.number(),
    fittingId: z.number(),
    styleId: z.string(),
    size: z.string(),
    width: z.string(),
    put: pairPutSchema.describe('what was put into either shoe'),
    felt: z.object({ left: felt, right: felt }),
    outcome: z.enum(idOf(OUTCOMES)),
    why: z.string(),
    verdict: z.enum(VERDICTS),
    probability: z.number(),
    said: z.string(),
    engine: z.string(),
    chair: chairSchema,
    reason: reasonSchema.nullable(),
    told: toldSchema.nullable().describe('what was expected zone by zone'),
    triedWith: triedWithSchema.nullable(),
    excluded: excludedSchema.nullable().describe('taken out of what is learned'),
    postId: z.number().nullable().describe('sent by post'),
    version: z.number(),
    createdAt: z.string()
  })
  .meta({ id: 'TriedPair' });
export type TryRow = z.infer<typeof tryRow>;

const outlineRow = z.array(outlinePoint);
export type OutlineRow = z.infer<typeof outlineRow>;
const visit = fittingFields.extend({
  id: z.number(),
  openedAt: z.string(),
  updatedAt: z.string(),
  kinds: z.array(z.enum(KIND_IDS)),
  stateOff: z.array(z.enum(STATE_STEP_IDS)),
  use: useAskedSchema,
  outlines: z
    .object({ left: outlineRow.nullable(), right: outlineRow.nullable() })
    .describe('the outline of each foot that was traced last, mm: x forward from the heel, y to the inner side; the fit runs along it'),
  tries: z.array(tryRow),
  version: z.number(),
  feetVersion: z.number()
});
/** A visit of a person as it is answered. */
export const fittingAnswer = visit
  .extend({
    feet: z.record(z.enum(SIDES), footAnswer),
    customer: customerRow,
    shopTargets: targetsSchema.nullable(),
    shopInstruments: correctionsSchema,
    shopPulls: z.array(pullRow)
  })
  .meta({ id: 'Fitting' });
/** A visit of a person as pages hold it. */
export type FittingRow = z.infer<typeof visit> & {
  feet: FeetBody;
  customer: CustomerRow;
  shopTargets: ShopTargets | null;
  shopInstruments: InstrumentCorrection[];
  shopPulls: PullRow[];
};
export type FittingAnswer = Omit<FittingRow, 'feet'> & { feet: ReturnType<typeof feetOut> };
export const fittingOut = (row: FittingRow): FittingAnswer => ({ ...row, feet: feetOut(row.feet) });
export const fittingIn = ({ feet, ...row }: FittingAnswer): FittingRow => ({ ...row, feet: { left: footIn(feet.left), right: footIn(feet.right) } });
export const fittingsAnswer = z.object({ fittings: z.array(fittingAnswer), next: nullableNumber });

export const changeRow = z.object({ at: z.string(), by: z.string(), what: z.string(), changed: z.record(z.string(), z.unknown()) }).meta({ id: 'Change' });
export type ChangeRow = z.infer<typeof changeRow>;

export const tracingRow = tracingFields
  .extend({ id: z.number(), source: z.string(), createdAt: z.string(), file: z.string().nullable().describe('name of the scan that is kept with it') })
  .meta({ id: 'KeptTracing' });
export type TracingRow = z.infer<typeof tracingRow>;

const offset = z.object({ mm: z.number(), sdMm: z.number() });
export const lastRow = lastShape
  .extend({
    version: z.number(),
    learned: z
      .object({ by: z.partialRecord(z.enum(OFFSETS), offset), sheet: lastShape.pick({ base: true, taperShiftMm: true, evidence: true }) })
      .optional()
      .describe('what the shop took over from its try-ons, and the sheet under it')
  })
  .meta({ id: 'KeptLast' });
export type LastRow = z.infer<typeof lastRow>;
const { last: _last, ...ownFields } = styleFields.shape;
export const styleRow = z
  .object({
    ...ownFields,
    maker: z.object({ id: z.string(), name: z.string() }),
    last: lastRow,
    letters: z.array(z.string()),
    details: styleFields.shape.details.required(),
    version: z.number()
  })
  .meta({ id: 'Style' });
/** A style as the stockroom keeps it; the fit takes it as it is. */
export type StyleRow = z.infer<typeof styleRow>;

export const habitRow = habitFields.extend({ id: z.number(), createdAt: z.string() }).meta({ id: 'HabitReport' });
export type HabitRow = z.infer<typeof habitRow>;

export const readingRow = readingFields.extend({ id: z.number() }).meta({ id: 'KeptReading' });
export type ReadingRow = z.infer<typeof readingRow>;
export const makerScaleRow = z
  .object({ id: z.number(), makerId: z.string(), maker: z.string(), definition: makerScaleFields.omit({ makerId: true }) })
  .meta({ id: 'KeptMakerScale' });
export type MakerScaleRow = z.infer<typeof makerScaleRow>;
export const photoRow = z.object({ id: z.number(), shows: z.enum(CLOSE_UPS), caption: z.string() }).meta({ id: 'KeptPhoto' });
export type PhotoRow = z.infer<typeof photoRow>;
export const matrixRow = matrixSchema.extend({ id: z.number() }).meta({ id: 'KeptMatrix' });
export type SavedMatrix = z.infer<typeof matrixRow>;
