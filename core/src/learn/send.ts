import { completeFoot, MEASURE_IDS, SIDES, type MeasureId } from '../measure';
import { feltIn, footAsWorn, KIND, shoeOf, sizesOf, sizeText, targetsFor, ZONE, zoneSetFor, type Shoe, type Style, type Wear, type ZoneId } from '../fit';
import { OFFSET_SD, OFFSETS } from './felt';
import { needsOf } from './judged';
import { settle, type LearnAsk } from './person';
import { seeded } from './random';
import { groupOf } from './said';
import { bestSets, chanceOf, type Sendable } from './sets';
import { slopesAt } from './slopes';
import { likingAt, MEASURES_BOTH, stateAt } from './state';

/** A size and width of the style that is asked about. */
export interface SizeThere {
  /** As it is written on the shelf. */
  size: string;
  sizeNumber: number;
  width: string;
  /** Chance that every zone of both feet lies within its limits. */
  chance: number;
}
/** The best set of some size, and the chance that one of it fits. */
export interface SendSet {
  pairs: SizeThere[];
  chance: number;
}
export interface SendPlan {
  /** Each by itself, best first. */
  each: SizeThere[];
  /** The best of them on the feet believed in: whether it fits them, and what would be felt first. */
  there: (SizeThere & { fits: boolean; feel: string })[];
  /** The best one, two and three. */
  sets: SendSet[];
  /** What a tape would tell most, best first. */
  needs: { measure: MeasureId; worth: number }[];
}
const DRAWS = 1024;
const SEED = 22;
/** Made for feet further off than this, nothing is sent, mm. */
const NEAR_MM = 14;

/** So many sizes are told with what would be felt in them. */
const TOLD = 6;
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
  const { normal } = seeded(SEED);
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
/** What is believed, and what of the style's own last nobody told anything about yet, in one. @returns where the last's offsets stand */
function withLast({ now, baseOf }: ReturnType<typeof settle>, ask: LearnAsk, style: Style): { mean: Float64Array; cov: Float64Array; base: number } {
  const told = ask.pairs.find((p) => p.lastId === style.last.id);
  if (told) return { mean: now.mean, cov: now.cov, base: baseOf(told) };
  const base = now.mean.length;
  const d = base + OFFSETS.length;
  const [mean, cov] = [new Float64Array(d), new Float64Array(d * d)];
  mean.set(now.mean);
  for (let i = 0; i < base; i++) cov.set(now.cov.subarray(i * base, (i + 1) * base), i * d);
  OFFSETS.forEach((o, k) => (cov[(base + k) * (d + 1)] = OFFSET_SD[style.last.evidence.mark][o] ** 2));
  return { mean, cov, base };
}
/**
 * Which one, two or three sizes and widths of a style give the best chance that one fits, over all that is not known of feet, liking and last:
 * the same draws for every size, the fit of each taken along its lines at the feet believed in.
 * @param wear how the new pair is worn
 */
export function sendPlan(ask: LearnAsk, style: Style, wear: Wear): SendPlan {
  const settled = settle(ask);
  const { now } = settled;
  const { mean, cov, base } = withLast(settled, ask, style);
  const draws = drawsOf(mean, cov);
  const mmOf = (side: (typeof SIDES)[number], id: MeasureId): number => mean[stateAt(side, id)];
  const longest = Math.max(...SIDES.map((side) => mmOf(side, 'lengthMm')));
  const near = sizesOf(style).flatMap((sizeNumber) =>
    style.widths.flatMap((width) => {
      const shoe = shoeOf(style, sizeNumber, width);
      return Math.abs(shoe.inside.madeForFootMm - longest) < NEAR_MM ? [{ sizeNumber, width, size: sizeText(style, sizeNumber), shoe }] : [];
    })
  );
  const sendable = near.map(({ shoe }, i): Sendable => ({ id: String(i), bits: bitsOf(shoe, base, { ask, mean, draws, wear }) }));
  const each = sendable.map((s, i): SizeThere => {
    const { size, sizeNumber, width } = near[i];
    return { size, sizeNumber, width, chance: chanceOf(s, DRAWS) };
  });
  const sets = bestSets(sendable, DRAWS).map(({ ids, chance }) => ({ pairs: ids.map((id) => each[Number(id)]), chance }));
  const best = [...each].sort((a, b) => b.chance - a.chance);
  const feet = SIDES.map((side) => {
    const { taken: _how, ...features } = ask.features?.[side] ?? {};
    return footAsWorn(completeFoot({ ...features, side, values: Object.fromEntries(MEASURE_IDS.map((id) => [id, { mm: mmOf(side, id) }])) }), wear);
  });
  return {
    each: best,
    there: best.slice(0, TOLD).map((s) => ({ ...s, ...feltIn(style, s.sizeNumber, s.width, feet, wear) })),
    sets,
    needs: needsOf(now, (side, id) => ask.tape[side]?.[id] !== undefined)
  };
}
interface At {
  ask: LearnAsk;
  mean: Float64Array;
  draws: readonly Float64Array[];
  wear: Wear;
}
/** At which draws every deciding zone of both feet lies within its limits. New shoes are worn for no hours yet. */
function bitsOf(shoe: Shoe, base: number, { ask, mean, draws, wear }: At): Uint32Array {
  // Cuts are those of nobody's preference: liking is drawn.
  const asWorn = { ...wear, hoursWorn: 0, preference: 'regular' as const };
  const targets = targetsFor(shoe, asWorn);
  const { ids } = zoneSetFor(KIND[shoe.kind]);
  const zones = new Set(ids);
  const bits = new Uint32Array(Math.ceil(draws.length / 32)).fill(0xffffffff);
  for (const side of SIDES) {
    const slopes = slopesAt({ shoe, wear: asWorn, side, mmOf: (id) => mean[stateAt(side, id)], features: ask.features?.[side] ?? {}, zones });
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
      const start = by.reduce((mm, [col, n]) => mm - (col < MEASURES_BOTH.length ? n * mean[col] : 0), slopes.mm[at]);
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
