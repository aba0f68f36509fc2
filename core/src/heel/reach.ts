import { poseOn, type Pose, type PoseFoot } from './pose';

/**
 * Whether an ankle reaches a heel. What is judged is what the ankle itself must point: midfoot and toe joint do the rest of the pitch.
 */
export const REACH_SCHOOLS = [
  { id: 'stiff', name: 'stiff or little used', share: 0.6 },
  { id: 'middle', name: 'ordinary', share: 0.65 },
  { id: 'habitual', name: 'used to heels', share: 0.7 }
] as const;
export type ReachSchool = (typeof REACH_SCHOOLS)[number]['id'];
/** Share of the measured range that is comfortable to stand in [model]. */
export const comfortShare = (school: ReachSchool): number => REACH_SCHOOLS.find((s) => s.id === school)!.share;
/** 50 mm or more on most days: calves are shorter then, and coming down goes in steps, too (Csapo 2010, from memory). */
export const HABITUAL_MM = 50;

export const REACHES = ['comfortable', 'near-limit', 'out-of-reach', 'unknown'] as const;
export type Reach = (typeof REACHES)[number];

/** Whether an ankle reaches a pose: within the comfortable share of its measured range, within the range, or beyond it. */
export function ankleReaches(pose: Pose, ankleReachDeg: number | null, school: ReachSchool = 'middle'): Reach {
  if (pose.tooSteep) return 'out-of-reach';
  if (ankleReachDeg === null) return 'unknown';
  if (pose.ankleDemandDeg <= ankleReachDeg * comfortShare(school)) return 'comfortable';
  return pose.ankleDemandDeg <= ankleReachDeg ? 'near-limit' : 'out-of-reach';
}

/** No foot stands on more, of its length. */
const MOST_DROP = 0.6;
/** The drop at which something that grows with it comes to a value, by halving, mm. */
function dropAt(foot: PoseFoot, value: number, of: (pose: Pose) => number): number {
  let [low, high] = [0, MOST_DROP * foot.lengthMm];
  for (let i = 0; i < 30; i++) {
    const middle = (low + high) / 2;
    if (of(poseOn(foot, middle)) < value) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
/** The drop that asks so much of the ankle, mm. */
export const dropForDemand = (foot: PoseFoot, ankleDemandDeg: number): number => dropAt(foot, ankleDemandDeg, (pose) => pose.ankleDemandDeg);
/** The highest drop this foot can stand on at all, mm. */
export const steepestDrop = (foot: PoseFoot): number => dropAt(foot, 1, (pose) => (pose.tooSteep ? 1 : 0));

/** Where a relaxed drop was read: how far the heel hangs above the ball, or above the toe tips. */
export const RELAXED_READ_AT = [
  { id: 'ball', name: 'ball', share: 1 },
  { id: 'tips', name: 'toe tips', share: 0.725 }
] as const;
export type RelaxedReadAt = (typeof RELAXED_READ_AT)[number]['id'];
/** Leg held out, foot hanging: one school takes that drop as the comfortable one, mm [practice]. */
export const relaxedDrop = (readMm: number, at: RelaxedReadAt): number => readMm * RELAXED_READ_AT.find((r) => r.id === at)!.share;
