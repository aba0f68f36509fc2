import type { WidthBasis } from '../last';
import { HEEL_ARC, INNER_SHARE, sidesAt, spread, type Point } from '../shape';
import { bottomLine, type BottomLine } from './bottom-line';
import { edgeLine, HEEL_FROM } from './edge-line';
import { inFrame, type Mesh } from './mesh';

/** Where the axis crosses the ball, and between which places it lies, of the bottom's length; when the axis is found. */
const BALL_AXIS_AT = 0.68;
const BALL_LIES: readonly [number, number] = [0.5, 0.8];
const MOST_ROUNDS = 2;
const SETTLED_RAD = 0.004;

/** A line whose heel lies on the counter, drawn in to where the seat begins: lengths are told from there. */
export function heelOnSeat(line: Point[], counterMm: number): Point[] {
  const [back, front] = spread(line.map((p) => p.x));
  const heel = HEEL_FROM * (front - back);
  const drawn = (x: number): number => back + counterMm + ((x - back) * (heel - counterMm)) / heel;
  return line.map(({ x, y }) => ({ x: x - back < heel ? drawn(x) : x, y }));
}

/** The bottom and its edge, turned until the line lies along its own axis: that is only known once it is there. */
export function alongAxis(mesh: Mesh, dropMm: number, basis: WidthBasis): [BottomLine, Point[]] {
  let own = mesh;
  for (let round = 0; ; round++) {
    const bottom = bottomLine(own, dropMm);
    const outline = edgeLine(bottom, basis);
    const off = axisOff(outline);
    if (round === MOST_ROUNDS || Math.abs(off) < SETTLED_RAD) return [bottom, outline];
    own = swung(bottom.mesh, off);
  }
}

/** The middle of a line across a place. */
const middleAt = (outline: readonly Point[], x: number): number => (sidesAt(outline, x)[0] + sidesAt(outline, x)[1]) / 2;

/** By how much a line lies off its axis: from the middle of the heel to where the ball is parted as a shoe's is, rad. */
function axisOff(outline: readonly Point[]): number {
  const [back, front] = spread(outline.map((p) => p.x));
  const long = front - back;
  const [left, right] = sidesAt(outline, back + BALL_AXIS_AT * long);
  const part = innerSide(outline) > 0 ? left - INNER_SHARE * (left - right) : right + INNER_SHARE * (left - right);
  return Math.atan2(part - middleAt(outline, back + HEEL_ARC * long), (BALL_AXIS_AT - HEEL_ARC) * long);
}

/** A mesh turned about its own upright, left side back. */
function swung(mesh: Mesh, angle: number): Mesh {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return inFrame(mesh, [[c, s, 0], [-s, c, 0], [0, 0, 1]], [0, 0, 0]); // prettier-ignore
}

/** On which side the inner head lies: from the line between the heel's middle and the tip the ball stands out less there. */
export function innerSide(outline: readonly Point[]): 1 | -1 {
  const tip = outline.reduce((far, p) => (p.x > far.x ? p : far), outline[0]);
  const back = Math.min(...outline.map((p) => p.x));
  const long = tip.x - back;
  const heel = { x: back + HEEL_ARC * long, y: middleAt(outline, back + HEEL_ARC * long) };
  const [dx, dy] = [tip.x - heel.x, tip.y - heel.y];
  let [left, right] = [0, 0];
  for (const p of outline) {
    if (p.x < back + BALL_LIES[0] * long || p.x > back + BALL_LIES[1] * long) continue;
    const off = ((p.y - heel.y) * dx - (p.x - heel.x) * dy) / Math.hypot(dx, dy);
    left = Math.max(left, off);
    right = Math.max(right, -off);
  }
  return left < right ? 1 : -1;
}
