import type { Banded } from '../heel';
import { PASTE } from './choices';
import { GRAVITY } from './hold';
import { shankLong, shankStiffness, type Box } from './box';
import type { PointeFoot } from './forefoot';
import type { Point } from '../shape';

/**
 * Over the box: one balance of moments at the midfoot, solved twice. All effort to get over tells how many degrees are to spare; all effort to hold
 * back tells whether she falls over. Flat frame: x forward from the heel, y up from the sole, shares of the length; angles toes down. Ankle and
 * stature: Drillis and Contini 1966, from memory; midfoot, toe joint and all constants [model].
 */
export const JOINTS = { ankle: { x: 0.25, y: 0.257 }, midfoot: { x: 0.49, y: 0.14 }, toeJoint: { x: 0.725, y: 0.06 }, toeEnd: { x: 1, y: 0.045 }, shin: 1.613, centre: 3.36 } as const; // prettier-ignore
const DEG = Math.PI / 180;
/** The toe joint gives so many degrees in the box; upright adds to 90 less it. */
const UPRIGHT_DEG = 87;
const MIDFOOT = { share: 0.33, low: 15, high: 50 } as const;
/** Degrees past upright to which one is held back. */
const PAST_DEG = 4;

/** A vector turned toes down by so many degrees. */
export const turned = ({ x, y }: Point, deg: number): Point => {
  const [c, s] = [Math.cos(deg * DEG), Math.sin(deg * DEG)];
  return { x: x * c + y * s, y: -x * s + y * c };
};
const plus = (a: Point, b: Point): Point => ({ x: a.x + b.x, y: a.y + b.y });
const minus = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y });

/** How much of the point reach the midfoot gives, degrees. */
export const midfootDeg = (foot: Pick<PointeFoot, 'pointReachDeg' | 'foot'>, reach: number): number =>
  Math.min(MIDFOOT.high, Math.max(MIDFOOT.low, foot.foot.ankleReachDeg === null ? MIDFOOT.share * reach : reach - foot.foot.ankleReachDeg));

export interface Chain {
  toeEnd: Point;
  toeJoint: Point;
  midfoot: Point;
  ankle: Point;
  knee: Point;
  /** Degrees of toes, forefoot, hindfoot, shin. */
  toe: number;
  fore: number;
  hind: number;
  shin: number;
}
/** Joints from the toe's end up, shares of the length, the toe's end at nought. */
export function chainOf(toe: number, fore: number, hind: number, shin: number): Chain {
  const { ankle: A0, midfoot: N0, toeJoint: M0, toeEnd: T0 } = JOINTS;
  const toeEnd = { x: 0, y: 0 };
  const toeJoint = plus(toeEnd, turned(minus(M0, T0), toe));
  const midfoot = plus(toeJoint, turned(minus(N0, M0), fore));
  const ankle = plus(midfoot, turned(minus(A0, N0), hind));
  const knee = plus(ankle, turned({ x: 0, y: JOINTS.shin }, shin));
  return { toeEnd, toeJoint, midfoot, ankle, knee, toe, fore, hind, shin };
}
/** Degrees the shin leans on pointe so that the body stands over the platform. @param mid degrees of the midfoot */
export const shinDeg = (mid: number): number => -Math.asin(chainOf(90, UPRIGHT_DEG, UPRIGHT_DEG - mid, 0).ankle.x / JOINTS.centre) / DEG;
/** Degrees of pointing that upright on the platform asks for (about 90: Novella 1995, Weiss 2009, from memory). */
export const neededDeg = (mid: number): number => UPRIGHT_DEG - shinDeg(mid);
export const flatChain = (): Chain => chainOf(0, 0, 0, 0);
export const demiChain = (deg: number, mid: number): Chain => chainOf(0, deg, deg - 0.35 * mid, 3);
/** On pointe, tipped by so many degrees: short of upright negative, over positive. */
export const pointeChain = (mid: number, tipped = 0): Chain => chainOf(90 + tipped, UPRIGHT_DEG + tipped, UPRIGHT_DEG - mid + tipped, shinDeg(mid));

/** Effort, N m over body weight times foot length; width of the end of range, degrees [model]. */
const EFFORT = {
  push: { low: 0.04, centre: 0.053, high: 0.07 },
  back: { low: 0.02, centre: 0.03, high: 0.045 },
  hypermobileBack: 0.85,
  end: { low: 8, centre: 6, high: 5 },
  hypermobileEnd: 9,
  strength: { least: 0.5, each: 40, most: 1.25 },
  vampFromMm: 3,
  negligible: 0.02,
  farEnd: 3.91
} as const;
/** A shank is fed so much of body weight times length at least, so that it holds the arch. */
const LEAST_SHANK = 0.035;
const LEAST_PHI_DEG = 3;

