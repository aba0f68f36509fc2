/** Square matrices by rows, in flat arrays: small enough to stay whole, large enough that it matters. */

/** Lower root of a covariance, rows one after the other; what is certain has a row of noughts. */
export function rootOf(cov: Float64Array, d: number): Float64Array {
  const root = new Float64Array(d * d);
  for (let i = 0; i < d; i++)
    for (let j = 0; j <= i; j++) {
      let sum = cov[i * d + j];
      for (let k = 0; k < j; k++) sum -= root[i * d + k] * root[j * d + k];
      root[i * d + j] = i === j ? Math.sqrt(Math.max(0, sum)) : root[j * d + j] > 1e-9 ? sum / root[j * d + j] : 0;
    }
  return root;
}
/** Inverse of a symmetric positive matrix. */
export function inverseOf(a: Float64Array, d: number): Float64Array {
  const root = rootOf(a, d);
  // The root's own inverse, then its square from the other side.
  const under = new Float64Array(d * d);
  for (let j = 0; j < d; j++) {
    under[j * d + j] = 1 / root[j * d + j];
    for (let i = j + 1; i < d; i++) {
      let sum = 0;
      for (let k = j; k < i; k++) sum -= root[i * d + k] * under[k * d + j];
      under[i * d + j] = sum / root[i * d + i];
    }
  }
  const out = new Float64Array(d * d);
  for (let k = 0; k < d; k++)
    for (let i = 0; i <= k; i++) {
      const f = under[k * d + i];
      if (f !== 0) for (let j = 0; j <= i; j++) out[i * d + j] += f * under[k * d + j];
    }
  for (let i = 0; i < d; i++) for (let j = 0; j < i; j++) out[j * d + i] = out[i * d + j];
  return out;
}
/** Matrix times vector. */
export function times(a: Float64Array, x: Float64Array): Float64Array {
  const d = x.length;
  const out = new Float64Array(d);
  for (let i = 0; i < d; i++) for (let j = 0; j < d; j++) out[i] += a[i * d + j] * x[j];
  return out;
}
