import { FLAG_IDS, KIND_IDS, ZONE_IDS, ZONE_STATES } from '@chiave/core/fit';
import {
  ARCH_TYPES,
  EXTRAS,
  FOOT_TOE_SHAPES,
  LOADS,
  MEASURES,
  MEASURE_GROUP_IDS,
  POPULATIONS,
  STATE_STEP_IDS,
  WAYS,
  hourOf,
  refusalOf,
  type TakenId
} from '@chiave/core/measure';
import { z } from 'zod';
import { pairPutSchema } from './put-schema';
import { setOf } from './sets';

const text = (most: number): z.ZodString => z.string().max(most, `at most ${most} characters`);
const thisYear = new Date().getUTCFullYear();

/** The version that was seen; a save over a newer one is a conflict, 409. Left out, the save goes through. */
const versionSeen = z.number().int().min(0).optional();

const person = z.object({
  name: text(120).trim().min(1, 'a name, or a word to find the person by'),
  born: z
    .number('write the year with four figures')
    .int('write the year with four figures')
    .min(1900, 'a year from 1900 on')
    .max(thisYear, 'not in the future')
    .nullable(),
  bornMonth: z.number().int().min(1, 'a month from 1 to 12').max(12, 'a month from 1 to 12').nullable(),
  fitsAs: z.enum(['women', 'men']),
  work: text(200),
  story: text(2000),
  flags: setOf(z.enum(FLAG_IDS)),
  consent: z.boolean().describe('the person agreed that this is kept'),
  consentNote: text(500)
});
/** A new person: a name is enough. */
export const customerSchema = person.partial().required({ name: true }).meta({ id: 'Customer' });

/** Any part of what is kept of a person. */
export const customerPatchSchema = person.partial().extend({ version: versionSeen }).meta({ id: 'CustomerPatch' });

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

const ids = <T extends string>(rows: readonly { id: T }[]) => rows.map((r) => r.id) as [T, ...T[]];
const loadId = z.enum(ids(LOADS));
const kilograms = z.number().min(2, 'from 2 to 400 kg').max(400, 'from 2 to 400 kg').nullable();

/** Ask and Look: any part may be sent. */
export const fittingPatchSchema = z
  .object({
    purpose: text(300),
    kinds: setOf(z.enum(KIND_IDS)),
    sockMm: z.number().min(0, 'a sock is 0 to 12 mm').max(12, 'a sock is 0 to 12 mm'),
    insertMm: z.number().min(-12, 'from -12 to 20 mm').max(20, 'from -12 to 20 mm'),
    preference: z.enum(['snug', 'regular', 'generous']),
    measuredAt: time,
    wornAt: time,
    breakIn: z.enum(['now', 'mould']),
    roomSchool: z.enum(['middle', 'runner', 'clinic']),
    betweenSchool: z.enum(['middle', 'sandals-down', 'boots-up']),
    population: z.enum(POPULATIONS.map((p) => p.id) as [string, ...string[]]),
    wearingNow: text(2000),
    trouble: text(2000),
    looked: z.record(text(40), text(400)).refine((l) => Object.keys(l).length <= 200, 'at most 200'),
    note: text(4000),
    flags: setOf(z.enum(FLAG_IDS)),
    measuredLoad: loadId,
    measuredSockMm: z.number().min(0, 'a sock is 0 to 12 mm').max(12, 'a sock is 0 to 12 mm'),
    measuredWarm: z.boolean(),
    wornWarm: z.boolean(),
    weightKg: kilograms,
    feetWeightKg: kilograms,
    stateOff: setOf(z.enum(STATE_STEP_IDS)),
    version: versionSeen
  })
  .partial()
  .meta({ id: 'FittingPatch' });

const takenIds = [...MEASURES, ...EXTRAS].map((m) => m.id) as [TakenId, ...TakenId[]];
const wayId = z.enum(ids(WAYS));
const reading = z.object({ mm: z.number().min(-1000, 'from -1000 to 1000').max(1000, 'from -1000 to 1000'), typed: text(40), how: wayId.default('tape') });
const degrees = z.number().min(0, 'from 0 to 110 degrees').max(110, 'from 0 to 110 degrees').nullable();
const standsOut = z.number().min(0, 'from 0 to 25 mm').max(25, 'from 0 to 25 mm').nullable();

