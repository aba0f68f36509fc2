import { UNDER_MM } from './footbed';
import { flatJoints, poseOn, type PoseFoot } from './pose';

/** What a pair of shoes stands on: its drop, and what is under the ball, mm. */
export interface Stand {
  dropMm: number;
  platformMm: number;
  /** Board and sole under the ball, mm. */
  stackMm?: number;
}
/** How much taller one stands, mm; `most` is what it can never pass. */
export interface Rise {
  lowMm: number;
  centreMm: number;
  highMm: number;
  mostMm: number;
}

/** The ankle turns about the ball: from there to the ankle, of the way from there to the heel [model]. */
const ANKLE_OF_HEEL = 0.669;
const RAD = Math.PI / 180;

/** How much the ankle rises over barefoot by the drop alone, mm. */
function riseByDrop(foot: PoseFoot, dropMm: number, wedgeDeg?: number): Omit<Rise, 'mostMm'> {
  const flat = flatJoints(foot);
  const turned = dropMm * ANKLE_OF_HEEL;
  const pose = poseOn(foot, dropMm, 'low', wedgeDeg);
  const w = pose.wedgeDeg * RAD;
  const [x, y] = [flat.ankle.x - flat.pad.x, flat.ankle.y - flat.pad.y];
  const onSeat = pose.pad.y + (-x * Math.sin(w) + y * Math.cos(w)) - flat.ankle.y;
  const lowMm = Math.min(dropMm, pose.ankle.y - flat.ankle.y, turned);
  const highMm = Math.min(dropMm, Math.max(onSeat, turned));
  return { lowMm, centreMm: (lowMm + highMm) / 2, highMm };
}

/** How much taller than barefoot a foot stands in a shoe, mm: platform and soles lift it whole, the heel only in part. */
export function riseIn(foot: PoseFoot, { dropMm, platformMm, stackMm = UNDER_MM }: Stand, wedgeDeg?: number): Rise {
  const under = platformMm + stackMm;
  const { lowMm, centreMm, highMm } = riseByDrop(foot, dropMm, wedgeDeg);
  return { lowMm: lowMm + under, centreMm: centreMm + under, highMm: highMm + under, mostMm: dropMm + under };
}

/** Of two shoes on one foot, how much taller one stands in the first; the same doubt sits in both, so bounds are taken from bounds. */
export function riseDifference(one: Rise, other: Rise): { lowMm: number; centreMm: number; highMm: number } {
  const ends = [one.lowMm - other.lowMm, one.highMm - other.highMm];
  return { lowMm: Math.min(...ends), centreMm: one.centreMm - other.centreMm, highMm: Math.max(...ends) };
}

/** A hem is cut to stand so far off the ground, mm [practice]. */
export const HEM_CLEARANCE_MM = 12;
/** A hem that stands so much higher than cut is seen, mm [model]. */
export const HEM_SHORT_MM = 15;
export const HEM_ADVICE = ['right', 'drags', 'short'] as const;

/** What becomes of a hem cut for one pair when another is worn: it drags by so much, or stands higher, mm. */
export interface HemChange {
  lowMm: number;
  centreMm: number;
  highMm: number;
  dragMm: number;
  advice: (typeof HEM_ADVICE)[number];
}
/** @param cutFor the pair the hem is cut for @param worn the pair that is worn */
export function hemChange(cutFor: Rise, worn: Rise): HemChange {
  const lower = riseDifference(cutFor, worn);
  const dragMm = Math.max(0, lower.centreMm - HEM_CLEARANCE_MM);
  return { ...lower, dragMm, advice: dragMm > 0 ? 'drags' : lower.centreMm < -HEM_SHORT_MM ? 'short' : 'right' };
}
