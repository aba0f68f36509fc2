import type { TakenId } from '@chiave/core/measure';
import type { Point } from '@chiave/core/shape';

/**
 * How a measure of the leg or of reach is taken, where a foot alone does not show it: on a leg from the side, in shares of the foot's length,
 * x forward from the heel, y up from the floor. Looked at, not measured.
 */
export interface HowTaken {
  /** A tape round, a height from the floor, or one place. */
  tape?: readonly [Point, Point];
  height?: number;
  spot?: Point;
  /** The foot moved at the ankle, degrees: toes up are positive. */
  turnsDeg?: number;
  /** The heel is raised over flat toes, so many degrees; more than once where it is counted. */
  raisedDeg?: number;
  /** The leg is held out, by so many degrees, and what is measured is how far the toes hang below the heel. */
  heldOutDeg?: number;
}

const p = (x: number, y: number): Point => ({ x, y });
/** The leg from the foot's skin up to the knee, front and back. */
export const LEG_FRONT: readonly Point[] = [p(0.357, 0.445), p(0.355, 0.54), p(0.365, 0.75), p(0.385, 1.1), p(0.385, 1.35), p(0.365, 1.62), p(0.375, 1.78)];
export const LEG_BACK: readonly Point[] = [
  p(0.07, 1.78),
  p(0.035, 1.62),
  p(-0.045, 1.4),
  p(-0.075, 1.2),
  p(-0.04, 0.98),
  p(0.03, 0.72),
  p(0.058, 0.53),
  p(0.058, 0.43)
];
export const ANKLE: Point = p(0.24, 0.285);
/** Tapes lie at these heights. */
const ANKLE_AT = 0.52;
const CALF_AT = 1.22;
const KNEE_AT = 1.66;

export const HOW_TAKEN: Partial<Record<TakenId, HowTaken>> = {
  ankleGirthMm: { tape: [p(0.058, ANKLE_AT), p(0.355, ANKLE_AT)] },
  ankleGirthHeightMm: { height: ANKLE_AT },
  calfGirthMm: { tape: [p(-0.075, CALF_AT), p(0.386, CALF_AT)] },
  calfGirthHeightMm: { height: CALF_AT },
  shinLengthMm: { height: KNEE_AT },
  heelSpurMm: { spot: p(0, 0.13) },
  ankleLiftDeg: { turnsDeg: 18 },
  pointReachDeg: { turnsDeg: -62 },
  demiReachDeg: { raisedDeg: 62 },
  rises: { raisedDeg: 48 },
  heelDropMm: { turnsDeg: -40, heldOutDeg: 24 }
};

/** The toe joint, about which a raised foot bends, and how far around it the skin follows. */
const TOE_JOINT: Point = p(0.725, 0.03);
const BENDS_OVER = 0.16;
/** Where a point of foot or leg stands when the heel is raised: toes stay, the foot behind them turns, the leg goes with its ankle. */
export function raised(q: Point, deg: number, ofLeg: boolean): Point {
  const up = turned(ANKLE, TOE_JOINT, -deg);
  if (ofLeg) return { x: q.x + up.x - ANKLE.x, y: q.y + up.y - ANKLE.y };
  const share = Math.min(1, Math.max(0, (TOE_JOINT.x + BENDS_OVER / 2 - q.x) / BENDS_OVER));
  return turned(q, TOE_JOINT, -deg * share * share * (3 - 2 * share));
}
/** Turns a point about another, degrees against the clock. */
export function turned(q: Point, about: Point, deg: number): Point {
  const a = (deg * Math.PI) / 180;
  const [dx, dy] = [q.x - about.x, q.y - about.y];
  return { x: about.x + dx * Math.cos(a) - dy * Math.sin(a), y: about.y + dx * Math.sin(a) + dy * Math.cos(a) };
}
