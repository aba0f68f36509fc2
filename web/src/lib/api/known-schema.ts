import { FEELS, KIND_IDS, ZONE_IDS, ZONE_STATES } from '@chiave/core/fit';
import { SIDES } from '@chiave/core/measure';
import { z } from 'zod';
import { idOf, text } from './values';

/** A shoe somebody wears and how it feels, as it is typed and kept with them. */
export const knownShoeSchema = z
  .strictObject({
    styleId: text(60).default('').describe('of the stockroom; empty for one known by its label'),
    text: text(40).describe('its size, with the scale where it is known by its label'),
    width: text(12).default(''),
    kind: z.enum(KIND_IDS),
    feel: z.enum(['', ...idOf(FEELS)]).default(''),
    zones: z.partialRecord(z.enum(SIDES), z.partialRecord(z.enum(ZONE_IDS), z.enum(ZONE_STATES))).default({})
  })
  .meta({ id: 'KnownShoe', example: { text: 'eu 41', kind: 'loafer', feel: 'half-tight', zones: { left: { 'ball-girth': 'snug' } } } });
export type KnownShoeKept = z.infer<typeof knownShoeSchema>;
export const knownShoesSchema = z.strictObject({ shoes: z.array(knownShoeSchema).max(24, 'at most two dozen shoes') }).meta({ id: 'KnownShoes' });
