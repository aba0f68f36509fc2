import { z } from 'zod';

/** One line of a digital gauge: a reading, or why there is none. See docs/gauge.md. */
export const gaugeLineSchema = z.union([
  z.object({
    t: z.number(),
    side: z.enum(['left', 'right']),
    lengthMm: z.number().min(60).max(450),
    ballLengthMm: z.number().min(30).max(350),
    ballWidthMm: z.number().min(20).max(200)
  }),
  z.object({ t: z.number(), side: z.enum(['left', 'right']), fault: z.string().max(100) })
]);
export type GaugeLine = z.infer<typeof gaugeLineSchema>;
/** What the page hears: lines of the gauge, and whether it is there. */
export type GaugeEvent = { kind: 'here' } | { kind: 'away'; why: string } | { kind: 'line'; line: GaugeLine };
