import type { Point } from './foot-polygon';
import { atEvenShares } from './polyline';

/** Wave length of which half is left, mm: jitter of the hand goes, a toe's end stays. */
const WAVE_MM = 20;
const STEP_MM = 1;
const ROUNDS = 400;
const EXACT = 1e-9;

/**
 * A closed line without the jitter of the hand that drew it: the penalised least squares of Whittaker with third differences, round the line
 * (Eilers 2003, from memory).
 * @param outline closed, mm
 * @param waveMm wave length of which half is left
 * @returns points a millimetre apart
 */
export function smoothContour(outline: readonly Point[], waveMm = WAVE_MM): Point[] {
  const points = spaced(outline, STEP_MM);
  const weight = (2 * Math.sin((Math.PI * STEP_MM) / waveMm)) ** -6;
  const xs = solve(
    Float64Array.from(points, (p) => p.x),
    weight
  );
  const ys = solve(
    Float64Array.from(points, (p) => p.y),
    weight
  );
  return Array.from(xs, (x, i) => ({ x, y: ys[i] }));
}

/** Points at equal steps along a closed line, as near to a length as divides it. */
function spaced(outline: readonly Point[], stepMm: number): Point[] {
  const ring = [...outline, outline[0]];
  const total = ring.reduce((sum, p, i) => (i > 0 ? sum + Math.hypot(p.x - ring[i - 1].x, p.y - ring[i - 1].y) : 0), 0);
  return atEvenShares(ring, Math.max(8, Math.round(total / stepMm)) + 1).slice(0, -1);
}

/** Solves (I + weight D'D) z = y round a ring, D the third differences, by conjugate gradients. */
function solve(y: Float64Array, weight: number): Float64Array {
  const n = y.length;
  const z = Float64Array.from(y);
  const r = new Float64Array(n);
  const ap = new Float64Array(n);
  applied(z, weight, ap);
  for (let i = 0; i < n; i++) r[i] = y[i] - ap[i];
  const p = Float64Array.from(r);
  let rr = dot(r, r);
  const enough = EXACT * EXACT * Math.max(1, dot(y, y));
  for (let round = 0; round < ROUNDS && rr > enough; round++) {
    applied(p, weight, ap);
    const step = rr / dot(p, ap);
    for (let i = 0; i < n; i++) {
      z[i] += step * p[i];
      r[i] -= step * ap[i];
    }
    const next = dot(r, r);
    for (let i = 0; i < n; i++) p[i] = r[i] + (next / rr) * p[i];
    rr = next;
  }
  return z;
}

/** The third differences' own product: coefficients of (1 - t)^3 (1 - 1/t)^3. */
const STENCIL = [20, -15, 6, -1] as const;

function applied(z: Float64Array, weight: number, into: Float64Array): void {
  const n = z.length;
  for (let i = 0; i < n; i++) {
    let sum = STENCIL[0] * z[i];
    for (let k = 1; k <= 3; k++) sum += STENCIL[k] * (z[(i + k) % n] + z[(i - k + n) % n]);
    into[i] = z[i] + weight * sum;
  }
}

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i] * b[i];
  return sum;
};
