import type { Point } from '@chiave/core/shape';
import { pointsOf, type Cv, type Kept } from './opencv';

/** A contour runs through the middles of a shape's outermost pixels: its edge lies half a pixel further out. */
const EDGE_PX = 0.5;

/**
 * Corners of a four-sided contour to a fraction of a pixel, going round; null when it has not four straight sides.
 * @param points every pixel of the contour
 */
export function fourCorners(cv: Cv, kept: Kept, points: readonly Point[]): Point[] | null {
  const flat = kept.keep(
    cv.matFromArray(
      points.length,
      1,
      cv.CV_32SC2,
      points.flatMap((p) => [p.x, p.y])
    )
  );
  const hull = kept.keep(new cv.Mat());
  cv.convexHull(flat, hull);
  const around = cv.arcLength(hull, true);
  for (const share of [0.015, 0.02, 0.03, 0.04, 0.06]) {
    const rough = kept.keep(new cv.Mat());
    cv.approxPolyDP(hull, rough, share * around, true);
    if (rough.rows === 4) return refined(points, pointsOf(rough));
  }
  return null;
}

/** Each edge as the line through its own contour points, rounded corners left out; corners where the lines meet. */
function refined(points: readonly Point[], rough: readonly Point[]): Point[] | null {
  const middle = { x: rough.reduce((s, p) => s + p.x, 0) / 4, y: rough.reduce((s, p) => s + p.y, 0) / 4 };
  const lines = rough.map((a, i) => lineAlong(points, a, rough[(i + 1) % 4]));
  if (lines.some((l) => l === null)) return null;
  const edges = lines.map((line) => outward(line!, middle));
  return edges.map((line, i) => meeting(edges[(i + 3) % 4], line));
}

interface Line {
  at: Point;
  along: Point;
}

/** The line moved away from the shape's middle to where its edge is. */
function outward({ at, along }: Line, middle: Point): Line {
  const side = Math.sign((at.x - middle.x) * along.y - (at.y - middle.y) * along.x);
  return { at: { x: at.x + EDGE_PX * side * along.y, y: at.y - EDGE_PX * side * along.x }, along };
}

function lineAlong(points: readonly Point[], a: Point, b: Point): Line | null {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  const along = { x: (b.x - a.x) / length, y: (b.y - a.y) / length };
  let own = points.filter((p) => {
    const t = (p.x - a.x) * along.x + (p.y - a.y) * along.y;
    const off = Math.abs((p.y - a.y) * along.x - (p.x - a.x) * along.y);
    return t > 0.08 * length && t < 0.92 * length && off < 0.02 * length + 4;
  });
  let line: Line | null = null;
  // Three rounds, each leaving out what lies off the last line: a curled edge or a thumb does not turn it.
  for (let round = 0; round < 3; round++) {
    if (own.length < 10) return null;
    line = throughPoints(own);
    const { at, along: u } = line;
    const off = own.map((p) => Math.abs((p.y - at.y) * u.x - (p.x - at.x) * u.y));
    const middle = [...off].sort((p, q) => p - q)[Math.floor(off.length / 2)];
    own = own.filter((_, i) => off[i] <= Math.max(1, 3 * middle));
  }
  return line;
}

function throughPoints(points: readonly Point[]): Line {
  const n = points.length;
  const at = { x: points.reduce((s, p) => s + p.x, 0) / n, y: points.reduce((s, p) => s + p.y, 0) / n };
  let [xx, xy, yy] = [0, 0, 0];
  for (const p of points) {
    xx += (p.x - at.x) ** 2;
    xy += (p.x - at.x) * (p.y - at.y);
    yy += (p.y - at.y) ** 2;
  }
  const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
  return { at, along: { x: Math.cos(angle), y: Math.sin(angle) } };
}

function meeting(p: Line, q: Line): Point {
  const cross = p.along.x * q.along.y - p.along.y * q.along.x;
  const t = ((q.at.x - p.at.x) * q.along.y - (q.at.y - p.at.y) * q.along.x) / cross;
  return { x: p.at.x + t * p.along.x, y: p.at.y + t * p.along.y };
}
