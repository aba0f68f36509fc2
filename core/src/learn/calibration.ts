import { seeded } from './random';

/** A pair that was tried after its chance was told: whether it came out as promised. */
export interface Outcome {
  /** Chance told beforehand. */
  chance: number;
  /** Kept, or felt right where it decides. */
  good: boolean;
}
/** Of so many, between how many in a hundred the truth lies. */
export interface Between {
  low: number;
  high: number;
}
/** Half-width of 90 in 100 of a normal. */
const Z90 = 1.6448536269514722;
/** Wilson's interval of a share, 90 in 100 (published 1927, from memory). @example wilson(8, 10) // about .54 to .93 */
export function wilson(good: number, of: number, z = Z90): Between {
  if (of === 0) return { low: 0, high: 1 };
  const p = good / of;
  const down = 1 + (z * z) / of;
  const middle = (p + (z * z) / (2 * of)) / down;
  const half = (z / down) * Math.sqrt((p * (1 - p)) / of + (z * z) / (4 * of * of));
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}
/** Pairs whose chance was told alike: what was said, and what happened. */
export interface Bin {
  lowest: number;
  highest: number;
  /** Mean of the chances told. */
  said: number;
  n: number;
  good: number;
  came: Between;
}
/** What may be said of a shop's chances. */
export const TRUTHS = ['too-few', 'nothing-wrong', 'too-sure', 'too-timid', 'too-hopeful', 'too-gloomy'] as const;
export type TruthId = (typeof TRUTHS)[number];
export interface Calibration {
  n: number;
  good: number;
  /** As many were promised. */
  promised: number;
  came: Between;
  /** Mean square of what was said less what happened. */
  brier: number;
  bins: Bin[];
  /** Mean distance between said and happened over the bins; by itself it means nothing. */
  error: number;
  /** As far as chances that are true would be off by the toss of a coin, 95 times in 100. */
  errorByChance: number;
  /** Deviations off in all, and in how the chances spread (Spiegelhalter's, published 1986, from memory). */
  levelZ: number;
  spreadZ: number;
  truth: TruthId;
  /** Pairs that are still missing before anything may be said. */
  missing: number;
  /** What turns a chance that was told into one that is kept; null while nothing speaks against those that are told. */
  correction: { a: number; b: number } | null;
}
/** Under so many pairs nothing is said of the chances [model]. */
export const LEAST_PAIRS = 60;
const BIN = { least: 15, most: 10 } as const;
const OFF_Z = 1.96;
const TOSSES = 200;
/** A shop's own correction is believed to be near none beforehand: deviations of level and slope, in logits [model]. */
const BEFORE = { a: 0.5, b: 0.25, leastB: 0.2 } as const;
const clamp = (p: number): number => Math.min(0.995, Math.max(0.005, p));
const logit = (p: number): number => Math.log(clamp(p) / (1 - clamp(p)));
const expit = (x: number): number => 1 / (1 + Math.exp(-x));
/** What a chance that was told is worth by a shop's own correction. */
export const corrected = (chance: number, { a, b }: { a: number; b: number }): number => expit(a + b * logit(chance));

