/**
 * When a digital gauge's figures may be taken: all of them have stood still for a while, with the foot on it all the time.
 */
export interface GaugeSample {
  /** Milliseconds on the gauge's own clock. */
  t: number;
  side: 'left' | 'right';
  /** Null while no foot stands on it or it cannot read. */
  values: { lengthMm: number; ballLengthMm: number; ballWidthMm: number } | null;
}
export interface SteadyReading {
  side: 'left' | 'right';
  lengthMm: number;
  ballLengthMm: number;
  ballWidthMm: number;
  /** Deviation of the mean of the samples used, the largest of the three, mm. */
  sdMm: number;
  samples: number;
}

/** Figures must have stood within this much for this long, in at least so many samples. */
export const STEADY = { withinMm: 1.2, forMs: 1200, samples: 8, gapMs: 400 } as const;
const FIELDS = ['lengthMm', 'ballLengthMm', 'ballWidthMm'] as const;

/**
 * The reading of the newest samples, when they are steady.
 * @param samples in the order they came; older ones may be left in
 * @returns null while the foot moves, is away, samples are missing, or not enough has been seen
 */
export function steadyReading(samples: readonly GaugeSample[]): SteadyReading | null {
  const last = samples.at(-1);
  if (!last?.values) return null;
  const used: GaugeSample[] = [];
  for (let i = samples.length - 1; i >= 0; i--) {
    const sample = samples[i];
    if (!sample.values || sample.side !== last.side) break;
    if (used.length > 0 && used.at(-1)!.t - sample.t > STEADY.gapMs) break;
    if (last.t - sample.t > STEADY.forMs && used.length >= STEADY.samples) break;
    used.push(sample);
  }
  if (used.length < STEADY.samples || last.t - used.at(-1)!.t < STEADY.forMs - STEADY.gapMs) return null;
  const read = FIELDS.map((field) => {
    const all = used.map((s) => s.values![field]);
    const mean = all.reduce((a, b) => a + b, 0) / all.length;
    const variance = all.reduce((sum, v) => sum + (v - mean) ** 2, 0) / Math.max(1, all.length - 1);
    return { mean, range: Math.max(...all) - Math.min(...all), sd: Math.sqrt(variance / all.length) };
  });
  if (read.some((r) => r.range > STEADY.withinMm)) return null;
  const [lengthMm, ballLengthMm, ballWidthMm] = read.map((r) => r.mean);
  return { side: last.side, lengthMm, ballLengthMm, ballWidthMm, sdMm: Math.max(...read.map((r) => r.sd)), samples: used.length };
}
