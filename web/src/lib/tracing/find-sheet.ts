import type { Point } from '@chiave/core/shape';
import { pointsOf, UnreadableSheet, type Cv, type CvMat, type Kept } from './opencv';

/** A sheet takes at least this share of the picture. */
const LEAST_SHARE = 0.12;
/** How far the sides' proportion may be from the sheet's own, as seen straight on. */
const WRONG_SHEET = 0.16;

/** The four corners of the brightest large four-sided thing, to a fraction of a pixel, beginning anywhere, going round. */
export function findCorners(cv: Cv, kept: Kept, grey: CvMat, ratio: number): Point[] {
  const smooth = kept.keep(new cv.Mat());
  const k = Math.max(3, Math.round(grey.cols / 300) * 2 + 1);
  cv.GaussianBlur(grey, smooth, new cv.Size(k, k), 0);
  const bright = kept.keep(new cv.Mat());
  cv.threshold(smooth, bright, 0, 255, cv.THRESH_BINARY + cv.THRESH_OTSU);
  const element = kept.keep(cv.getStructuringElement(cv.MORPH_ELLIPSE, new cv.Size(2 * k + 1, 2 * k + 1)));
  cv.morphologyEx(bright, bright, cv.MORPH_CLOSE, element);
  cv.morphologyEx(bright, bright, cv.MORPH_OPEN, element);
  const contours = kept.keep(new cv.MatVector());
  const tree = kept.keep(new cv.Mat());
  cv.findContours(bright, contours, tree, cv.RETR_EXTERNAL, cv.CHAIN_APPROX_NONE);
  let best: { area: number; points: Point[] } | null = null;
  for (let i = 0; i < contours.size(); i++) {
    const contour = kept.keep(contours.get(i));
    const area = cv.contourArea(contour);
    if (!best || area > best.area) best = { area, points: pointsOf(contour) };
  }
  if (!best || best.area < LEAST_SHARE * grey.cols * grey.rows) {
    throw new UnreadableSheet('No sheet was found: lay white paper on something darker, and let it fill most of the picture, all four corners in it.');
  }
  const corners = fourCorners(cv, kept, best.points);
  if (!corners)
    throw new UnreadableSheet('The sheet does not show four straight edges: all four corners must lie flat and in the picture, with nothing over the edges.');
  if (corners.some((c) => c.x < 2 || c.y < 2 || c.x > grey.cols - 3 || c.y > grey.rows - 3)) {
    throw new UnreadableSheet('A corner of the sheet is outside the picture: step back a little.');
  }
  const sides = corners.map((c, i) => Math.hypot(c.x - corners[(i + 1) % 4].x, c.y - corners[(i + 1) % 4].y));
  const [a, b] = [(sides[0] + sides[2]) / 2, (sides[1] + sides[3]) / 2];
  const seen = Math.max(a, b) / Math.min(a, b);
  if (Math.abs(Math.log(seen / ratio)) > WRONG_SHEET + 0.5 * Math.abs(Math.log(sides[0] / sides[2])) + 0.5 * Math.abs(Math.log(sides[1] / sides[3]))) {
    throw new UnreadableSheet(
      `The sheet's sides stand as ${seen.toFixed(2)} to 1, the chosen one's as ${ratio.toFixed(2)} to 1: choose the sheet that was used, or photograph it from straight above.`
    );
  }
  return corners;
}

function fourCorners(cv: Cv, kept: Kept, points: readonly Point[]): Point[] | null {
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
  const lines = rough.map((a, i) => lineAlong(points, a, rough[(i + 1) % 4]));
  if (lines.some((l) => l === null)) return null;
  return lines.map((line, i) => meeting(lines[(i + 3) % 4]!, line!));
}

interface Line {
  at: Point;
  along: Point;
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
