import { smoothOpen, type Point } from '../shape';
import { footbed, heightOn, type ArchLine } from './footbed';
import { BONES, poseOn, type Pose } from './pose';
import { posedSkin } from './skin';

/** Skin points of the sole from the heel to the ball. */
const ALONG = [3, 13] as const;
/** An arch that hangs no further than this beyond what it does on the flat is carried, mm [model]. */
const CARRIED_MM = 2;

/** How far a place is from a line, square to it, mm. */
function away(p: Point, line: readonly Point[]): number {
  let least = Infinity;
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1], line[i]];
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const t = Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy)));
    least = Math.min(least, Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy));
  }
  return least;
}

/** How far the inner arch stands off the shank where it does most, mm. */
export function archGap(pose: Pose, archLine: ArchLine): number {
  const bed = footbed(pose, archLine);
  const sole = posedSkin(pose, (x) => heightOn(bed, x), ALONG);
  return Math.max(...smoothOpen(sole).map((p) => away(p, bed)));
}

/** Whether a shank carries the arch: how far it hangs, beyond what it does barefoot on the flat. */
export function archCarried(pose: Pose, archLine: ArchLine): { hangsMm: number; carried: boolean } {
  const flat = archGap(poseOn(pose.foot, 0), 'straight');
  const hangsMm = Math.max(0, archGap(pose, archLine) - flat);
  return { hangsMm, carried: hangsMm <= CARRIED_MM };
}

/** Steps of drop, of length, mm, and of the navicular's height against the usual, at which the shank is looked at; between lengths it runs straight. */
const STEP = { drop: 0.5, length: 20, arch: 0.05 } as const;
const looked = new Map<string, number>();
/** How far an arch stands off the shank beyond what it does barefoot, mm, kept once worked out. The numbers count steps. */
function lookedAt(archLine: ArchLine, drop: number, length: number, arch: number): number {
  const key = `${archLine} ${drop} ${length} ${arch}`;
  const known = looked.get(key);
  if (known !== undefined) return known;
  const lengthMm = length * STEP.length;
  const foot = { lengthMm, navicularMm: arch * STEP.arch * BONES.navicular * lengthMm };
  const mm = archGap(poseOn(foot, drop * STEP.drop), archLine) - archGap(poseOn(foot, 0), 'straight');
  looked.set(key, mm);
  return mm;
}

/**
 * How far an arch hangs over the shank beyond what it does barefoot on the flat, mm; below nought the shank rises into it.
 * @param dropMm heel height less what is under the ball
 * @param navicularMm its height, standing; NaN where it was not read: as is usual
 */
export function archOverShank(dropMm: number, archLine: ArchLine, lengthMm: number, navicularMm: number): number {
  const high = navicularMm / (BONES.navicular * lengthMm);
  const arch = Math.round((high > 0 ? Math.min(2, Math.max(0.3, high)) : 1) / STEP.arch);
  const drop = Math.round(Math.max(0, dropMm) / STEP.drop);
  const at = lengthMm / STEP.length;
  const below = Math.floor(at);
  const [short, long] = [lookedAt(archLine, drop, below, arch), lookedAt(archLine, drop, below + 1, arch)];
  return short + (at - below) * (long - short);
}
