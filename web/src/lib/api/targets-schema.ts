import { KIND_IDS, KIND_ZONES, SHARED_TARGETS, type SharedZone } from '@chiave/core/fit';
import { z } from 'zod';

const mm = z.number('a number of millimetres').min(-60).max(120);
const cuts = z
  .object({ a: mm, b: mm, c: mm, d: mm })
  .refine(
    ({ a, b, c, d }) => a < b && b < c && c < d,
    'the four must rise: too tight below the first, right between the second and third, too loose above the last'
  );
const SHARED = Object.keys(SHARED_TARGETS) as [SharedZone, ...SharedZone[]];

/** A shop's own targets, zone by zone, in place of ours. */
export const targetsSchema = z
  .object({
    kinds: z.partialRecord(z.enum(KIND_IDS), z.partialRecord(z.enum(KIND_ZONES), cuts)).default({}),
    shared: z.partialRecord(z.enum(SHARED), cuts).default({})
  })
  .meta({ id: 'ShopTargets' });
