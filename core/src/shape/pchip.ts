/**
 * Monotone piecewise cubic (PCHIP) through a few knots: it never overshoots, so a widest point stays the widest.
 * Slopes are weighted harmonic means, nought where the secants change sign (Fritsch and Butland 1984, from memory).
 */

/** Doubles a cubic segment takes: x0, then c0..c3 of w = c0 + d (c1 + d (c2 + d c3)), d = x - x0. */
export const SEGMENT = 5;

/**
 * Coefficients of the curve through (xs[i], ys[i]) for the first n knots.
 * @param xs,ys knots, x increasing
 * @param n how many knots
 * @param startSlope,endSlope slopes at the two ends
 * @param out filled with (n - 1) x SEGMENT doubles
 */
export function pchipInto(xs: ArrayLike<number>, ys: ArrayLike<number>, n: number, startSlope: number, endSlope: number, out: Float64Array): void {
  let slope = startSlope;
  for (let i = 0; i < n - 1; i++) {
    const h = xs[i + 1] - xs[i];
    const secant = (ys[i + 1] - ys[i]) / h;
    let next = endSlope;
    if (i < n - 2) {
      const h2 = xs[i + 2] - xs[i + 1];
      const secant2 = (ys[i + 2] - ys[i + 1]) / h2;
      if (secant * secant2 <= 0) next = 0;
      else {
        const w1 = 2 * h2 + h;
        const w2 = h2 + 2 * h;
        next = (w1 + w2) / (w1 / secant + w2 / secant2);
      }
    }
    const o = i * SEGMENT;
    out[o] = xs[i];
    out[o + 1] = ys[i];
    out[o + 2] = slope;
    out[o + 3] = (3 * secant - 2 * slope - next) / h;
    out[o + 4] = (slope + next - 2 * secant) / (h * h);
    slope = next;
  }
}

/** The segment of a curve of so many in which x lies; the last one beyond the end. */
export function segmentAt(c: Float64Array, segments: number, x: number): number {
  let s = 0;
  while (s < segments - 1 && x >= c[(s + 1) * SEGMENT]) s++;
  return s;
}

/** Value of segment s at x. */
export function segmentValue(c: Float64Array, s: number, x: number): number {
  const o = s * SEGMENT;
  const d = x - c[o];
  return c[o + 1] + d * (c[o + 2] + d * (c[o + 3] + d * c[o + 4]));
}

/** Slope of segment s at x. */
export function segmentSlope(c: Float64Array, s: number, x: number): number {
  const o = s * SEGMENT;
  const d = x - c[o];
  return c[o + 2] + d * (2 * c[o + 3] + d * 3 * c[o + 4]);
}
