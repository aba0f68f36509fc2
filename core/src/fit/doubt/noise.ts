import { KIND } from '../tables';
import { zoneSetFor, type ZoneSet, bigToeDepth, BLANK_PLAN, littleToeDepth, NO_AIDS, type FootDims, ZONE_AT } from '../zones';
import { outlineOffset, plainPlanInto, blankZones, plainZones, shoeAsWorn } from '../room';
import { disturbFoot, disturbInside, FOOT_CAUSES, SHOE_CAUSES } from './error-model';
import type { Limits } from '../judge';
import type { InsideSd, Shoe, Wear, WornFoot } from '../shoe';
import { keepBetween, noNoise, type Noise, type Standing } from './bitset';
import { effectiveDrop } from '../../heel';
import type { Inside } from '../../last';
import { heelSpreadShare } from '../../measure';

/** The noise of a foot's numbers in a shoe. */
export interface Noises {
  zones: Noise[];
  /** Places of the zones that answer in a straight line: within their limits while their noise lies between two numbers. */
  straight: readonly number[];
  overBig: Noise;
  overLittle: Noise;
  /** The shoe's own width and girth, which make its plan width, and the foot's width and girth. */
  width: Noise;
  girth: Noise;
  footWidth: Noise;
  footGirth: Noise;
  /** How much longer the shoe is for this foot than as told, and how much later its taper starts. */
  longer: Noise;
  later: Noise;
}

/** What of a shoe makes a difference to its noise, and what the zones are worked out from. */
export type NoisyShoe = Pick<Shoe, 'kind' | 'upper' | 'closure' | 'soleStiffness' | 'heelHeightMm' | 'platformMm'>;

const CAUSES = SHOE_CAUSES + FOOT_CAUSES;
const DEPTH = ZONE_AT['toe-box-depth'];
const BALL_GIRTH = ZONE_AT['ball-girth'];

/**
 * Leaves standing only the points at which every zone that answers in a straight line, and the depth over the big and the little toe, lies
 * within its limits: the share of them is the most chance there can be.
 * @param zone at least the plain zones as told; those a shoe has not are NaN
 */
export function keepStraight(noises: Noises, zone: Float64Array, dims: FootDims, inside: Inside, { least, most }: Limits, set: Standing): void {
  for (const i of noises.straight) {
    const mm = zone[i];
    // Zones a shoe has not are NaN.
    if (mm === mm) keepBetween(least[i] - mm, most[i] - mm, noises.zones[i], set);
  }
  // The lower of two depths bends where they cross: each is followed on its own.
  const big = bigToeDepth(dims, inside);
  const little = littleToeDepth(dims, inside);
  const taken = Math.min(big, little) - zone[DEPTH];
  const low = least[DEPTH] + taken;
  const high = most[DEPTH] + taken;
  const { overBig, overLittle } = noises;
  keepBetween(low - big, high - big, overBig, set);
  keepBetween(low - little, high - little, overLittle, set);
}

const kept = new WeakMap<Float64Array, WeakMap<InsideSd, WeakMap<ZoneSet, Map<number, Noises>>>>();

/**
 * The noise of a foot in any shoe known as well, on as high a heel: the same in every size, width and last, so worked out once; the heel
 * only makes a ball spread.
 * @param z points of doubt of the pair
 * @param f place of the foot in the pair
 * @param sd how well the shoe's inside is known
 */
export function noisesOf(foot: WornFoot, f: number, z: Float64Array, points: number, shoe: NoisyShoe, sd: InsideSd, inside: Inside, wear: Wear): Noises {
  const ofPair = kept.get(z) ?? new WeakMap<InsideSd, WeakMap<ZoneSet, Map<number, Noises>>>();
  kept.set(z, ofPair);
  const ofSd = ofPair.get(sd) ?? new WeakMap<ZoneSet, Map<number, Noises>>();
  ofPair.set(sd, ofSd);
  const zones = zoneSetFor(KIND[shoe.kind]);
  const ofLast = ofSd.get(zones) ?? new Map<number, Noises>();
  ofSd.set(zones, ofLast);
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  const key = (drop + DROPS) * 2 + f;
  const found = ofLast.get(key);
  if (found) return found;
  const flat = ofLast.get(f) ?? workOut(foot, f, z, points, shoe, sd, inside, wear);
  ofLast.set(f, flat);
  const raised = onHeel(flat, drop);
  ofLast.set(key, raised);
  return raised;
}
/** Above every drop below nought, mm: keys of heels are none of a flat shoe's. */
const DROPS = 1000;

