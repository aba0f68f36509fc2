import type { Point } from '../shape';
import type { Pose } from './pose';

const RAD = Math.PI / 180;
/** Board and sole, mm. */
const BOARD_MM = 3.2;
const SOLE_MM = 3.5;
/** They lie under heel and ball alike, so that heel less platform is just the drop inside. */
export const UNDER_MM = BOARD_MM + SOLE_MM;
/** Where the seat is straight, of the length. */
export const SEAT = { from: 0.014, to: 0.19 } as const;
/** How far the shank's curve leaves the seat and comes to the tread, of the chord: a curved one carries the arch. */
const HANDLES = { straight: [0.2, 0.26], curved: [0.65, 0.3] } as const;
export type ArchLine = keyof typeof HANDLES;
/** The tread lies from so far behind the joint to so far before it, of the length. */
const TREAD_BACK = 0.035;
const TREAD_ON = 0.06;

const bezier = (a: Point, b: Point, c: Point, d: Point, n: number): Point[] =>
  Array.from({ length: n + 1 }, (_, i) => {
    const t = i / n;
    const u = 1 - t;
    const mix = (k: 'x' | 'y'): number => u * u * u * a[k] + 3 * u * u * t * b[k] + 3 * u * t * t * c[k] + t * t * t * d[k];
    return { x: mix('x'), y: mix('y') };
  });

/** The footbed from the seat's back to a little past the joint, mm. */
export function footbed(pose: Pose, archLine: ArchLine = 'straight'): Point[] {
  const L = pose.foot.lengthMm;
  const w = pose.wedgeDeg * RAD;
  const onSeat = (share: number): Point => ({ x: share * L * Math.cos(w), y: pose.dropMm - share * L * Math.sin(w) });
  const end = onSeat(SEAT.to);
  const tread = { x: pose.ball.x - TREAD_BACK * L, y: 0 };
  const chord = Math.hypot(tread.x - end.x, tread.y - end.y);
  const [h0, h1] = HANDLES[archLine];
  const shank = bezier(end, { x: end.x + h0 * chord * Math.cos(w), y: end.y - h0 * chord * Math.sin(w) }, { x: tread.x - h1 * chord, y: 0 }, tread, 24);
  return [onSeat(0), onSeat(0.1), ...shank, { x: pose.ball.x + TREAD_ON * L, y: 0 }];
}

/** Height of a line of points at x, the last height past its end. */
export function heightOn(line: readonly Point[], x: number): number {
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1], line[i]];
    if (x <= b.x) return a.y + ((x - a.x) / Math.max(1e-9, b.x - a.x)) * (b.y - a.y);
  }
  return line[line.length - 1].y;
}