const printMm = z.number().min(0, 'from 0 to 160 mm').max(160, 'from 0 to 160 mm').nullable();

export const sideSchema = z
  .object({
    values: z.partialRecord(
      z.enum(takenIds),
      reading.extend({
        /** What it may be depends on the measure and the length: `refusalOf` says. */
        mm: z.number(),
        sdMm: z.number().min(0, 'from 0 to 40').max(40, 'from 0 to 40').optional(),
        at: z.iso.datetime('a moment as 2026-11-25T09:30:00Z').nullable().default(null),
        by: text(60).default(''),
        under: loadId.default('standing'),
        sockMm: z.number().min(0).max(12).default(0),
        readings: z.array(reading).max(6, 'at most six readings').default([])
      })
    ),
    toeShape: z
      .enum(FOOT_TOE_SHAPES as unknown as ['egyptian', 'greek', 'square'])
      .nullable()
      .default(null),
    archType: z
      .enum(ARCH_TYPES as unknown as ['low', 'medium', 'high'])
      .nullable()
      .default(null),
    bunionMm: standsOut.default(null),
    hammerToeMm: standsOut.default(null),
    ankleReachDeg: degrees.default(null),
    posture: z.array(z.number().int().min(-2, 'each mark is -2 to +2').max(2, 'each mark is -2 to +2')).length(6, 'six marks').nullable().default(null),
    print: z.object({ midfootMm: printMm, heelMm: printMm, forefootMm: printMm }).nullable().default(null)
  })
  .superRefine((side, context) => {
    for (const [field, value] of Object.entries(side.values)) {
      const message = refusalOf(field as TakenId, value!.mm, side.values.lengthMm?.mm);
      if (message) context.addIssue({ code: 'custom', path: ['values', field], message });
    }
  });

export const feetSchema = z.object({ left: sideSchema, right: sideSchema, version: versionSeen }).meta({ id: 'Feet' });
export type SideBody = z.infer<typeof sideSchema>;
export type FeetBody = { left: SideBody; right: SideBody };

const felt = z.partialRecord(z.enum(ZONE_IDS), z.enum(ZONE_STATES as unknown as [(typeof ZONE_STATES)[number], ...(typeof ZONE_STATES)[number][]]));
export const OUTCOMES = ['open', 'kept', 'left', 'returned'] as const;

export const trySchema = z.object({ styleId: text(60), size: text(12), width: text(12), put: pairPutSchema.default({}) }).meta({ id: 'Try' });

export const tryPatchSchema = z
  .object({
    felt: z.object({ left: felt.default({}), right: felt.default({}) }),
    outcome: z.enum(OUTCOMES),
    why: text(2000),
    version: versionSeen
  })
  .partial()
  .meta({ id: 'TryPatch' });

/** The groups of measures in the order a shop takes them. */
export const measureOrderSchema = z
  .object({
    order: z
      .array(z.enum(MEASURE_GROUP_IDS as [string, ...string[]], { error: `the groups are ${MEASURE_GROUP_IDS.join(', ')}` }))
      .min(1)
      .max(MEASURE_GROUP_IDS.length)
  })
  .refine(({ order }) => new Set(order).size === order.length, { path: ['order'], message: 'each group once' })
  .meta({ id: 'MeasureOrder' });

const outlinePoint = z.tuple([z.number().min(-500).max(500), z.number().min(-500).max(500)]);
/** An outline in foot coordinates, mm: x forward from the heel, y to the inner side. */
export const tracingSchema = z
  .object({
    side: z.enum(['left', 'right']),
    outline: z.array(outlinePoint).min(8, 'an outline has at least eight points').max(4000, 'at most 4000 points'),
    source: z.enum(['photograph', 'svg']),
    lengthSdMm: z.number().min(0).max(20),
    widthSdMm: z.number().min(0).max(20)
  })
  .meta({ id: 'Tracing' });
