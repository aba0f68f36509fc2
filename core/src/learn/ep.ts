import { normalBetween, normalDensity } from '../measure';

/** A line through the state: `mm` plus the sum of `by[k]` times the state at `at[k]`. */
export interface Line {
  at: readonly number[];
  by: readonly number[];
  mm: number;
}
/** A value that was read: normal about the line. */
export interface Reading extends Line {
  value: number;
  sd: number;
}
/** A word that was said: the line, felt with noise, lies between low and high; or it is a slip of the tongue. */
export interface Word extends Line {
  low: number;
  high: number;
  /** How closely it is felt. */
  sd: number;
  /** Chance that the word says nothing: then each of five would have done. */
  slip: number;
}
/** A normal state: mean, and covariance by rows. */
export interface Gaussian {
  mean: Float64Array;
  cov: Float64Array;
}
/** How a word stands against all that the others say. */
export interface WordJudged {
  /** What the others expect of the line, and how surely, mm. */
  mm: number;
  sd: number;
  /** Chance of this word given all others. */
  chance: number;
  /** Chance that it was a slip. */
  slipped: number;
  /** Deviations between what the others expect and the word's band; 0 within. */
  z: number;
}
export interface Believed extends Gaussian {
  words: WordJudged[];
  /** What all the rest expects of each reading, mm. */
  readings: { mm: number; sd: number; z: number }[];
  /** What each word came to: a beginning for the same words under other circumstances. */
  sites: Sites;
}
export interface Sites {
  t: Float64Array;
  v: Float64Array;
}
const WORDS_SAID = 5;
/** What a word is worth when all the others expect its line at `cg` beyond `mm`, with variance `cv`: a site, and how it stands against them. */
export function siteOf(
  { cg, cv }: { cg: number; cv: number },
  { mm, low, high, sd, slip }: Omit<Word, 'at' | 'by'>
): { T: number; V: number; judged: WordJudged } {
  const c = cg + mm;
  const tv = cv + sd * sd;
  const s = Math.sqrt(tv);
  const [a, b] = [(low - c) / s, (high - c) / s];
  const Z = (1 - slip) * normalBetween(a, b) + slip / WORDS_SAID;
  const [pa, pb] = [normalDensity(a), normalDensity(b)];
  const alpha = ((1 - slip) * (pa - pb)) / (s * Z);
  const beta = alpha * alpha - ((1 - slip) * ((Number.isFinite(a) ? a * pa : 0) - (Number.isFinite(b) ? b * pb : 0))) / (tv * Z);
  // Where a slip explains it better the word may shift, and never widens.
  const share = 1 - cv * beta;
  const [T, V] = beta <= 0 || share <= 0 ? [0, alpha] : [beta / share, alpha / share + (cg * beta) / share];
  return { T, V, judged: { mm: c, sd: Math.sqrt(cv), chance: Z, slipped: slip / WORDS_SAID / Z, z: Math.max(0, a, -b) } };
}
/** How it is worked out. */
export interface How {
  /** It is done when no word moves by more than this, in deviations. */
  still?: number;
  /** Where it begins: it ends in the same place, sooner. */
  from?: Sites;
}
const MOST_SWEEPS = 200;
const STILL = 1e-6;

/**
 * What is believed of a state after readings and words, by expectation propagation: each word is judged by all the others, whatever their
 * order. One row a line is kept, so that the work goes by the number of lines and not by the size of the state.
 */
export function believe({ mean, cov }: Gaussian, words: readonly Word[], readings: readonly Reading[] = [], { still = STILL, from }: How = {}): Believed {
  const d = mean.length;
  const lines: readonly Line[] = [...readings, ...words];
  const n = lines.length;
  const G = lines.map(({ at, by }) => {
    const g = new Float64Array(d);
    at.forEach((j, k) => {
      for (let i = 0; i < d; i++) g[i] += by[k] * cov[j * d + i];
    });
    return g;
  });
  const along = ({ at, by }: Line, x: Float64Array): number => at.reduce((sum, j, k) => sum + by[k] * x[j], 0);
  const S = Float64Array.from({ length: n * n }, (_, i) => along(lines[Math.floor(i / n)], G[i % n]));
  const m = Float64Array.from(lines, (l) => along(l, mean));
  const [t, v, h] = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
  /** Adds a site to line i, for all lines at once. @returns how far its mean moved, in its deviations */
  const add = (i: number, dt: number, dv: number): number => {
    if (dt === 0 && dv === 0) return 0;
    const s2 = S[i * n + i];
    for (let j = 0; j < n; j++) h[j] = S[i * n + j];
    const down = 1 + dt * s2;
    const step = (dv - dt * m[i]) / down;
    for (let j = 0; j < n; j++) {
      m[j] += h[j] * step;
      const f = (h[j] * dt) / down;
      for (let k = 0; k < n; k++) S[j * n + k] -= f * h[k];
    }
    t[i] += dt;
    v[i] += dv;
    return Math.abs(step) * Math.sqrt(Math.max(0, s2)) + Math.abs(dt) * s2;
  };
  readings.forEach(({ value, mm, sd }, i) => add(i, 1 / sd ** 2, (value - mm) / sd ** 2));
  if (from?.t.length === words.length) words.forEach((_, w) => add(readings.length + w, from.t[w], from.v[w]));
  const judged: WordJudged[] = words.map(() => ({ mm: 0, sd: 0, chance: 1, slipped: 0, z: 0 }));
  for (let moved = words.length > 0 ? Infinity : 0, sweep = 0; moved > still && sweep < MOST_SWEEPS; sweep++) {
    moved = 0;
    words.forEach((_, w) => {
      const i = readings.length + w;
      const s2 = S[i * n + i];
      const left = 1 - t[i] * s2;
      if (left < 1e-9) return;
      // What all the others say of this line.
      const cv = s2 / left;
      const cg = (m[i] - v[i] * s2) / left;
      const told = siteOf({ cg, cv }, words[w]);
      judged[w] = told.judged;
      const { T, V } = told;
      moved = Math.max(moved, add(i, T - t[i], V - v[i]));
    });
  }
  const out = { mean: mean.slice(), cov: cov.slice() };
  const pull = Float64Array.from(lines, (_, i) => v[i] - t[i] * m[i]);
  for (let i = 0; i < n; i++) for (let k = 0; k < d; k++) out.mean[k] += G[i][k] * pull[i];
  for (let i = 0; i < n; i++) {
    // Row i of (T - T S T) G, then its part of what the covariance loses.
    const row = new Float64Array(d);
    for (let j = 0; j < n; j++) {
      const w = (i === j ? t[i] : 0) - t[i] * S[i * n + j] * t[j];
      if (w !== 0) for (let k = 0; k < d; k++) row[k] += w * G[j][k];
    }
    for (let k = 0; k < d; k++) for (let l = 0; l < d; l++) out.cov[k * d + l] -= G[i][k] * row[l];
  }
  const read = readings.map(({ mm, value, sd }, i) => {
    const left = 1 - t[i] * S[i * n + i];
    const [cv, c] = left < 1e-9 ? [Infinity, value] : [S[i * n + i] / left, (m[i] - v[i] * S[i * n + i]) / left + mm];
    return { mm: c, sd: Math.sqrt(cv), z: Math.abs(value - c) / Math.hypot(Math.sqrt(cv), sd) };
  });
  const sites = { t: t.slice(readings.length), v: v.slice(readings.length) };
  return { ...out, words: judged, readings: read, sites };
}
