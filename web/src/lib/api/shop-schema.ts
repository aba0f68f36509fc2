import { FLAG_IDS, KIND_IDS, ZONE_IDS, ZONE_STATES } from '@chiave/core/fit';
import { ARCH_TYPES, FOOT_TOE_SHAPES, MEASURES, POPULATIONS, hourOf, judgeMeasure, type MeasureId } from '@chiave/core/measure';
import { z } from 'zod';

const text = (most: number): z.ZodString => z.string().max(most, `at most ${most} characters`);
const thisYear = new Date().getUTCFullYear();

export const customerSchema = z
  .object({
    name: text(120).trim().min(1, 'a name, or a word to find the person by'),
    born: z
      .number('write the year with four figures')
      .int('write the year with four figures')
      .min(1900, 'a year from 1900 on')
      .max(thisYear, 'not in the future')
      .nullable()
      .default(null),
    fitsAs: z.enum(['women', 'men']).default('women'),
    work: text(200).default(''),
    story: text(2000).default(''),
    flags: z.array(z.enum(FLAG_IDS)).default([])
  })
  .meta({ id: 'Customer' });

const time = text(10).refine((t) => t === '' || hourOf(t) !== null, 'write the time as HH:MM, or morning, noon, evening');

/** Ask and Look: any part may be sent. */
export const fittingPatchSchema = z
  .object({
    purpose: text(300),
    kinds: z.array(z.enum(KIND_IDS)),
    sockMm: z.number().min(0, 'a sock is 0 to 12 mm').max(12, 'a sock is 0 to 12 mm'),
    insertMm: z.number().min(-12, 'from -12 to 20 mm').max(20, 'from -12 to 20 mm'),
    preference: z.enum(['snug', 'regular', 'generous']),
    measuredAt: time,
    wornAt: time,
    breakIn: z.enum(['now', 'mould']),
    population: z.enum(POPULATIONS.map((p) => p.id) as [string, ...string[]]),
    wearingNow: text(2000),
    trouble: text(2000),
    looked: z.record(text(40), text(400)),
    note: text(4000),
    flags: z.array(z.enum(FLAG_IDS))
  })
  .partial()
  .meta({ id: 'FittingPatch' });

const measureIds = MEASURES.map((m) => m.id) as [MeasureId, ...MeasureId[]];
const degrees = z.number().min(0, 'from 0 to 110 degrees').max(110, 'from 0 to 110 degrees').nullable();
const standsOut = z.number().min(0, 'from 0 to 25 mm').max(25, 'from 0 to 25 mm').nullable();

const sideSchema = z
  .object({
    values: z.partialRecord(
      z.enum(measureIds),
      z.object({ mm: z.number(), typed: text(40), how: z.enum(['device', 'tape', 'tracing', 'scan', 'stated']).default('tape') })
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
    ankleReachDeg: degrees.default(null)
  })
  .superRefine((side, context) => {
    for (const [field, value] of Object.entries(side.values)) {
      const finding = judgeMeasure(field as MeasureId, value!.mm, side.values.lengthMm?.mm);
      if (finding?.level === 'refuse') context.addIssue({ code: 'custom', path: ['values', field], message: finding.message });
    }
  });

export const feetSchema = z.object({ left: sideSchema, right: sideSchema }).meta({ id: 'Feet' });
export type FeetBody = z.infer<typeof feetSchema>;
export type SideBody = FeetBody['left'];

const felt = z.partialRecord(z.enum(ZONE_IDS), z.enum(ZONE_STATES as unknown as [(typeof ZONE_STATES)[number], ...(typeof ZONE_STATES)[number][]]));
export const OUTCOMES = ['open', 'kept', 'left', 'returned'] as const;

export const trySchema = z.object({ styleId: text(60), size: text(12), width: text(12) }).meta({ id: 'Try' });

export const tryPatchSchema = z
  .object({
    felt: z.object({ left: felt.default({}), right: felt.default({}) }),
    outcome: z.enum(OUTCOMES),
    why: text(2000)
  })
  .partial()
  .meta({ id: 'TryPatch' });
