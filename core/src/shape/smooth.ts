import type { Point } from './foot-polygon';

/**
 * Points along a closed centripetal Catmull-Rom curve through knots: it makes neither loops nor cusps within a stretch, however unevenly the
 * knots stand (Yuksel, Schaefer and Keyser 2011, from memory).
 * @param knots at least three, no two neighbours alike
 * @param each points laid on every stretch, its first knot among them
 */
export function smoothClosed(knots: readonly Point[], each = 6): Point[] {
  const n = knots.length;
  const points: Point[] = [];
  for (let i = 0; i < n; i++) {
    const [a, b, c, d] = [knots[(i + n - 1) % n], knots[i], knots[(i + 1) % n], knots[(i + 2) % n]];
    const t1 = step(a, b);
    const t2 = t1 + step(b, c);
    const t3 = t2 + step(c, d);
    for (let k = 0; k < each; k++) {
      const t = t1 + ((t2 - t1) * k) / each;
      const ab = mix(a, b, t / t1);
      const bc = mix(b, c, (t - t1) / (t2 - t1));
      const cd = mix(c, d, (t - t2) / (t3 - t2));
      points.push(mix(mix(ab, bc, t / t2), mix(bc, cd, (t - t1) / (t3 - t1)), (t - t1) / (t2 - t1)));
    }
  }
  return points;
}

/** The same through knots that do not close: it begins and ends in the first and the last. */
export function smoothOpen(knots: readonly Point[], each = 8): Point[] {
  const n = knots.length;
  if (n < 3) return [...knots];
  const before = mix(knots[0], knots[1], -1);
  const after = mix(knots[n - 1], knots[n - 2], -1);
  const closed = smoothClosed([before, ...knots, after], each);
  return [...closed.slice(each, n * each), knots[n - 1]];
}

/** Knot spacing: the root of the distance. */
const step = (a: Point, b: Point): number => Math.max(1e-6, Math.sqrt(Math.hypot(b.x - a.x, b.y - a.y)));
const mix = (a: Point, b: Point, t: number): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });
