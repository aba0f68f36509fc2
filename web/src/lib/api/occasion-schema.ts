import { HEEL_SHAPES, HOLDS, MOST_SEGMENTS, PLAN_SOLES } from '@chiave/core/heel';
import { z } from 'zod';
import { segmentSchema } from './heel-schema';
import { idOf, mm, text } from './values';

/** An occasion as it is kept with a person: parts of the day, pairs, wishes. What comes of it is worked out anew each time. */
const weight = mm(0, 10);
export const occasionFields = z.strictObject({
  segments: z.array(segmentSchema).max(MOST_SEGMENTS, `at most ${MOST_SEGMENTS} parts are planned`),
  pairs: z
    .array(
      z.strictObject({
        name: text(120),
        heelHeightMm: mm(0, 280),
        platformMm: mm(0, 200),
        heel: z.enum(idOf(HEEL_SHAPES)),
        hold: z.enum(idOf(HOLDS)),
        capMm: mm(6, 60).nullable(),
        sole: z.enum(idOf(PLAN_SOLES)),
        formality: mm(1, 5),
        hoursWorn: mm(0, 5000),
        ballRoomMm: mm(-40, 40),
        toeRoomMm: mm(-30, 60),
        owned: z.boolean()
      })
    )
    .max(60, 'at most 60 pairs at once'),
  fromStock: z.boolean(),
  longSkirt: z.boolean(),
  hem: z.boolean(),
  comfort: weight,
  risk: weight,
  look: weight,
  statureMm: mm(1000, 2300),
  withPartner: z.boolean(),
  partnerMm: mm(1000, 2300),
  partnerHeelMm: mm(0, 200),
  leastTallerMm: mm(-500, 900),
  mostTallerMm: mm(-500, 900),
  event: z.union([z.literal(''), z.iso.date('a day as 2026-11-25')]),
  deliveryDays: mm(0, 366),
  returnDays: mm(0, 366)
});
export type OccasionBody = z.infer<typeof occasionFields>;

export const occasionSchema = z
  .strictObject({ name: text(120).min(1, 'call it something: wedding on the lawn'), plan: occasionFields })
  .meta({ id: 'Occasion' });
export const occasionChangeSchema = occasionSchema.extend({ version: z.number().int().min(0).optional().describe('version that was seen; another one now is a conflict') }).meta({ id: 'OccasionChange' }); // prettier-ignore
export const occasionRow = occasionSchema.extend({ id: z.number(), version: z.number(), updatedAt: z.string() }).meta({ id: 'KeptOccasion' });
export type OccasionRow = z.infer<typeof occasionRow>;
export const occasionsAnswer = z.object({ occasions: z.array(occasionRow) });
export const occasionKeptAnswer = z.object({ id: z.number(), version: z.number() });
