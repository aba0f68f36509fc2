import type { Point } from './foot-polygon';

const turn = (a: Point, b: Point, c: Point): number => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** Convex hull of points, one way round (Andrew's monotone chain). */
export function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (list: readonly Point[]): Point[] => {
    const out: Point[] = [];
    for (const p of list) {
      while (out.length >= 2 && turn(out[out.length - 2], out[out.length - 1], p) <= 0) out.pop();
      out.push(p);
    }
    return out.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

/**
 * The points of a set that stand foremost along x, from the outer side (least y) to the inner: the front of its convex hull.
 * @param points in any order
 */
export function frontHullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.y - b.y || b.x - a.x);
  const out: Point[] = [];
  for (const p of sorted) {
    if (out.length > 0 && p.y === out[out.length - 1].y) continue;
    // Kept only where it stands ahead of the chord.
    while (out.length >= 2 && turn(out[out.length - 2], out[out.length - 1], p) <= 0) out.pop();
    out.push(p);
  }
  return out;
}
