import type { ShoeMake, InsideSd, Wear } from '../shoe';
import { blankZones, plainPlanInto, plainZones, shoeAsWorn } from '../room';
import type { Limits } from '../judge';
import { KIND } from '../tables';
import { BLANK_PLAN, deepToes, depthOver, NO_AIDS, ZONE_AT, zoneSetFor, type FootDims, type ZoneId, type ZoneSet } from '../zones';
import { keepAny, type Bitset } from './bitset';
import { disturbFoot, disturbInside, FOOT_CAUSES, LINE_TAPER_SD_MM, SHOE_CAUSES } from './error-model';
import { keepBetween, noNoise, withEnds, type Noise } from './noise';
import type { Sample } from './sample';
import { effectiveDrop } from '../../heel';
import type { Inside } from '../../last';
import { heelSpreadShare } from '../../measure';

/** The noise of a foot's numbers in a shoe, as far as they change evenly with each cause. */
export interface ZoneNoises {
  set: ZoneSet;
  /** By place in the set; nought for zones that do not answer in a straight line. */
  zones: Noise[];
  /** Of the depth over each toe, big toe first. */
  overToes: readonly Noise[];
  /** The shoe's own width and girth, which make its plan width, and the foot's width and girth. */
  width: Noise;
  girth: Noise;
  footWidth: Noise;
  footGirth: Noise;
  /** How much longer the shoe is for this foot than as told, and how much later its taper starts. */
  longer: Noise;
  later: Noise;
}

const CAUSES = SHOE_CAUSES + FOOT_CAUSES;
const DEPTH = ZONE_AT['toe-box-depth'];
const ALL_TOES = [0, 1, 2, 3, 4] as const;
const BALL_GIRTH = ZONE_AT['ball-girth'];

/**
 * Keeps of a set the points at which every zone that answers in a straight line, and the depth over the big and the little toe, lies
 * within its limits. The share of them is an upper bound of the chance.
 * @param zone at least the plain zones as told; those a shoe has not are NaN
 */
export function keepStraight(noises: ZoneNoises, zone: Float64Array, dims: FootDims, inside: Inside, { least, most }: Limits, set: Bitset): void {
  for (const i of noises.set.straight) {
    const mm = zone[i];
    // Zones a shoe has not are NaN.
    if (mm === mm) keepBetween(least[i] - mm, most[i] - mm, noises.zones[i], set);
  }
  // The least of some depths bends where they cross: each is followed on its own.
  const toes = deepToes(dims);
  const depths = toes.map((toe) => depthOver(toe, dims, inside));
  const taken = Math.min(...depths) - zone[DEPTH];
  const [low, high] = [least[DEPTH] + taken, most[DEPTH] + taken];
  toes.forEach((toe, i) => keepBetween(low - depths[i], Infinity, noises.overToes[toe], set));
  // There is too much only where there is over all of them.
  if (!toes.every((toe, i) => depths[i] + noises.overToes[toe].most > high)) return;
  keepAny(
    set,
    toes.map((toe, i) => {
      const within = set.slice();
      keepBetween(-Infinity, high - depths[i], noises.overToes[toe], within);
      return within;
    })
  );
}

/** Noises of one foot in shoes whose inside is known as well: on the flat by the shoes' zones, and on each heel. */
interface Kept {
  flat: ZoneNoises[];
  raised: Map<ZoneSet, Map<number, ZoneNoises>>;
}
const kept = new WeakMap<Sample, WeakMap<InsideSd, Kept[]>>();

/** Whose noise, and in which shoe. */
export interface NoiseAsk {
  sample: Sample;
  /** Place of the foot in its pair. */
  f: number;
  shoe: ShoeMake;
  /** How well the shoe's inside is known. */
  sd: InsideSd;
  /** Inside of a shoe as worn: which one makes no difference. */
  inside: Inside;
  wear: Wear;
}

/**
 * The noise of a foot in any shoe known as well, on as high a heel. It is the same in every size, width and last, so it is worked out once;
 * of the heel it only hangs by how much the ball spreads.
 */
export function zoneNoisesOf(ask: NoiseAsk): ZoneNoises {
  const { sample, f, shoe, sd } = ask;
  const bySd = kept.get(sample) ?? new WeakMap<InsideSd, Kept[]>();
  kept.set(sample, bySd);
  const byFoot = bySd.get(sd) ?? [];
  bySd.set(sd, byFoot);
  const own = (byFoot[f] ??= { flat: [], raised: new Map() });
  const set = zoneSetFor(KIND[shoe.kind]);
  const byDrop = own.raised.get(set) ?? new Map<number, ZoneNoises>();
  own.raised.set(set, byDrop);
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  const found = byDrop.get(drop);
  if (found) return found;
  let flat = own.flat.find((n) => n.set === set);
  if (!flat) own.flat.push((flat = onTheFlat(ask, own.flat[0])));
  const raised = onHeel(flat, drop);
  byDrop.set(drop, raised);
  return raised;
}