type At = 'low' | 'centre' | 'high';
/** What of the balance belongs to the foot alone; null where no reach was taken. */
export interface OverFoot {
  reach: number;
  midDeg: number;
  neededDeg: number;
  /** Body weight times foot length, N m, and the part of it that strength gives. */
  bodyNm: number;
  strongNm: number;
  /** How far the body's weight turns her over at the midfoot, N m. */
  weightNm: number;
  hypermobile: boolean;
}
const bodyNm = (foot: PointeFoot): number => foot.weightKg * GRAVITY * (foot.foot.values.lengthMm.mm / 1000);
export function overFootOf(foot: PointeFoot): OverFoot | null {
  const reach = foot.pointReachDeg;
  if (reach === null) return null;
  const mid = midfootDeg(foot, reach);
  const body = bodyNm(foot);
  const { least, each, most } = EFFORT.strength;
  return {
    reach,
    midDeg: mid,
    neededDeg: neededDeg(mid),
    bodyNm: body,
    strongNm: Math.min(most, Math.max(least, least + foot.rises / each)) * body,
    weightNm: pointeChain(mid).midfoot.x * body,
    hypermobile: foot.hypermobile
  };
}
/** Moments with which she gets over and is held, N m, and the end of her range. */
interface Moments {
  up: number;
  held: number;
  end: number;
  width: number;
}
function momentsOf(f: OverFoot, box: Pick<Box, 'paste'>, vampCoverMm: number, at: At): Moments {
  const vamp = PASTE[box.paste].holdsBack * Math.max(0, vampCoverMm - EFFORT.vampFromMm);
  return {
    up: EFFORT.push[at] * f.strongNm + 0.5 * f.weightNm - vamp,
    held: f.weightNm - EFFORT.back[at] * f.strongNm * (f.hypermobile ? EFFORT.hypermobileBack : 1) - vamp,
    end: EFFORT.push.centre * f.strongNm,
    width: f.hypermobile ? EFFORT.hypermobileEnd : EFFORT.end[at]
  };
}
/** Reach at which a moment is balanced by shank and end of range, degrees. @param k stiffness of the shank, N m a radian */
function reachAt(moment: number, { end, width }: Moments, { reach, midDeg }: OverFoot, k: number): number {
  if (moment <= EFFORT.negligible * end) return reach - Math.min(midDeg, EFFORT.farEnd * width);
  let R = reach + width * Math.log(moment / end);
  for (let i = 0; i < 30; i++) {
    const phi = midDeg - (reach - R);
    const shank = phi > 0 ? k * phi * DEG : 0;
    const last = end * Math.exp((R - reach) / width);
    const step = (moment - shank - last) / ((phi > 0 ? k * DEG : 0) + last / width);
    R += step;
    if (Math.abs(step) < 1e-6) break;
  }
  return Math.max(R, reach - midDeg);
}
const spareOf = (m: Moments, f: OverFoot, k: number): number => reachAt(m.up, m, f, k) - f.neededDeg;
const heldOf = (m: Moments, f: OverFoot, k: number): number => f.neededDeg + PAST_DEG - reachAt(m.held, m, f, k);

/** The band of shanks for a foot in a box, whatever its own shank. */
export interface ShankBand {
  moments: Moments;
  /** Ends of the band, even where they cross; what the shank should be, N m a radian. */
  lowNm: number;
  highNm: number;
  middleNm: number;
  /** What is short where no shank does both: reach, or what holds her. */
  missing: 'reach' | 'hold' | null;
}
export function shankBand(f: OverFoot, box: Pick<Box, 'paste'>, vampCoverMm: number): ShankBand {
  const moments = momentsOf(f, box, vampCoverMm, 'centre');
  const phi = (R: number): number => Math.max(LEAST_PHI_DEG, f.midDeg - (f.reach - R)) * DEG;
  const end = (R: number): number => moments.end * Math.exp((R - f.reach) / moments.width);
  const highNm = (moments.up - end(f.neededDeg)) / phi(f.neededDeg);
  const past = f.neededDeg + PAST_DEG;
  const leastNm = LEAST_SHANK * f.bodyNm;
  const lowNm = Math.max(leastNm, (moments.held - end(past)) / phi(past));
  const missing = highNm >= lowNm ? null : highNm < leastNm ? 'reach' : 'hold';
  // Where no shank does both, the least that holds the arch is the one to begin with.
  return { moments, lowNm, highNm, missing, middleNm: Math.sqrt(lowNm * Math.min(4 * lowNm, Math.max(lowNm, highNm))) };
}
/** From here on she gets over, and is held, degrees. */
export const SAFE = { toSpareDeg: -1, heldBackDeg: 0 } as const;
export type OverState = 'short' | 'falls' | 'holds';
export const overState = ({ toSpareDeg, heldBackDeg }: Pick<Over, 'toSpareDeg' | 'heldBackDeg'>): OverState =>
  toSpareDeg < SAFE.toSpareDeg ? 'short' : heldBackDeg < SAFE.heldBackDeg ? 'falls' : 'holds';
