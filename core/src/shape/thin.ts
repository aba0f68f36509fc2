import type { Point } from './foot-polygon';

/**
 * Fewer points of an open line, none of which lay further off it than asked (Douglas and Peucker 1973, from memory).
 * @param toleranceMm how far a point that is left out may lie off
 */
export function thinned(points: readonly Point[], toleranceMm: number): Point[] {
  if (points.length < 3) return [...points];
  const kept = new Uint8Array(points.length);
  kept[0] = kept[points.length - 1] = 1;
  const parts: [number, number][] = [[0, points.length - 1]];
  for (let part = parts.pop(); part; part = parts.pop()) {
    const [from, to] = part;
    let [worst, at] = [toleranceMm, -1];
    for (let i = from + 1; i < to; i++) {
      const off = offLine(points[i], points[from], points[to]);
      if (off > worst) [worst, at] = [off, i];
    }
    if (at < 0) continue;
    kept[at] = 1;
    parts.push([from, at], [at, to]);
  }
  return points.filter((_, i) => kept[i]);
}

/** Distance of a point from a stretch, mm. */
function offLine(p: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const long = dx * dx + dy * dy;
  const t = long === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / long));
  return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy);
}
