/**
 * Chance that a standard normal lies below z (Abramowitz and Stegun 7.1.26, from memory; error under 2e-7).
 * @example normalBelow(0) // 0.5
 */
export function normalBelow(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const series = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const tail = (series * Math.exp(-x * x)) / 2;
  return z < 0 ? tail : 1 - tail;
}