/** Noise on a heel, from that on the flat: there the ball spreads, and its noise with it. */
function onHeel(flat: Noises, dropMm: number): Noises {
  const more = heelSpreadShare(dropMm);
  if (more === 0) return flat;
  const { at } = flat.zones[BALL_GIRTH];
  const ball = withEnds({ ...noNoise(0), at: at.map((mm, n) => mm - more * flat.footGirth.at[n]) });
  return { ...flat, zones: flat.zones.map((noise, i) => (i === BALL_GIRTH ? ball : noise)) };
}

function withEnds(noise: Noise): Noise {
  for (const mm of noise.at) {
    if (mm < noise.least) noise.least = mm;
    if (mm > noise.most) noise.most = mm;
  }
  return noise;
}

const plan = { ...BLANK_PLAN };
const zone = blankZones();

/** Noise on the flat, of every zone of the shoe's kind. */
function workOut(foot: WornFoot, f: number, z: Float64Array, points: number, shoe: NoisyShoe, sd: InsideSd, told: Inside, wear: Wear): Noises {
  const none = (): Noise => noNoise(points);
  const asWorn = { ...shoeAsWorn(shoe, wear, NO_AIDS), spreads: 1 };
  const noises: Noises = {
    zones: asWorn.zones.ids.map(none),
    straight: asWorn.zones.straight,
    overBig: none(),
    overLittle: none(),
    width: none(),
    girth: none(),
    footWidth: none(),
    footGirth: none(),
    longer: none(),
    later: none()
  };
  const d = z.length / points;
  const worn = { offsetMm: outlineOffset(shoe, wear) };
  // The first shoe that asks may be a low one that opens; the next a boot.
  const inside: Inside = { ...told, throatGirthMm: told.throatGirthMm ?? 0, toplineGirthMm: told.toplineGirthMm ?? 0, shaftGirthMm: told.shaftGirthMm ?? 0 };
  const fillZones = (dims: FootDims, it: Inside, into: Float64Array): void => plainZones(dims, asWorn, it, plainPlanInto(it, shoe, plan), worn, into);
  const before = blankZones();
  fillZones(foot.dims, inside, before);
  const unit = new Float64Array(CAUSES);
  const dims = { ...foot.dims };
  const now = { ...inside };
  for (let cause = 0; cause < CAUSES; cause++) {
    const place = cause < SHOE_CAUSES ? cause : cause + f * FOOT_CAUSES;
    /** Adds what a number answers to this cause, `by` a deviation, at every point. */
    const add = (to: Noise, by: number): void => {
      if (!(Math.abs(by) > 1e-9)) return;
      const { at } = to;
      for (let n = 0; n < points; n++) at[n] += by * z[n * d + place];
    };
    unit[cause] = 1;
    disturbFoot(foot, unit, SHOE_CAUSES, dims);
    disturbInside(inside, sd, unit, 0, SHOE_CAUSES, now);
    unit[cause] = 0;
    fillZones(dims, now, zone);
    for (const i of asWorn.zones.straight) add(noises.zones[i], zone[i] - before[i]);
    add(noises.overBig, bigToeDepth(dims, now) - bigToeDepth(foot.dims, inside));
    add(noises.overLittle, littleToeDepth(dims, now) - littleToeDepth(foot.dims, inside));
    add(noises.width, now.ballWidthMm - inside.ballWidthMm);
    add(noises.girth, now.ballGirthMm - inside.ballGirthMm);
    add(noises.footWidth, dims.ballWidthMm - foot.dims.ballWidthMm);
    add(noises.footGirth, dims.ballGirthMm - foot.dims.ballGirthMm);
    add(noises.longer, now.insoleLengthMm - inside.insoleLengthMm - (dims.lengthMm - foot.dims.lengthMm));
    add(noises.later, now.taperShiftMm - inside.taperShiftMm);
  }
  [...noises.zones, noises.overBig, noises.overLittle].forEach(withEnds);
  return noises;
}
