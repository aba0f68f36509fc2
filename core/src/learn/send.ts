import { KIND, ORDINARY_WEAR, targetsFor, ZONE, zoneSetFor, type Shoe, type ZoneId } from '../fit';
import type { EvidenceMark } from '../last';
import { MEASURE_IDS, SIDES } from '../measure';
import { OFFSET_SD, OFFSETS } from './felt';
import { settle, type LearnAsk } from './person';
import { groupOf } from './said';
import { bestSets, type BestSet, type Sendable } from './sets';
import { slopesAt } from './slopes';
import { likingAt, MEASURES_BOTH, stateAt } from './state';

/** A size and width that may be sent. */
export interface SendCandidate {
  id: string;
  shoe: Shoe;
  lastId: string;
  mark: EvidenceMark;
}
export interface SendPlan {
  /** Each by itself, best first. */
  each: { id: string; chance: number }[];
  /** The best one, two and three. */
  sets: BestSet[];
}
const DRAWS = 1024;
/** Made for feet further off than this, nothing is sent, mm. */
const NEAR_MM = 14;

/** Small seeded generator (mulberry32): the same draws for the same question. */
function normals(seed: number): () => number {
  let state = seed >>> 0;
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}
/** Lower root of a covariance, rows one after the other; what is certain has a row of noughts. */
function rootOf(cov: Float64Array, d: number): Float64Array {
  const root = new Float64Array(d * d);
  for (let i = 0; i < d; i++)
    for (let j = 0; j <= i; j++) {
      let sum = cov[i * d + j];
      for (let k = 0; k < j; k++) sum -= root[i * d + k] * root[j * d + k];
      root[i * d + j] = i === j ? Math.sqrt(Math.max(0, sum)) : root[j * d + j] > 1e-9 ? sum / root[j * d + j] : 0;
    }
  return root;
}
/** Draws of everything that is not known, each with its mirror image. */
function drawsOf(mean: Float64Array, cov: Float64Array): Float64Array[] {
  const d = mean.length;
  const root = rootOf(cov, d);
  const normal = normals(22);
  const out: Float64Array[] = [];
  while (out.length < DRAWS) {
    const z = Float64Array.from({ length: d }, normal);
    const by = Float64Array.from({ length: d }, (_, i) => {
      let sum = 0;
      for (let k = 0; k <= i; k++) sum += root[i * d + k] * z[k];
      return sum;
    });
    out.push(mean.map((m, i) => m + by[i]), mean.map((m, i) => m - by[i])); // prettier-ignore
  }
  return out;
}
/**
 * Which one, two or three sizes and widths give the best chance that one fits, over all that is not known of feet, liking and lasts: the same
 * draws for every candidate, the fit of each taken along its lines at the feet believed in.
 */
export function sendPlan(ask: LearnAsk, candidates: readonly SendCandidate[]): SendPlan {
  const { now, baseOf } = settle(ask);
  const known = new Map(ask.pairs.flatMap((p) => (p.lastId === null ? [] : [[p.lastId, baseOf(p)]])));
  // Lasts of which nobody told anything are drawn beside what was learned.
  const fresh = [...new Map(candidates.filter((c) => !known.has(c.lastId)).map((c) => [c.lastId, c.mark]))];
  const own = now.mean.length;
  const d = own + OFFSETS.length * fresh.length;
  const mean = new Float64Array(d);
  const cov = new Float64Array(d * d);
  mean.set(now.mean);
  for (let i = 0; i < own; i++) cov.set(now.cov.subarray(i * own, (i + 1) * own), i * d);
  fresh.forEach(([lastId, mark], f) => {
    const base = own + OFFSETS.length * f;
    known.set(lastId, base);
    OFFSETS.forEach((o, k) => (cov[(base + k) * d + base + k] = OFFSET_SD[mark][o] ** 2));
  });
  const draws = drawsOf(mean, cov);
  const longest = Math.max(...SIDES.map((side) => now.mean[stateAt(side, 'lengthMm')]));
  const wear = ask.pairs[0]?.wear;
  const near = candidates.filter((c) => Math.abs(c.shoe.inside.madeForFootMm - longest) < NEAR_MM);
  const sendable = near.map((c): Sendable => ({ id: c.id, bits: bitsOf(c, known.get(c.lastId)!, { ask, now: now.mean, draws, wear }) }));
  const sets = bestSets(sendable, DRAWS);
  const each = sendable.flatMap((c) => bestSets([c], DRAWS).map((s) => ({ id: c.id, chance: s.chance }))).sort((a, b) => b.chance - a.chance);
  return { each, sets };
}
interface At {
  ask: LearnAsk;
  now: Float64Array;
  draws: readonly Float64Array[];
  wear: LearnAsk['pairs'][number]['wear'] | undefined;
}
/** At which draws every deciding zone of both feet lies within its limits. New shoes are worn for no hours yet. */
function bitsOf({ shoe }: SendCandidate, base: number, { ask, now, draws, wear }: At): Uint32Array {
  const asWorn = { ...(wear ?? ORDINARY_WEAR), hoursWorn: 0, preference: 'regular' as const };
  const targets = targetsFor(shoe, asWorn);
  const { ids } = zoneSetFor(KIND[shoe.kind]);
  const zones = new Set(ids);
  const bits = new Uint32Array(Math.ceil(draws.length / 32)).fill(0xffffffff);
  for (const side of SIDES) {
    const slopes = slopesAt({ shoe, wear: asWorn, side, mmOf: (id) => now[stateAt(side, id)], features: ask.features?.[side] ?? {}, zones });
    ids.forEach((zone: ZoneId, at) => {
      if (!ZONE[zone].decides || !targets[zone] || Number.isNaN(slopes.mm[at])) return;
      const { a, d } = targets[zone]!;
      const share = ZONE[zone].preferenceShare;
      const by = [
        ...[likingAt('common'), likingAt(groupOf(zone))].map((col) => [col, -share] as const),
        ...MEASURE_IDS.map((id, k) => [stateAt(side, id), slopes.byMeasure[k][at] || 0] as const),
        ...OFFSETS.map((_, k) => [base + k, slopes.byOffset[k][at] || 0] as const)
      ].filter(([, slope]) => slope !== 0);
      const cols = Int32Array.from(by, ([col]) => col);
      const slope = Float64Array.from(by, ([, n]) => n);
      // The shoe was read at the feet believed in, with nothing liked and its last as it stands.
      const start = by.reduce((mm, [col, n]) => mm - (col < MEASURES_BOTH.length ? n * now[col] : 0), slopes.mm[at]);
      for (let n = 0; n < draws.length; n++) {
        const x = draws[n];
        let mm = start;
        for (let k = 0; k < cols.length; k++) mm += slope[k] * x[cols[k]];
        if (mm < a || mm > d) bits[n >> 5] &= ~(1 << (n & 31));
      }
    });
  }
  return bits;
}