/** Noise on a heel, from that on the flat: there the ball spreads, and its noise with it. */
function onHeel(flat: ZoneNoises, dropMm: number): ZoneNoises {
  const more = heelSpreadShare(dropMm);
  if (more === 0) return flat;
  const { at } = flat.zones[BALL_GIRTH];
  const ball = withEnds({ ...noNoise(0), at: at.map((mm, n) => mm - more * flat.footGirth.at[n]) });
  return { ...flat, zones: flat.zones.map((noise, i) => (i === BALL_GIRTH ? ball : noise)) };
}

const plan = { ...BLANK_PLAN };
const zone = blankZones();

/** Noise on the flat, of every zone of the shoe's kind. @param like noise of the same foot in a kind with other zones, from which it takes what both have */
function onTheFlat({ sample, f, shoe, sd, inside: told, wear }: NoiseAsk, like?: ZoneNoises): ZoneNoises {
  const { feet, points, causes, lines, z } = sample;
  const foot = feet[f];
  const none = (): Noise => noNoise(points);
  const asWorn = { ...shoeAsWorn(shoe, wear, NO_AIDS), spreads: 1 };
  const set = asWorn.zones;
  const known = (id: ZoneId): Noise | undefined => like && like.zones[like.set.at[id] ?? -1];
  const zones = set.ids.map((id) => known(id) ?? none());
  const fresh = set.straight.filter((i) => !known(set.ids[i]));
  const others = like ?? {
    overToes: ALL_TOES.map(none),
    width: none(),
    girth: none(),
    footWidth: none(),
    footGirth: none(),
    longer: none(),
    later: none()
  };
  const { overToes, width, girth, footWidth, footGirth, longer, later } = others;
  // The first shoe that asks may be a low one that opens; the next a boot.
  const inside: Inside = { ...told, throatGirthMm: told.throatGirthMm ?? 0, toplineGirthMm: told.toplineGirthMm ?? 0, shaftGirthMm: told.shaftGirthMm ?? 0 };
  const fill = (dims: FootDims, it: Inside, into: Float64Array): void => plainZones(dims, asWorn, it, plainPlanInto(it, asWorn.girthShare, plan), into);
  const before = blankZones();
  fill(foot.dims, inside, before);
  const unit = new Float64Array(CAUSES);
  const dims = { ...foot.dims };
  const now = { ...inside };
  /** Adds what a number answers to the cause at a place of the row, `by` a deviation, at every point. */
  const answer = ({ at }: Noise, by: number, place: number): void => {
    if (!(Math.abs(by) > 1e-9)) return;
    for (let n = 0; n < points; n++) at[n] += by * z[n * causes + place];
  };
  if (!like && lines[f] >= 0) answer(later, LINE_TAPER_SD_MM, lines[f]);
  for (let cause = 0; cause < CAUSES; cause++) {
    const add = (noise: Noise, by: number): void => answer(noise, by, cause < SHOE_CAUSES ? cause : cause + f * FOOT_CAUSES);
    unit[cause] = 1;
    disturbFoot(foot, unit, SHOE_CAUSES, dims);
    disturbInside(inside, sd, unit, 0, SHOE_CAUSES, now);
    unit[cause] = 0;
    fill(dims, now, zone);
    for (const i of fresh) add(zones[i], zone[i] - before[i]);
    if (like) continue;
    for (const toe of ALL_TOES) add(overToes[toe], depthOver(toe, dims, now) - depthOver(toe, foot.dims, inside));
    add(width, now.ballWidthMm - inside.ballWidthMm);
    add(girth, now.ballGirthMm - inside.ballGirthMm);
    add(footWidth, dims.ballWidthMm - foot.dims.ballWidthMm);
    add(footGirth, dims.ballGirthMm - foot.dims.ballGirthMm);
    add(longer, now.insoleLengthMm - inside.insoleLengthMm - (dims.lengthMm - foot.dims.lengthMm));
    add(later, now.taperShiftMm - inside.taperShiftMm);
  }
  fresh.forEach((i) => withEnds(zones[i]));
  if (!like) overToes.forEach(withEnds);
  return { set, zones, overToes, width, girth, footWidth, footGirth, longer, later };
}