/** Outcomes in bins of equal count, by what was said. */
function binsOf(sorted: readonly Outcome[]): Bin[] {
  const many = Math.max(1, Math.min(BIN.most, Math.floor(sorted.length / BIN.least)));
  return Array.from({ length: many }, (_, i) => sorted.slice(Math.round((i * sorted.length) / many), Math.round(((i + 1) * sorted.length) / many))).map(
    (bin) => {
      const good = bin.filter((o) => o.good).length;
      const said = bin.reduce((s, o) => s + o.chance, 0) / bin.length;
      return { lowest: bin[0].chance, highest: bin[bin.length - 1].chance, said, n: bin.length, good, came: wilson(good, bin.length) };
    }
  );
}
const errorOf = (bins: readonly Bin[], n: number): number => bins.reduce((s, b) => s + (b.n / n) * Math.abs(b.said - b.good / b.n), 0);
/** Level and slope by which the told chances would have to be moved, by Newton's steps from none. */
function correctionOf(outcomes: readonly Outcome[]): { a: number; b: number; zA: number; zB: number } {
  let [a, b] = [0, 1];
  let [haa, hab, hbb] = [0, 0, 0];
  for (let step = 0; step < 30; step++) {
    let [ga, gb] = [-a / BEFORE.a ** 2, -(b - 1) / BEFORE.b ** 2];
    [haa, hab, hbb] = [1 / BEFORE.a ** 2, 0, 1 / BEFORE.b ** 2];
    for (const { chance, good } of outcomes) {
      const x = logit(chance);
      const q = expit(a + b * x);
      const r = Number(good) - q;
      const w = q * (1 - q);
      ga += r;
      gb += r * x;
      haa += w;
      hab += w * x;
      hbb += w * x * x;
    }
    const det = haa * hbb - hab * hab;
    const [da, db] = [(hbb * ga - hab * gb) / det, (haa * gb - hab * ga) / det];
    a += da;
    b = Math.max(BEFORE.leastB, b + db);
    if (Math.abs(da) + Math.abs(db) < 1e-10) break;
  }
  const det = haa * hbb - hab * hab;
  return { a, b, zA: a / Math.sqrt(hbb / det), zB: (b - 1) / Math.sqrt(haa / det) };
}
const truthOf = (levelZ: number, spreadZ: number, slope: number): TruthId =>
  Math.abs(levelZ) > OFF_Z && Math.abs(levelZ) >= Math.abs(spreadZ) - 1e-6
    ? levelZ < 0
      ? 'too-hopeful'
      : 'too-gloomy'
    : Math.abs(spreadZ) > OFF_Z
      ? slope < 1
        ? 'too-sure'
        : 'too-timid'
      : 'nothing-wrong';

/** Whether chances that were told came true: said against happened, with what chance alone would do. @returns null for no outcome */
export function calibrationOf(outcomes: readonly Outcome[]): Calibration | null {
  const n = outcomes.length;
  if (n === 0) return null;
  const sorted = [...outcomes].sort((x, y) => x.chance - y.chance);
  const good = sorted.filter((o) => o.good).length;
  const sum = (of: (o: Outcome) => number): number => sorted.reduce((s, o) => s + of(o), 0);
  const bins = binsOf(sorted);
  // The same coins every time.
  const { uniform: coin } = seeded(n);
  const byChance = Array.from({ length: TOSSES }, () => errorOf(binsOf(sorted.map((o) => ({ ...o, good: coin() < o.chance }))), n)).sort((x, y) => x - y);
  const levelZ =
    sum((o) => Number(o.good) - o.chance) /
    Math.sqrt(
      Math.max(
        1e-9,
        sum((o) => o.chance * (1 - o.chance))
      )
    );
  const spreadZ = sum((o) => (Number(o.good) - o.chance) * (1 - 2 * o.chance)) / Math.sqrt(Math.max(1e-9, sum((o) => (1 - 2 * o.chance) ** 2 * o.chance * (1 - o.chance)))); // prettier-ignore
  const { a, b, zA, zB } = correctionOf(sorted);
  const enough = n >= LEAST_PAIRS;
  return {
    n,
    good,
    promised: sum((o) => o.chance),
    came: wilson(good, n),
    brier: sum((o) => (Number(o.good) - o.chance) ** 2) / n,
    bins,
    error: errorOf(bins, n),
    errorByChance: byChance[Math.floor(0.95 * TOSSES)],
    levelZ,
    spreadZ,
    truth: enough ? truthOf(levelZ, spreadZ, b) : 'too-few',
    missing: Math.max(0, LEAST_PAIRS - n),
    correction: enough && Math.max(Math.abs(zA), Math.abs(zB)) > 2 ? { a, b } : null
  };
}
