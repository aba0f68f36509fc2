import { hullOf, longAxis, spread, turned, type Point } from '../shape';

/** The direction along the floor in which what lies low is narrowest across, toes in front. */
export function forwardOf(low: readonly Point[]): number {
  const hull = hullOf(low);
  let best = { angle: longAxis(low), width: Infinity };
  hull.forEach((p, i) => {
    const q = hull[(i + 1) % hull.length];
    const angle = Math.atan2(q.y - p.y, q.x - p.x);
    const [a, b] = spread(turned(hull, angle).map((r) => r.y));
    if (b - a < best.width) best = { angle, width: b - a };
  });
  const laid = turned(low, best.angle);
  const [back, front] = spread(laid.map((p) => p.x));
  const widthAt = (share: number): number => {
    const x = back + share * (front - back);
    const [a, b] = spread(laid.filter((p) => Math.abs(p.x - x) < 0.03 * (front - back)).map((p) => p.y));
    return b - a;
  };
  // The ball lies nearer the toes and is wider than the heel.
  return widthAt(0.2) + widthAt(0.3) > widthAt(0.7) + widthAt(0.62) ? best.angle + Math.PI : best.angle;
}

/** Shares of the length at which the middle of the heel is taken, and the ball; where the axis crosses the ball is in its middle [model]. */
const HEEL_AT = 0.17;
const BALL_FROM_TO: readonly [number, number] = [0.6, 0.75];
export const heelMiddle = (laid: readonly Point[], back: number, long: number): number => middleAt(laid, back + HEEL_AT * long, 0.02 * long);
function middleAt(laid: readonly Point[], x: number, within: number): number {
  const [a, b] = spread(laid.filter((p) => Math.abs(p.x - x) < within).map((p) => p.y));
  return (a + b) / 2;
}
/** By how much a foot is still turned off its axis, rad. */
export function lean(laid: readonly Point[]): number {
  const [back, front] = spread(laid.map((p) => p.x));
  const long = front - back;
  const [from, to] = BALL_FROM_TO;
  const [a, b] = spread(laid.filter((p) => p.x > back + from * long && p.x < back + to * long).map((p) => p.y));
  return Math.atan2((a + b) / 2 - heelMiddle(laid, back, long), ((from + to) / 2 - HEEL_AT) * long);
}
