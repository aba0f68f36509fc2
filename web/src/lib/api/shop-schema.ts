import { BETWEEN_SCHOOLS, BREAK_INS, FLAG_IDS, KIND_IDS, PREFERENCES, ROOM_SCHOOLS, ZONE_IDS, ZONE_STATES } from '@chiave/core/fit';
import { GROUNDS } from '@chiave/core/heel';
import { FITS_AS, hourOf, MEASURE_GROUP_IDS, POPULATIONS, SIDES, STATE_STEP_IDS } from '@chiave/core/measure';
import { footLineProblem } from '@chiave/core/tracing';
import { z } from 'zod';
import { footSchema, loadId } from './foot-schema';
import { boutsSchema, chairSchema, reasonSchema } from './chair-schema';
import { pairPutSchema } from './put-schema';
import { OUTCOMES } from './outcomes';
import { setOf } from './sets';
import { useAskedSchema } from './use-schema';
import { idOf, text } from './values';

const thisYear = new Date().getUTCFullYear();

/** The version that was seen; a save over a newer one is a conflict, 409. Left out, the save goes through. */
const versionSeen = z.number().int().min(0).optional();

/** What is kept of a person. */
export const personFields = z.object({
  name: text(120).trim().min(1, 'a name, or a word to find the person by'),
  born: z
    .number('write the year with four figures')
    .int('write the year with four figures')
    .min(1900, 'a year from 1900 on')
    .max(thisYear, 'not in the future')
    .nullable(),
  bornMonth: z.number().int().min(1, 'a month from 1 to 12').max(12, 'a month from 1 to 12').nullable(),
  fitsAs: z.enum(FITS_AS),
  work: text(200),
  story: text(2000),
  flags: setOf(z.enum(FLAG_IDS)),
  consent: z.boolean().describe('the person agreed that this is kept'),
  consentNote: text(500),
  guardian: text(120).describe('who agrees for a child')
});
/** A new person: a name is enough. */
export const customerSchema = personFields.partial().required({ name: true }).meta({ id: 'Customer' });

/** Any part of what is kept of a person. */
export const customerPatchSchema = personFields.partial().extend({ version: versionSeen }).meta({ id: 'CustomerPatch' });

const afterId = z.coerce.number().int().min(1).optional().describe('id of the row the page begins behind, as the last answer’s `next`');
const atOnce = (most: number, usual: number) => z.coerce.number().int().min(1).max(most, `at most ${most} at once`).default(usual);
/** `GET /customers`: which people. */
export const peoplePageSchema = z.object({
  search: text(200).optional().describe('beginnings of words in name, work and story; all must be found'),
  limit: atOnce(200, 50),
  after: afterId,
  measured: z.stringbool().optional().describe('only those of whom a foot was measured')
});
/** `GET /customers/{id}/fittings`: how many. */
export const fittingsPageSchema = z.object({ limit: atOnce(100, 20), after: afterId });

const time = text(10).refine((t) => t === '' || hourOf(t) !== null, 'write the time as HH:MM, or morning, noon, evening');

const kilograms = z.number().min(2, 'from 2 to 400 kg').max(400, 'from 2 to 400 kg').nullable();

/** What is asked and seen in a fitting. */
export const fittingFields = z.object({
  purpose: text(300),
  kinds: setOf(z.enum(KIND_IDS)),
  sockMm: z.number().min(0, 'a sock is 0 to 12 mm').max(12, 'a sock is 0 to 12 mm'),
  insertMm: z.number().min(-12, 'from -12 to 20 mm').max(20, 'from -12 to 20 mm'),
  preference: z.enum(PREFERENCES),
  ground: z.enum(['', ...idOf(GROUNDS)]).describe('what it is worn on most'),
  measuredAt: time,
  wornAt: time,
  breakIn: z.enum(idOf(BREAK_INS)),
  roomSchool: z.enum(idOf(ROOM_SCHOOLS)),
  betweenSchool: z.enum(idOf(BETWEEN_SCHOOLS)),
  population: z.enum(idOf(POPULATIONS)),
  wearingNow: text(2000),
  trouble: text(2000),
  looked: z.record(text(40), text(400)).refine((l) => Object.keys(l).length <= 200, 'at most 200'),
  note: text(4000),
  measuredLoad: loadId,
  measuredSockMm: z.number().min(0, 'a sock is 0 to 12 mm').max(12, 'a sock is 0 to 12 mm'),
  measuredWarm: z.boolean(),
  wornWarm: z.boolean(),
  weightKg: kilograms,
  feetWeightKg: kilograms,
  stateOff: setOf(z.enum(STATE_STEP_IDS)),
  bouts: boutsSchema.describe('one candidate on each foot, and which won'),
  use: useAskedSchema.describe('what the shoes are for, what was asked and looked at for it, and which schools')
});
/** Ask and Look: any part may be sent, and what is told of the wearer. */
export const fittingPatchSchema = fittingFields.extend({ flags: personFields.shape.flags, version: versionSeen }).partial().meta({ id: 'FittingPatch' });

