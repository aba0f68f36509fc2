const SQRT_2PI = Math.sqrt(2 * Math.PI);
/** Further out than this the tail is taken as a continued fraction, nearer as a series. */
const FAR = 3.5;
const FRACTION_TERMS = 60;

/** Density of the standard normal. */
export const normalDensity = (x: number): number => (Number.isFinite(x) ? Math.exp((-x * x) / 2) / SQRT_2PI : 0);
/**
 * Chance that a standard normal lies below x, to full precision in the lower tail too: what judges a word takes differences of tails.
 * Near nought by its power series, beyond by the continued fraction of its tail (both from memory).
 * @example normalBelow(0) // 0.5
 */
export function normalBelow(x: number): number {
  if (x === Infinity) return 1;
  if (x === -Infinity) return 0;
  if (x > FAR) return 1 - normalBelow(-x);
  if (x < -FAR) {
    let fraction = 0;
    for (let k = FRACTION_TERMS; k >= 1; k--) fraction = k / (-x + fraction);
    return normalDensity(x) / (-x + fraction);
  }
  let term = x;
  let sum = x;
  for (let k = 3; Math.abs(term) > 1e-17 * Math.abs(sum); k += 2) {
    term *= (x * x) / k;
    sum += term;
  }
  return 0.5 + normalDensity(x) * sum;
}
/** Chance that a standard normal lies between a and b, from whichever tail keeps its figures. */
export const normalBetween = (a: number, b: number): number => (a > 0 ? normalBelow(-a) - normalBelow(-b) : normalBelow(b) - normalBelow(a));
