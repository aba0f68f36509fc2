import { smoothOpen, type Point } from '../shape';
import { footbed, heightOn, type ArchLine } from './footbed';
import { poseOn, type Pose } from './pose';
import { posedSkin } from './skin';

/** Skin points of the sole from the heel to the ball. */
const ALONG = [3, 13] as const;
/** An arch that hangs no further than this beyond what it does on the flat is carried, mm [model]. */
const CARRIED_MM = 2;

/** How far a place is from a line, square to it, mm. */
const away = (p: Point, line: readonly Point[]): number =>
  Math.min(
    ...line.slice(1).map((b, i) => {
      const a = line[i];
      const t = Math.min(1, Math.max(0, ((p.x - a.x) * (b.x - a.x) + (p.y - a.y) * (b.y - a.y)) / ((b.x - a.x) ** 2 + (b.y - a.y) ** 2)));
      return Math.hypot(p.x - a.x - t * (b.x - a.x), p.y - a.y - t * (b.y - a.y));
    })
  );

/** How far the inner arch stands off the shank where it does most, mm. */
export function archGap(pose: Pose, archLine: ArchLine): number {
  const bed = footbed(pose, archLine);
  const skin = posedSkin(pose, (x) => heightOn(bed, x));
  return Math.max(...smoothOpen(skin.slice(...ALONG)).map((p) => away(p, bed)));
}

/** Whether a shank carries the arch: how far it hangs, beyond what it does barefoot on the flat. */
export function archCarried(pose: Pose, archLine: ArchLine): { hangsMm: number; carried: boolean } {
  const flat = archGap(poseOn(pose.foot, 0), 'straight');
  const hangsMm = Math.max(0, archGap(pose, archLine) - flat);
  return { hangsMm, carried: hangsMm <= CARRIED_MM };
}
