import { FLAG_IDS, KIND_IDS } from '@chiave/core/fit';
import { z } from 'zod';
import { setOf } from './sets';
import { putInSchema } from './put-schema';
import { footToFitSchema } from './foot-schema';
import { shoeSchema } from './shoe-schema';
import { wearSchema } from './wear-schema';

const flags = setOf(z.enum(FLAG_IDS)).default([]);
const NO_WEAR = { sockMm: 0, insertMm: 0, preference: 'regular', hoursWorn: 0, schools: { breakIn: 'now', room: 'middle', between: 'middle' } } as const;

/** One foot in one shoe whose inside is given. */
export const fitCheckSchema = z
  .strictObject({ foot: footToFitSchema, shoe: shoeSchema, wear: wearSchema.default(NO_WEAR), flags, helps: putInSchema.default([]) })
  .meta({
    id: 'FitCheck',
    example: {
      foot: { side: 'left', lengthMm: 238, ballWidthMm: 88, ballGirthMm: 219, toeShape: 'egyptian' },
      shoe: { kind: 'sneaker', insoleLengthMm: 251, toeShape: 'round', ballGirthMm: 221 },
      wear: { sockMm: 1, preference: 'regular', measuredAt: '09:30', wornAt: 'evening' },
      helps: [{ kind: 'full-insole', mm: 3 }]
    }
  });

/** Both feet against the stockroom. */
export const fitSchema = z
  .strictObject({
    feet: z.strictObject({ left: footToFitSchema, right: footToFitSchema }),
    kinds: setOf(z.enum(KIND_IDS)).optional(),
    wear: wearSchema.default(NO_WEAR),
    limit: z.number().int().min(1).max(200).default(20),
    flags
  })
  .meta({ id: 'Fit', example: { feet: { left: { lengthMm: 238 }, right: { lengthMm: 239 } }, kinds: ['lace-boot'], limit: 5 } });
