import { completeFoot, MEASURE_IDS, SIDES, type MeasureId } from '../measure';
import { feltIn, footAsWorn, KIND, sizesOf, sizeText, targetsFor, ZONE, zoneSetFor, type Shoe, type Style, type Wear, type ZoneId } from '../fit';
import { asSheet } from '../last';
import { rootOf } from './dense';
import { OFFSETS } from './felt';
import { needsOf } from './judged';
import { knownStyle } from './known';
import { settle, type LearnAsk } from './person';
import { seeded } from './random';
import { groupOf, offsetsBefore } from './said';
import { bestSets, chanceOf, type Sendable } from './sets';
import { slopesAt } from './slopes';
import { likingAt, MEASURES_BOTH, stateAt } from './state';

/** A size and width of one of the styles that are asked about. */
export interface SizeThere {
  styleId: string;
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

/** Of many styles only so many sizes are looked at over all draws: those that lie nearest to right on the feet believed in. */
const MOST_LOOKED = 72;
/** So many sizes are told with what would be felt in them. */
const TOLD = 6;
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
/** What is believed, and what of the styles' lasts nobody told anything about yet, in one. @returns where each last's offsets stand */
function withLasts(
  { now, baseOf }: ReturnType<typeof settle>,
  ask: LearnAsk,
  styles: readonly Style[]
): { mean: Float64Array; cov: Float64Array; at: Map<string, number> } {
  const at = new Map<string, number>();
  const own = now.mean.length;
  const more: Style[] = [];
  for (const style of styles) {
    const { last } = style;
    if (at.has(last.id)) continue;
    const told = ask.pairs.find((p) => p.lastId === last.id);
    at.set(last.id, told ? baseOf(told) : own + OFFSETS.length * more.length);
    if (!told) more.push(style);
  }
  const d = own + OFFSETS.length * more.length;
  const [mean, cov] = [new Float64Array(d), new Float64Array(d * d)];
  mean.set(now.mean);
  for (let i = 0; i < own; i++) cov.set(now.cov.subarray(i * own, (i + 1) * own), i * d);
  more.forEach((style, m) => {
    const { mark } = asSheet(style.last).evidence;
    offsetsBefore({ mark, learned: style.last.learned?.by }).forEach(({ mm, sdMm }, k) => {
      const i = own + m * OFFSETS.length + k;
      mean[i] = mm;
      cov[i * (d + 1)] = sdMm ** 2;
    });
  });
  return { mean, cov, at };
}
/**
 * Which one, two or three sizes and widths of some styles give the best chance that one fits, over all that is not known of feet, liking and last:
 * the same draws for every size, the fit of each taken along its lines at the feet believed in.
 * @param wear how the new pair is worn
 */
export function sendPlan(ask: LearnAsk, styles: readonly Style[], wear: Wear): SendPlan {
  const settled = settle(ask);
  const { now } = settled;
  const { mean, cov, at } = withLasts(settled, ask, styles);
  const draws = drawsOf(mean, cov);
  const mmOf = (side: (typeof SIDES)[number], id: MeasureId): number => mean[stateAt(side, id)];
  const longest = Math.max(...SIDES.map((side) => mmOf(side, 'lengthMm')));
  const feet = SIDES.map((side) => {
    const { taken: _how, ...features } = ask.features?.[side] ?? {};
    return footAsWorn(completeFoot({ ...features, side, values: Object.fromEntries(MEASURE_IDS.map((id) => [id, { mm: mmOf(side, id) }])) }), wear);
  });
  const made = styles.flatMap((style) =>
    sizesOf(style).flatMap((sizeNumber) =>
      style.widths.flatMap((width) => {
        const { shoe } = knownStyle(style, sizeNumber, width);
        return Math.abs(shoe.inside.madeForFootMm - longest) < NEAR_MM ? [{ style, sizeNumber, width, size: sizeText(style, sizeNumber), shoe }] : [];
      })
    )
  );
  const near = made.length > MOST_LOOKED ? nearestOf(made, feet, wear) : made;
  const sendable = near.map(({ shoe, style }, i): Sendable => ({ id: String(i), bits: bitsOf(shoe, at.get(style.last.id)!, { ask, mean, draws, wear }) }));
  const each = sendable.map((s, i): SizeThere => {
    const { style, size, sizeNumber, width } = near[i];
    return { styleId: style.id, size, sizeNumber, width, chance: chanceOf(s, DRAWS) };
  });
  const sets = bestSets(sendable, DRAWS).map(({ ids, chance }) => ({ pairs: ids.map((id) => each[Number(id)]), chance }));
  const best = [...each].sort((a, b) => b.chance - a.chance);
  return {
    each: best,
    there: best.slice(0, TOLD).map((s) => ({
      ...s,
      ...feltIn(
        styles.find((o) => o.id === s.styleId)!,
        s.sizeNumber,
        s.width,
        feet,
        wear
      )
    })),
    sets,
    needs: needsOf(now, (side, id) => ask.tape[side]?.[id] !== undefined)
  };
}
type Made = { style: Style; sizeNumber: number; width: string; size: string; shoe: Shoe };
const nearestOf = (made: readonly Made[], feet: Parameters<typeof feltIn>[3], wear: Wear): Made[] =>
  made
    .map((m) => ({ m, score: feltIn(m.style, m.sizeNumber, m.width, feet, wear).score }))
    .sort((a, b) => a.score - b.score)
    .slice(0, MOST_LOOKED)
    .map(({ m }) => m);
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
