/**
 * Quasi-random normal points: an additive recurrence, so that a probability is the same every time it is asked.
 */

/** Inverse of the normal distribution (Acklam's rational approximation, relative error 1.2e-9, from memory). */
export function normalQuantile(p: number): number {
  const a = [-39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239];
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572];
  const c = [-0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968, 2.938163982698783];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const tail = (q: number): number =>
    (((((c[0] * q + c[1]) * q + c[2]) * q + c[3]) * q + c[4]) * q + c[5]) / ((((d[0] * q + d[1]) * q + d[2]) * q + d[3]) * q + 1);
  if (p < 0.02425) return tail(Math.sqrt(-2 * Math.log(p)));
  if (p > 1 - 0.02425) return -tail(Math.sqrt(-2 * Math.log(1 - p)));
  const q = p - 0.5;
  const r = q * q;
  return ((((((a[0] * r + a[1]) * r + a[2]) * r + a[3]) * r + a[4]) * r + a[5]) * q) / (((((b[0] * r + b[1]) * r + b[2]) * r + b[3]) * r + b[4]) * r + 1);
}

/** The positive root of x^(d+1) = x + 1: its inverse powers spread points evenly in d dimensions (Roberts 2018, from memory). */
function generator(d: number): number {
  let x = 2;
  for (let i = 0; i < 60; i++) x = Math.pow(1 + x, 1 / (d + 1));
  return x;
}

const cache = new Map<string, Float64Array>();

/**
 * Standard normal points, n rows of d.
 * @returns n x d doubles, the same for the same n and d
 */
export function normalPoints(n: number, d: number): Float64Array {
  const key = `${n}x${d}`;
  const known = cache.get(key);
  if (known) return known;
  const g = generator(d);
  const points = new Float64Array(n * d);
  for (let j = 0; j < d; j++) {
    const step = Math.pow(1 / g, j + 1) % 1;
    // Each column is put in rank order onto the midpoints of n equal shares, so its mean and spread are exact.
    const column = Array.from({ length: n }, (_, i) => ({ i, u: (0.5 + (i + 1) * step) % 1 })).sort((p, q) => p.u - q.u);
    column.forEach(({ i }, rank) => {
      points[i * d + j] = normalQuantile((rank + 0.5) / n);
    });
  }
  cache.set(key, points);
  return points;
}
