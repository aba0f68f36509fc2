import { BALL_AT } from '../measure';
import { HEEL, seatWedgeDeg } from './pitch';
import type { Point } from '../shape';

/**
 * A foot posed on a heel, from its inner side: five bones turned by one bisection. x runs forward from the back of the heel, y up from the
 * footbed under the ball, mm. A model of this project over survey stations; no foot was measured for it.
 */

/** Numbers of the foot that the pose reads, mm; what is left out follows from its length. */
export interface PoseFoot {
  lengthMm: number;
  ballLengthMm?: number;
  navicularMm?: number;
  /** Height of the top of the foot at half its length, of the toes, and of the ankle joint. */
  dorsumMm?: number;
  toeHeightMm?: number;
  ankleHeightMm?: number;
  ankleGirthMm?: number;
}

/** Shares of the foot's length. */
export const BONES = {
  pad: 0.15,
  ballHeight: 0.055,
  midfootAt: 0.42 / BALL_AT,
  navicular: 0.16,
  ankleAt: 0.24,
  ankleHeight: 0.285,
  toes: 0.085,
  dorsum: 0.245
} as const;

/** How much of what the forefoot turns past the seat the midfoot takes, and at most so many degrees: low, centre, high [model]. */
export const FLEX = { low: { share: 0, mostDeg: 0 }, centre: { share: 0.3, mostDeg: 8 }, high: { share: 0.5, mostDeg: 14 } } as const;
export type Bound = keyof typeof FLEX;
/** A toe joint bent further than this does not stand there, degrees [model]. */
const MOST_BEND_DEG = 55;
/** The toe joint bends between these, degrees. */
const SEARCHED = { least: -30, most: 80 } as const;

export interface Pose {
  foot: Required<Pick<PoseFoot, 'lengthMm' | 'ballLengthMm'>> & PoseFoot;
  dropMm: number;
  wedgeDeg: number;
  /** How far fore foot and rear foot are turned toes down, degrees. */
  foreDeg: number;
  rearDeg: number;
  pad: Point;
  midfoot: Point;
  ball: Point;
  ankle: Point;
  /** Turn of the line from heel pad to toe joint against the flat foot, degrees. */
  pitchDeg: number;
  /** What the ankle itself must point; midfoot and toe joint do the rest. */
  ankleDemandDeg: number;
  tooSteep: boolean;
}

const RAD = Math.PI / 180;
/** Turned toes down by an angle, degrees, about the origin. */
const turn = ({ x, y }: Point, deg: number): Point => {
  const [c, s] = [Math.cos(deg * RAD), Math.sin(deg * RAD)];
  return { x: x * c + y * s, y: -x * s + y * c };
};
/** A point turned with a bone about a joint that has moved. */
export const carried = (p: Point, flatJoint: Point, joint: Point, deg: number): Point => {
  const turned = turn({ x: p.x - flatJoint.x, y: p.y - flatJoint.y }, deg);
  return { x: joint.x + turned.x, y: joint.y + turned.y };
};

/** Joints of the flat foot, mm. */
export function flatJoints(foot: PoseFoot): Record<'pad' | 'midfoot' | 'ball' | 'ankle', Point> {
  const L = foot.lengthMm;
  const ball = foot.ballLengthMm ?? BALL_AT * L;
  return {
    pad: { x: BONES.pad * L, y: 0 },
    midfoot: { x: BONES.midfootAt * ball, y: foot.navicularMm ?? BONES.navicular * L },
    ball: { x: ball, y: BONES.ballHeight * L },
    ankle: { x: BONES.ankleAt * L, y: foot.ankleHeightMm ?? BONES.ankleHeight * L }
  };
}

/**
 * Poses a foot on a drop.
 * @param dropMm heel height less what is under the ball, mm
 * @param bound which share the midfoot takes
 * @param wedgeDeg the seat's own wedge where it is known, degrees
 */
export function poseOn(foot: PoseFoot, dropMm: number, bound: Bound = 'centre', wedgeDeg = seatWedgeDeg(dropMm)): Pose {
  const L = foot.lengthMm;
  const flat = flatJoints(foot);
  const { share, mostDeg } = FLEX[bound];
  const pad = { x: BONES.pad * L * Math.cos(wedgeDeg * RAD), y: dropMm - BONES.pad * L * Math.sin(wedgeDeg * RAD) };
  const rearOf = (fore: number): number => fore - Math.min(mostDeg, share * Math.max(0, fore - wedgeDeg));
  const midfootAt = (fore: number): Point => carried(flat.midfoot, flat.pad, pad, rearOf(fore));
  const ballAt = (fore: number): Point => carried(flat.ball, flat.midfoot, midfootAt(fore), fore);
  let [low, high] = [SEARCHED.least as number, SEARCHED.most as number];
  // The toe joint falls as the forefoot turns: halving finds where it stands over the footbed as it does on the flat.
  for (let i = 0; i < 48; i++) {
    const middle = (low + high) / 2;
    if (ballAt(middle).y > flat.ball.y) low = middle;
    else high = middle;
  }
  const foreDeg = (low + high) / 2;
  const rearDeg = rearOf(foreDeg);
  const midfoot = midfootAt(foreDeg);
  const ball = ballAt(foreDeg);
  const ankle = carried(flat.ankle, flat.pad, pad, rearDeg);
  const lean = (a: Point, b: Point): number => Math.atan2(a.y - b.y, b.x - a.x) / RAD;
  return {
    foot: { ...foot, ballLengthMm: flat.ball.x },
    dropMm,
    wedgeDeg,
    foreDeg,
    rearDeg,
    pad,
    midfoot,
    ball,
    ankle,
    pitchDeg: lean(pad, ball) - lean(flat.pad, flat.ball),
    ankleDemandDeg: rearDeg,
    tooSteep: foreDeg > MOST_BEND_DEG || dropMm / (HEEL.ballAt * L) > HEEL.steepest
  };
}
