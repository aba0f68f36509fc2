import type { Point } from './foot-polygon';

/** Least and greatest of some numbers; of a scan there may be a million. */
export function spread(values: readonly number[]): [number, number] {
  let [least, most] = [Infinity, -Infinity];
  for (const v of values) {
    if (v < least) least = v;
    if (v > most) most = v;
  }
  return [least, most];
}

/** Points every half millimetre along a closed outline, so that no stretch of it counts for more. */
export function evenly(outline: readonly Point[], stepMm = 0.5): Point[] {
  const points: Point[] = [];
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length];
    const n = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / stepMm));
    for (let k = 0; k < n; k++) points.push({ x: a.x + ((b.x - a.x) * k) / n, y: a.y + ((b.y - a.y) * k) / n });
  });
  return points;
}

/** So many points at even shares of an open line's length, its two ends among them. */
export function atEvenShares(line: readonly Point[], many: number): Point[] {
  const along = new Float64Array(line.length);
  for (let i = 1; i < line.length; i++) along[i] = along[i - 1] + Math.hypot(line[i].x - line[i - 1].x, line[i].y - line[i - 1].y);
  const total = along[line.length - 1];
  let k = 0;
  return Array.from({ length: many }, (_, n) => {
    const at = (total * n) / (many - 1);
    while (k < line.length - 2 && along[k + 1] < at) k++;
    const t = along[k + 1] > along[k] ? (at - along[k]) / (along[k + 1] - along[k]) : 0;
    return { x: line[k].x + (line[k + 1].x - line[k].x) * t, y: line[k].y + (line[k + 1].y - line[k].y) * t };
  });
}

/** Points turned about the origin by an angle, rad: what pointed that way then points along x. */
export function turned(points: readonly Point[], angle: number): Point[] {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return points.map(({ x, y }) => ({ x: c * x + s * y, y: -s * x + c * y }));
}

/** Direction in which a set of points is longest, rad. */
export function longAxis(points: readonly Point[]): number {
  const mean = { x: 0, y: 0 };
  for (const p of points) {
    mean.x += p.x / points.length;
    mean.y += p.y / points.length;
  }
  let [xx, xy, yy] = [0, 0, 0];
  for (const p of points) {
    xx += (p.x - mean.x) ** 2;
    xy += (p.x - mean.x) * (p.y - mean.y);
    yy += (p.y - mean.y) ** 2;
  }
  return 0.5 * Math.atan2(2 * xy, xx - yy);
}

/** Inner and outer edge of a closed outline at x; nought where it does not reach. */
export function sidesAt(points: readonly Point[], x: number): [number, number] {
  let [high, low] = [-Infinity, Infinity];
  for (let i = 0; i < points.length; i++) {
    const [p, q] = [points[i], points[(i + 1) % points.length]];
    if (p.x > x === q.x > x) continue;
    const y = p.y + ((q.y - p.y) * (x - p.x)) / (q.x - p.x);
    if (y > high) high = y;
    if (y < low) low = y;
  }
  return Number.isFinite(high) ? [high, low] : [0, 0];
}

/** Between these shares of the length lie the two heads of the ball, of a foot or an insole. */
const BALL_ZONE: readonly [number, number] = [0.5, 0.85];

/** Width of the ball of a line that lies along its axis, across both heads, each side at its own widest, mm. */
export function ballOf(points: readonly Point[]): number {
  const length = Math.max(...points.map((p) => p.x));
  const [outer, inner] = spread(points.filter((p) => p.x > BALL_ZONE[0] * length && p.x < BALL_ZONE[1] * length).map((p) => p.y));
  return inner - outer;
}
