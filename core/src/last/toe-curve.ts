import { TOE_FAMILIES, type ToeFamily, type ToeFamilyId } from './families';

/** Table steps of a unit toe curve; sizes only scale it, so one table serves a family. */
const N = 512;
/** Past this the curve is steep and the closed form is used. */
const STEEP = 0.96;

interface CurveTable {
  p: number;
  q: number;
  /** (1 - u^p)^(1/q) at u = i / N */
  fall: Float64Array;
  /** (1 - v^q)^(1/p) at v = i / N */
  inverse: Float64Array;
  /** -d fall / du at u = i / N, the last one capped */
  steepness: Float64Array;
}

export type { CurveTable };

const tables = new Map<ToeFamilyId, CurveTable>(TOE_FAMILIES.map((f) => [f.id, tableOf(f)]));

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
  return { p, q, fall, inverse, steepness };
}

/** The unit curve's table of a family. */
export const curveTable = (family: ToeFamilyId): CurveTable => tables.get(family)!;

/** Share of the half-width still there at u, 0 (taper start) to 1 (tip). */
export function fallAt(table: CurveTable, u: number): number {
  if (!(u > 0)) return 1;
  if (u >= 1) return 0;
  if (u > STEEP) return Math.pow(1 - Math.pow(u, table.p), 1 / table.q);
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
