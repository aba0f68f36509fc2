import type { Point } from '../../shape';
import { JOINTS, turned, type Chain } from '../over';
import { clamp, lerp, ramp, smooth } from './ramp';

/**
 * Carries a point of the flat foot or shoe into a pose: it bends in turn at the toe joint, the midfoot and the ankle, each by its share, so that
 * nothing collapses. Lengths are shares of the foot's, x from the heel, y up from the sole; where the shares are 0 and 1 this is the chain itself.
 */
const AWAY = 180 / Math.PI;
/** Share of the ankle's bend: all of it in the foot, none in the leg, running over in front and behind. */
function ankleShare({ x, y }: Point): number {
  const { ankle } = JOINTS;
  let al = Math.atan2(y - ankle.y, x - ankle.x) * AWAY;
  if (al < -60) al += 360;
  if (al < 66) return 1 - ramp((al + 12) / 78);
  return al <= 114 ? 0 : ramp((al - 114) / 100, 0.06);
}
const toeShare = ({ x, y }: Point): number => {
  const up = clamp(0, y / 0.11, 1);
  const [from, to] = [lerp(0.585, 0.66, up), lerp(0.735, 0.83, up)];
  return ramp((x - from) / (to - from));
};
const about = (p: Point, joint: Point, deg: number): Point => {
  const q = turned({ x: p.x - joint.x, y: p.y - joint.y }, deg);
  return { x: joint.x + q.x, y: joint.y + q.y };
};
/** How a stiff sole bends otherwise than the skin: at a place of its own, the more the stiffer. */
export interface SoleBend {
  at: number;
  /** 0 as the skin to 1 all at its own place. */
  stiff: number;
}
/** @param sole where the point lies on the sole: how that bends */
export function carry(p: Point, { toe, fore, hind, shin }: Chain, sole?: SoleBend): Point {
  const a = ankleShare(p);
  const skin = a * ramp((p.x - 0.335) / 0.29);
  const n = sole ? lerp(skin, 1 - smooth((sole.at + 0.2 - p.x) / 0.4), sole.stiff) : skin;
  let q = about(p, JOINTS.toeJoint, (toe - fore) * toeShare(p));
  q = about(q, JOINTS.midfoot, (fore - hind) * n);
  return about(q, JOINTS.ankle, shin + (hind - shin) * a);
}
