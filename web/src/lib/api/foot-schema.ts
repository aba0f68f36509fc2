import { ACCEPTED_LENGTH_MM, ARCH_TYPES, FOOT_TOE_SHAPES, MEASURES, SIDES, acceptedRange, type FootInput, type MeasureId } from '@chiave/core/measure';
import { z } from 'zod';

const mm = z.number().finite();
const measureIds = MEASURES.map((m) => m.id) as [MeasureId, ...MeasureId[]];
const optionalMeasures = Object.fromEntries(
  MEASURES.filter((m) => m.id !== 'lengthMm').map((m) => [m.id, mm.optional().describe(`${m.name}, mm: ${m.definition}`)])
) as Record<Exclude<MeasureId, 'lengthMm'>, z.ZodOptional<z.ZodNumber>>;
const [shortest, longest] = ACCEPTED_LENGTH_MM;

/** One foot as the API takes it: only the length is required. */
export const footSchema = z
  .object({
    side: z.enum(SIDES as unknown as ['left', 'right']).default('left'),
    lengthMm: mm
      .min(shortest, `must be a foot length in millimetres from ${shortest} to ${longest}`)
      .max(longest, `must be a foot length in millimetres from ${shortest} to ${longest}`)
      .describe('back of the heel to the longest toe, standing, mm'),
    ...optionalMeasures,
    toeTipsMm: z.array(mm.min(0).max(120)).length(5).optional().describe('how far each toe ends behind the longest, big toe first, mm'),
    bigToeLengthMm: mm.min(10).max(120).optional(),
    bunionMm: mm.min(0).max(25).optional().describe('how far it stands out, inside the ball width, mm'),
    littleToeBunionMm: mm.min(0).max(25).optional(),
    hammerToeMm: mm.min(0).max(20).optional().describe('how much higher the raised toe stands, mm'),
    toeShape: z.enum(FOOT_TOE_SHAPES as unknown as ['egyptian', 'greek', 'square']).optional(),
    archType: z.enum(ARCH_TYPES as unknown as ['low', 'medium', 'high']).optional(),
    ankleReachDeg: z.number().min(0).max(110).optional(),
    pointReachDeg: z.number().min(0).max(140).optional(),
    sd: z.partialRecord(z.enum(measureIds), mm.min(0).max(40)).optional().describe('standard deviation by field, mm')
  })
  .superRefine((foot, context) => {
    for (const { id, name } of MEASURES) {
      const value = foot[id];
      if (value === undefined || id === 'lengthMm') continue;
      const [low, high] = acceptedRange(id, foot.lengthMm);
      if (value < low || value > high) {
        context.addIssue({
          code: 'custom',
          path: [id],
          message: `${name} must be from ${low.toFixed(0)} to ${high.toFixed(0)} mm on a foot of ${foot.lengthMm} mm`
        });
      }
    }
  })
  .meta({ id: 'Foot' });

export type ApiFoot = z.infer<typeof footSchema>;

/** An API foot as the core takes it. */
export function toFootInput(foot: ApiFoot): FootInput {
  const values: FootInput['values'] = {};
  for (const { id } of MEASURES) {
    const value = foot[id];
    if (value !== undefined) values[id] = { mm: value, sdMm: foot.sd?.[id] };
  }
  const { side, toeShape, archType, toeTipsMm, bunionMm, littleToeBunionMm, hammerToeMm, ankleReachDeg } = foot;
  return { side, values, toeShape, archType, toeTipsMm, bunionMm, littleToeBunionMm, hammerToeMm, ankleReachDeg };
}