export interface Over {
  midDeg: number;
  neededDeg: number;
  /** To spare over upright (negative: short of it); held back past upright (negative: falls over). */
  toSpareDeg: number;
  heldBackDeg: number;
  /** Stiffness of the shank under this foot, N m a radian, and the band of it that does both; none where none does. */
  shankNm: number;
  band: { low: number; high: number } | null;
  lowNm: number;
  highNm: number;
  middleNm: number;
  missing: ShankBand['missing'];
}
/** Both margins with a shank. @param k its stiffness under this foot, N m a radian */
export function overWith(f: OverFoot, { moments, lowNm, highNm, middleNm, missing }: ShankBand, k: number): Over {
  return {
    midDeg: f.midDeg,
    neededDeg: f.neededDeg,
    toSpareDeg: spareOf(moments, f, k),
    heldBackDeg: heldOf(moments, f, k),
    shankNm: k,
    band: missing === null ? { low: lowNm, high: highNm } : null,
    lowNm,
    highNm,
    middleNm,
    missing
  };
}
/** Both margins and the band of shanks; null where no reach was measured. @param left share of the shank that is left */
export function overBox(foot: PointeFoot, box: Box, vampCoverMm: number, left = 1): Over | null {
  const f = overFootOf(foot);
  return f && overWith(f, shankBand(f, box, vampCoverMm), shankStiffness(box, foot.foot.values.lengthMm.mm, left));
}
const ENDS: readonly At[] = ['low', 'centre', 'high'];
/** Low and high of both margins over what effort and end of range may be, degrees. */
export function overBounds(foot: PointeFoot, box: Box, vampCoverMm: number, left = 1): { toSpareDeg: Banded; heldBackDeg: Banded } | null {
  const f = overFootOf(foot);
  if (!f) return null;
  const k = shankStiffness(box, foot.foot.values.lengthMm.mm, left);
  const margins = ENDS.map((at) => momentsOf(f, box, vampCoverMm, at)).map((m) => ({ spare: spareOf(m, f, k), held: heldOf(m, f, k) }));
  const banded = (all: readonly number[]): Banded => ({ low: Math.min(...all), centre: all[1], high: Math.max(...all) });
  return { toSpareDeg: banded(margins.map((m) => m.spare)), heldBackDeg: banded(margins.map((m) => m.held)) };
}

const DEMI = { effort: 0.11, shank: 0.45, wing: 0.06, hardUnderDeg: 55 } as const;
/** How far one rolls through in demi-pointe, degrees: the shoe's own bending against body weight, and no further than the foot. */
export function demiDeg(foot: PointeFoot, box: Box, wingInnerMm: number, left = 1): number {
  const resists = DEMI.shank * shankLong(box, left) + PASTE[box.paste].demi + DEMI.wing * Math.max(0, wingInnerMm);
  return Math.min(foot.demiReachDeg, (DEMI.effort * bodyNm(foot)) / resists / DEG);
}
export const HARD_TO_ROLL_DEG = DEMI.hardUnderDeg;

/** The heel: how much cloth two fingers take behind it on pointe, mm. A mm stays between sole and toe; a string draws it in. */
const PINCH = { heelY: 0.05, less: 2, string: 2, wide: 0.25, wideFrom: 2, least: -6, most: 12, stiffOver: 60 } as const;
/** Sole of the shoe as a chord when its shank bends, mm. */
export function soleChord(box: Box, mid: number, k: number): number {
  const b = box.shank.bend;
  return box.insideLengthMm * Math.sqrt(1 - 2 * b * (1 - b) * (1 - Math.cos((mid / (1 + k / PINCH.stiffOver)) * DEG)));
}
/** The foot from heel to toes as a chord on pointe, mm. */
export function footChord(lengthMm: number, mid: number): number {
  const chain = pointeChain(mid);
  const heel = plus(chain.ankle, turned(minus({ x: 0, y: PINCH.heelY }, JOINTS.ankle), chain.hind));
  return Math.hypot(heel.x, heel.y) * (lengthMm - PINCH.less);
}
/** @param mid degrees of the midfoot, @param k stiffness of the shank under this foot, @param chordMm `footChord` */
export function heelPinch(foot: PointeFoot, box: Box, restMm: number, mid: number, k: number, chordMm: number): number {
  const cloth = Math.min(PINCH.most, Math.max(PINCH.least, box.heelWidthMm - foot.foot.values.heelWidthMm.mm + PINCH.wideFrom));
  return (soleChord(box, mid, k) - restMm - chordMm) / 2 - (box.drawstring ? PINCH.string : 0) + PINCH.wide * cloth;
}
