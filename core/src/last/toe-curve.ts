import { TOE_FAMILIES, type ToeFamily, type ToeFamilyId } from './families';

/** Table steps of a unit toe curve; sizes only scale it, so one table serves a family. */
const N = 512;
/** Past this the curve is steep: there it is read from its inverse, which is flat. */
const STEEP = 0.96;

/** A unit toe curve: from the taper start (u 0, all of the half-width left) to the tip (u 1, none left). */
export interface CurveTable {
  /** Share of the half-width still there, at u = i / N. */
  fall: Float64Array;
  /** u at which the share i / N is left. */
  inverse: Float64Array;
  /** -d fall / du at u = i / N; at the tip, where it has no end, a large number. */
  steepness: Float64Array;
}

const tables = new Map<ToeFamilyId, CurveTable>(TOE_FAMILIES.map((f) => [f.id, tableOf(f)]));

/** A family's curve: w(u) = (1 - u^p)^(1/q). */
function tableOf({ p, q }: ToeFamily): CurveTable {
  const fall = new Float64Array(N + 1);
  const inverse = new Float64Array(N + 1);
  const steepness = new Float64Array(N + 1);
  for (let i = 0; i <= N; i++) {
    const u = i / N;
    fall[i] = Math.pow(1 - Math.pow(u, p), 1 / q);
    inverse[i] = Math.pow(1 - Math.pow(u, q), 1 / p);
    steepness[i] = i === N ? 1e9 : (p / q) * Math.pow(u, p - 1) * Math.pow(1 - Math.pow(u, p), 1 / q - 1);
  }
  return { fall, inverse, steepness };
}

/**
 * The table of a curve that was traced.
 * @param uAt u at which a share of the half-width is left: from 1 at nought to 0 at one, falling and concave
 */
export function tableFrom(uAt: (share: number) => number): CurveTable {
  const inverse = Float64Array.from({ length: N + 1 }, (_, i) => uAt(i / N));
  const table: CurveTable = { fall: new Float64Array(N + 1), inverse, steepness: new Float64Array(N + 1) };
  for (let i = 0; i <= N; i++) table.fall[i] = shareAt(inverse, i / N);
  for (let i = 0; i < N; i++) {
    const [before, after] = [Math.max(0, i - 1), Math.min(N - 1, i + 1)];
    const steep = ((table.fall[before] - table.fall[after]) * N) / (after - before);
    // Concave: never less steep than behind it.
    table.steepness[i] = Math.max(steep, i > 0 ? table.steepness[i - 1] : 0);
  }
  table.steepness[N] = 1e9;
  return table;
}

/** Share of the half-width left at u, from where the inverse passes it. */
function shareAt(inverse: Float64Array, u: number): number {
  let low = 0;
  let high = N;
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    if (inverse[mid] > u) low = mid;
    else high = mid;
  }
  const span = inverse[low] - inverse[high];
  return (low + (span > 0 ? Math.min(1, Math.max(0, (inverse[low] - u) / span)) : 0)) / N;
}

/** The unit curve's table of a family. */
export const curveTable = (family: ToeFamilyId): CurveTable => tables.get(family)!;

/** Share of the half-width still there at u, 0 (taper start) to 1 (tip). */
export function fallAt(table: CurveTable, u: number): number {
  if (!(u > 0)) return 1;
  if (u >= 1) return 0;
  if (u > STEEP) return shareAt(table.inverse, u);
  const t = u * N;
  const i = t | 0;
  const a = table.fall[i];
  return a + (table.fall[i + 1] - a) * (t - i);
}

/** -d fall / du at u. */
export function steepnessAt(table: CurveTable, u: number): number {
  if (!(u > 0)) return 0;
  const t = Math.min(u, 1 - 1 / N) * N;
  const i = Math.min(N - 1, t | 0);
  const a = table.steepness[i];
  return a + (Math.min(1e6, table.steepness[i + 1]) - a) * (t - i);
}

/** The u at which the curve is as steep as asked; where the cone is tangent. */
export function uAtSteepness(table: CurveTable, steepness: number): number {
  let low = 0;
  let high = N - 1;
  if (table.steepness[high] <= steepness) return high / N;
  // A traced toe may begin steeper than that.
  if (table.steepness[0] >= steepness) return 0;
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    if (table.steepness[mid] > steepness) high = mid;
    else low = mid;
  }
  const a = table.steepness[low];
  return (low + (steepness - a) / (table.steepness[high] - a)) / N;
}

/** u at which the share v of the half-width is left; inverse of `fallAt`. */
export function uAtShare(table: CurveTable, v: number): number {
  if (!(v > 0)) return 1;
  if (v >= 1) return 0;
  const t = v * N;
  const i = t | 0;
  const a = table.inverse[i];
  return a + (table.inverse[i + 1] - a) * (t - i);
}

/** d u / d v of the same. */
export function uSlopeAtShare(table: CurveTable, v: number): number {
  const i = Math.min(N - 1, Math.max(0, (v * N) | 0));
  return (table.inverse[i + 1] - table.inverse[i]) * N;
}
