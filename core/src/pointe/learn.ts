import { normalBelow } from '../measure';

/** What is believed of a model's true offset in one part (girth, length, vamp, logarithm of the shank): a normal, mm. A measured fact is never moved. */
export interface Belief {
  mean: number;
  sd: number;
  /** How many answers it heard. */
  n: number;
}
/** What a model is believed to be before anybody danced it. */
export const UNHEARD: Belief = { mean: 0, sd: 3, n: 0 };
/** A question whose answer tells of the box's girth: what of the predicted value an offset changes, where the yes begins, how noisy it is [model]. */
export const HEARS = {
  sinks: { slope: 0.4, threshold: 5.5, noise: 1.5 },
  squeezed: { slope: -0.18, threshold: 2.2, noise: 0.7 }
} as const;
export type HearsId = keyof typeof HEARS;
const density = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);

/**
 * Moves a belief by one answer.
 * @param predicted what the sums say of the value without an offset
 * @param yes whether it was seen
 */
export function hear(
  { mean, sd, n }: Belief,
  predicted: number,
  yes: boolean,
  { slope, threshold, noise }: { slope: number; threshold: number; noise: number }
): Belief {
  const v = Math.hypot(slope * sd, noise);
  const sign = yes ? 1 : -1;
  const z = (sign * (predicted + slope * mean - threshold)) / v;
  const r = density(z) / Math.max(1e-12, normalBelow(z));
  const K = (slope * sd * sd) / v;
  return { mean: mean + sign * K * r, sd: Math.sqrt(Math.max(1e-6, sd * sd - K * K * r * (r + z))), n: n + 1 };
}
