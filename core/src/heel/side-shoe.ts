import type { Point } from '../shape';
import { footbed, heightOn, UNDER_MM, type ArchLine } from './footbed';
import { heelOf, platformOf, type HeelLook } from './heel-body';
import type { Pose } from './pose';
import { CUT, innerAnkle, posedSkin } from './skin';
import { tipOf, upperOn, type Upper, type UpperLook } from './upper';

/** How a shoe looks from the side. */
export interface SideLook extends HeelLook, UpperLook {
  /** How the shank runs: straight holds no arch, curved carries it. */
  archLine?: ArchLine;
}

/** A foot on a heel and its shoe, from the inner side, mm: x forward from the back of the heel, y up from the footbed under the ball. */
export interface SideDrawing extends Upper {
  groundY: number;
  /** Closed: the foot; `cut` is the straight end of the leg. */
  foot: Point[];
  cut: [Point, Point];
  ankle: Point[];
  heel: Point[] | null;
  tip: Point[] | null;
  platform: Point[] | null;
  /** Closed: the sole with the board on it. */
  sole: Point[];
  /** From the shin's foot to the ball, for a reader who wants to see what turns. */
  bones: Point[];
}

/** How far a sole's tip stands off the ground, and ends before the upper's, mm. */
const TIP_RAISED_MM = 3.5;
const TIP_BACK_MM = 1.5;

/**
 * Lays a shoe round a posed foot.
 * @param pose from `poseOn`, on the same drop
 */
export function sideDrawing(pose: Pose, look: SideLook): SideDrawing {
  const L = pose.foot.lengthMm;
  const bed = footbed(pose, look.archLine);
  const skin = posedSkin(pose, (x) => heightOn(bed, x));
  const groundY = -(look.platformMm + UNDER_MM);
  const tipX = tipOf(pose, look);
  return {
    groundY,
    foot: skin,
    cut: [skin[CUT.front], skin[CUT.back]],
    ankle: innerAnkle(pose),
    ...heelOf(pose, look, bed, groundY),
    platform: look.platformMm > 0 ? platformOf(pose, look, groundY, tipX - TIP_BACK_MM) : null,
    sole: soleOf(bed, tipX - TIP_BACK_MM, look.platformMm > 0 ? 0 : TIP_RAISED_MM),
    ...upperOn(pose, look, skin, bed),
    bones: [
      { x: pose.ankle.x, y: pose.ankle.y + 0.5 * L },
      pose.ankle,
      pose.pad,
      pose.midfoot,
      pose.ball,
      { x: pose.ball.x + 0.2 * L, y: pose.ball.y - 0.02 * L }
    ]
  };
}

/** Board and sole under the footbed to the tip, which stands a little off the ground where nothing is under it. */
function soleOf(bed: readonly Point[], tipX: number, raisedMm: number): Point[] {
  const top = [...bed.filter((p) => p.x < tipX - 0.5), { x: tipX, y: 0 }];
  const under = top.slice(0, -1).map((p) => ({ x: p.x, y: p.y - UNDER_MM }));
  return [...top, { x: tipX, y: raisedMm - UNDER_MM }, ...under.reverse()];
}
