import { UNDER_MM } from './footbed';
import { treadOf, type Tread } from './ground';
import { HEEL_SHAPE, type HeelShapeId } from './heel-shapes';
import { HOLD, type HoldId } from './holds';
import { halfWidth, tipOutline, type Tip } from './tip-print';
import type { Pose } from './pose';
import { hullOf, type Point } from '../shape';

/**
 * How far a foot may tip sideways on a heel before it goes over, degrees: on the heel alone, standing, and on the ball. A comparison between
 * shoes, no safety limit; falls rise above 25 mm of heel (Tencer 2004, from memory).
 */
export interface Stability {
  heelDeg: number;
  standingDeg: number;
  ballDeg: number;
  /** Mean of heel and standing: what shoes are ranked by. */
  indexDeg: number;
}
export interface Base {
  heel: HeelShapeId;
  tip: Tip;
  /** Where the tip's rear stands before the heel's back, mm. */
  setbackMm: number;
  platformMm: number;
  hold: HoldId;
  weightKg: number;
  /** Width of the sole at the ball, mm; of the length when left out. */
  soleWidthMm?: number;
  /** Worn away more on one side of the tip, and bent inward, mm. */
  unevenMm?: number;
  bentInMm?: number;
  /** Width of a cap over the tip, mm. */
  capMm?: number;
  /** How much wider the heel grows upward, mm a mm; usual for its shape when left out. */
  widens?: number;
}

/** [model], of the length or of the sole's width. */
const SOLE = { width: 0.34, outerX: -0.055, outer: 0.51, inner: -0.39, frontX: 0.1, frontOuter: 0.45, frontInner: -0.36, waistX: -0.06, waistOuter: 0.4, waistInner: -0.36, seat: 0.23, wedgeLong: 0.7, heellessLong: 0.4 } as const; // prettier-ignore
/** Weight kept back: where it falls, from the heel pad to the ball. */
const KEPT_BACK = 0.36;
/** A cap widens a tip by so much of what it is wider. */
const CAP_SHARE = 0.8;
const GRAVITY = 9.81;
const DEG = 180 / Math.PI;

/** The tip as it stands on the ground, with its cap. */
export function standingTip({ tip, capMm }: Pick<Base, 'tip' | 'capMm'>): Tip {
  if (capMm === undefined) return tip;
  const widthMm = tip.widthMm + CAP_SHARE * (capMm - tip.widthMm);
  return { widthMm, lengthMm: Math.max(tip.lengthMm, widthMm), section: 'round' };
}

/** Outer edge of a hull at x, mm. */
function outerAt(hull: readonly Point[], x: number): number {
  let most = -Infinity;
  for (let i = 0; i < hull.length; i++) {
    const [a, b] = [hull[i], hull[(i + 1) % hull.length]];
    if (x < Math.min(a.x, b.x) || x > Math.max(a.x, b.x)) continue;
    most = Math.max(most, a.x === b.x ? Math.max(a.y, b.y) : a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x));
  }
  return most;
}

/** What stands on the ground under a foot, seen from below: the tip, and the ball of the sole, mm. */
export function prints(pose: Pose, base: Base): { tip: Point[]; ball: Point[] } {
  const { ball, foot } = pose;
  const L = foot.lengthMm;
  const T = base.soleWidthMm ?? SOLE.width * L;
  const at = (x: number, y: number): Point => ({ x: ball.x + x * L, y: y * T });
  const print = [at(SOLE.outerX, SOLE.outer), at(SOLE.frontX, SOLE.frontOuter), at(SOLE.frontX, SOLE.frontInner), at(0, SOLE.inner)];
  if (HEEL_SHAPE[base.heel].wedge) print.push(at(SOLE.waistX, SOLE.waistInner), at(SOLE.waistX, SOLE.waistOuter));
  return { tip: HEEL_SHAPE[base.heel].heelless ? [] : tipOutline(standingTip(base), base.setbackMm, -(base.bentInMm ?? 0)), ball: print };
}

export function stabilityOf(pose: Pose, base: Base): Stability {
  const { ball } = pose;
  const high = ankleHigh(pose, base.platformMm);
  const held = (1000 * HOLD[base.hold].torqueNm) / (GRAVITY * base.weightKg);
  const tip = standingTip(base);
  const tilt = Math.atan((base.unevenMm ?? 0) / tip.widthMm) * DEG;
  const angle = (edge: number, tiltShare: number): number => Math.atan((edge + held) / high) * DEG - (tiltShare * tilt) / 2;
  const on = prints(pose, base);
  const outline = hullOf([...on.tip, ...on.ball]);
  const ballDeg = angle(outerAt(hullOf(on.ball), ball.x), 0);
  const heelDeg = HEEL_SHAPE[base.heel].heelless ? ballDeg : angle(halfWidth(tip) - (base.bentInMm ?? 0), 1);
  const standingDeg = HEEL_SHAPE[base.heel].heelless ? ballDeg : angle(outerAt(outline, keptBackAt(pose)), 1 - KEPT_BACK);
  return { heelDeg, standingDeg, ballDeg, indexDeg: (heelDeg + standingDeg) / 2 };
}

/** Height of the ankle above the ground, mm. */
export const ankleHigh = (pose: Pose, platformMm: number): number => pose.ankle.y + platformMm + UNDER_MM;
/** Where weight kept back falls, forward from the back of the heel, mm. */
export const keptBackAt = ({ pad, ball }: Pose): number => (1 - KEPT_BACK) * pad.x + KEPT_BACK * ball.x;
/** The tip with its cap as the ground feels it. A cap does not grow wider up the heel. */
export const standingTread = (base: Pick<Base, 'heel' | 'tip' | 'capMm' | 'widens'>): Tread =>
  treadOf(standingTip(base), base.capMm === undefined ? (base.widens ?? HEEL_SHAPE[base.heel].widens) : 0);

/** How far a foot may tip backward before the heel goes over, degrees. */
export const backwardDeg = (pose: Pose, base: Base): number => Math.atan((pose.pad.x - base.setbackMm) / ankleHigh(pose, base.platformMm)) * DEG;

/** A tip whose middle stands further behind the heel pad than this bends the shank, mm [model]. */
const FAR_BEHIND_MM = 25;
export const TIP_PLACES = ['under-heel', 'shank-bends', 'tucks-under'] as const;
export function tipPlace(pose: Pose, base: Base): (typeof TIP_PLACES)[number] {
  const behind = pose.pad.x - (base.setbackMm + base.tip.lengthMm / 2);
  return behind > FAR_BEHIND_MM ? 'shank-bends' : behind < 0 ? 'tucks-under' : 'under-heel';
}
export { SOLE as SOLE_SHARES };