/** Both feet of a fitting as they were measured. */
export const feetSchema = z.object({ left: footSchema, right: footSchema, version: versionSeen }).meta({ id: 'Feet' });

/** How each zone of one foot felt. */
export const felt = z.partialRecord(z.enum(ZONE_IDS), z.enum(ZONE_STATES));
export const feltSchema = z.object({ left: felt.default({}), right: felt.default({}) });

export const trySchema = z.object({ styleId: text(60), size: text(12), width: text(12), put: pairPutSchema.default({}) }).meta({ id: 'Try' });

export const tryPatchSchema = z
  .object({
    felt: feltSchema,
    outcome: z.enum(idOf(OUTCOMES)),
    why: text(2000),
    chair: chairSchema.describe('the protocol as far as it came, and its timers'),
    reason: reasonSchema.nullable().describe('why it was left or came back'),
    excludedWhy: text(300).nullable().describe('taken out of what is learned, and why; null puts it back'),
    version: versionSeen
  })
  .partial()
  .meta({ id: 'TryPatch' });

/** The groups of measures in the order a shop takes them. */
export const measureOrderSchema = z
  .object({
    order: z
      .array(z.enum(MEASURE_GROUP_IDS, { error: `the groups are ${MEASURE_GROUP_IDS.join(', ')}` }))
      .min(1)
      .max(MEASURE_GROUP_IDS.length)
  })
  .refine(({ order }) => new Set(order).size === order.length, { path: ['order'], message: 'each group once' })
  .meta({ id: 'MeasureOrder' });

export const outlinePoint = z.tuple([z.number().min(-500).max(500), z.number().min(-500).max(500)]);
/** A packed scan that is kept, characters of base64 at most: a few hundred thousand triangles. */
export const MOST_PACKED = 8_000_000;
/** What every gzip begins with. */
const GZIP_IN_BASE64 = 'H4sI';
/** Where a foot's outline comes from. */
export const OUTLINE_SOURCES = ['photograph', 'svg', 'scan'] as const;
/** A scan's own file, packed with gzip. */
export const scanFile = z
  .object({
    name: text(120).min(1, 'the file needs a name'),
    packed: z.base64('the file as base64, packed with gzip').max(MOST_PACKED, `a file packed to at most ${MOST_PACKED / 1e6} MB is kept`)
  })
  .refine(({ packed }) => packed.startsWith(GZIP_IN_BASE64), { path: ['packed'], message: 'the file is packed with gzip' })
  .meta({ id: 'ScanFile' });
/** An outline in foot coordinates, mm: x forward from the heel, y to the inner side. */
export const tracingFields = z.object({
  side: z.enum(SIDES),
  outline: z.array(outlinePoint).min(8, 'an outline has at least eight points').max(4000, 'at most 4000 points'),
  source: z.enum(OUTLINE_SOURCES),
  lengthSdMm: z.number().min(0).max(20),
  widthSdMm: z.number().min(0).max(20)
});
export const tracingSchema = tracingFields
  .extend({ file: scanFile.nullable().default(null).describe('the scan it was read from, as it came') })
  .superRefine(({ outline, side, source, file }, context) => {
    if (file && source !== 'scan') context.addIssue({ code: 'custom', path: ['file'], message: 'only a scan has a file' });
    const message = footLineProblem(
      outline.map(([x, y]) => ({ x, y })),
      side
    );
    if (message) context.addIssue({ code: 'custom', path: ['outline'], message });
  })
  .meta({ id: 'Tracing' });
