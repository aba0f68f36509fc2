import type { Point } from '@chiave/core/shape';
import { Kept, type Cv } from './opencv';
import { sheetOf, type SheetId } from './sheets';

/** A picture as pixels, four bytes each. */
export interface Picture {
  data: Uint8ClampedArray;
  width: number;
  height: number;
}

export interface SheetReading {
  /** The traced line's middle, mm on the sheet, y down. */
  outline: Point[];
  /** Corners of the sheet in the picture, pixels, in order around it. */
  corners: Point[];
  /** The sheet seen straight, for laying the outline over: pixels and how many of them a millimetre has. */
  straight: Picture;
  pxPerMm: number;
  /** Width of the drawn line, mm. */
  lineMm: number;
  /** Standard deviation of a length and a width read from it, mm. */
  sdMm: { length: number; width: number };
}

/** Why a picture cannot be read, in words for the person who took it. */
export class UnreadableSheet extends Error {}

const STRAIGHT_PX_PER_MM = 4;
/** Longer side of the picture in which the sheet is looked for, pixels. */
const FIND_PX = 1000;
/** A sheet takes at least this share of the picture. */
const LEAST_SHARE = 0.12;
/** Edge of the sheet that is not looked at: its own shadow and cut, mm. */
const MARGIN_MM = 3.5;
/** How far the sides' proportion may be from the sheet's own, as seen straight on. */
const WRONG_SHEET = 0.16;
/** A traced foot fills at least this share of the sheet. */
const LEAST_FOOT = 0.06;

/**
 * Finds the sheet in a picture, takes the perspective out and follows the traced line.
 * @param onstep told what is under way, 0 to 1
 * @throws UnreadableSheet with the reason
 */
export function readSheet(cv: Cv, picture: Picture, sheetId: SheetId, onstep: (done: number, what: string) => void = () => {}): SheetReading {
  const kept = new Kept();
  try {
    const { longMm, shortMm } = sheetOf(sheetId);
    onstep(0.1, 'looking for the sheet');
    const rgba = kept.keep(cv.matFromImageData({ ...picture, colorSpace: 'srgb' } as ImageData));
    const grey = kept.keep(new cv.Mat());
    cv.cvtColor(rgba, grey, cv.COLOR_RGBA2GRAY);
    // The sheet is found on a smaller picture: its edges are lines through hundreds of points, and lose nothing by it.
    const shrink = Math.min(1, FIND_PX / Math.max(grey.cols, grey.rows));
    const small = kept.keep(new cv.Mat());
    cv.resize(grey, small, new cv.Size(Math.round(grey.cols * shrink), Math.round(grey.rows * shrink)), 0, 0, cv.INTER_AREA);
    const [sx, sy] = [grey.cols / small.cols, grey.rows / small.rows];
    // A pixel's middle stays its middle.
    const corners = findCorners(cv, kept, small, longMm / shortMm).map((c) => ({ x: (c.x + 0.5) * sx - 0.5, y: (c.y + 0.5) * sy - 0.5 }));
    onstep(0.4, 'taking the perspective out');
    const straight = straighten(cv, kept, rgba, corners, longMm, shortMm);
    const straightGrey = kept.keep(new cv.Mat());
    cv.cvtColor(straight, straightGrey, cv.COLOR_RGBA2GRAY);
    onstep(0.6, 'following the line');
    const { outline, lineMm } = followLine(cv, kept, straightGrey);
    onstep(0.95, 'measuring');
    const side = Math.max(...corners.map((c, i) => Math.hypot(c.x - corners[(i + 1) % 4].x, c.y - corners[(i + 1) % 4].y)));
    const seenPxPerMm = side / longMm;
    // Half a pixel at each end, the corners' own error over the sheet, and where in its width a line was meant [estimate].
    const sd = Math.hypot(0.7 / seenPxPerMm, 0.35, lineMm / 5);
    return {
      outline,
      corners,
      straight: { data: new Uint8ClampedArray(straight.data), width: straight.cols, height: straight.rows },
      pxPerMm: STRAIGHT_PX_PER_MM,
      lineMm,
      sdMm: { length: sd, width: sd }
    };
  } finally {
    kept.free();
  }
}

/** The four corners of the brightest large four-sided thing, to a fraction of a pixel, beginning anywhere, going round. */
function findCorners(cv: Cv, kept: Kept, grey: InstanceType<Cv['Mat']>, ratio: number): Point[] {
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

const pointsOf = (contour: InstanceType<Cv['Mat']>): Point[] => {
  const { data32S } = contour;
  return Array.from({ length: data32S.length / 2 }, (_, i) => ({ x: data32S[2 * i], y: data32S[2 * i + 1] }));
};

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

/** The sheet as seen from straight above, its longer side upright. */
function straighten(cv: Cv, kept: Kept, rgba: InstanceType<Cv['Mat']>, corners: readonly Point[], longMm: number, shortMm: number): InstanceType<Cv['Mat']> {
  const side = (i: number): number => Math.hypot(corners[i].x - corners[(i + 1) % 4].x, corners[i].y - corners[(i + 1) % 4].y);
  // Going round in the picture's own sense keeps the sheet from being mirrored; the first side becomes the top.
  const clockwise = corners.reduce((sum, c, i) => sum + c.x * corners[(i + 1) % 4].y - corners[(i + 1) % 4].x * c.y, 0) > 0;
  const round = clockwise ? [...corners] : [...corners].reverse();
  const firstIsShort = clockwise ? side(0) + side(2) < side(1) + side(3) : side(2) + side(0) < side(1) + side(3);
  const from = firstIsShort ? round : [...round.slice(1), round[0]];
  const [w, h] = [Math.round(shortMm * STRAIGHT_PX_PER_MM), Math.round(longMm * STRAIGHT_PX_PER_MM)];
  const source = kept.keep(
    cv.matFromArray(
      4,
      1,
      cv.CV_32FC2,
      from.flatMap((c) => [c.x, c.y])
    )
  );
  const target = kept.keep(cv.matFromArray(4, 1, cv.CV_32FC2, [0, 0, w, 0, w, h, 0, h]));
  const transform = kept.keep(cv.getPerspectiveTransform(source, target));
  const straight = kept.keep(new cv.Mat());
  cv.warpPerspective(rgba, straight, transform, new cv.Size(w, h), cv.INTER_CUBIC, cv.BORDER_REPLICATE);
  return straight;
}

/** The closed line that holds the largest area: its middle, mm, and its width. */
function followLine(cv: Cv, kept: Kept, grey: InstanceType<Cv['Mat']>): { outline: Point[]; lineMm: number } {
  const dark = kept.keep(new cv.Mat());
  const smooth = kept.keep(new cv.Mat());
  cv.GaussianBlur(grey, smooth, new cv.Size(3, 3), 0);
  cv.adaptiveThreshold(smooth, dark, 255, cv.ADAPTIVE_THRESH_GAUSSIAN_C, cv.THRESH_BINARY_INV, 61, 11);
  const margin = Math.round(MARGIN_MM * STRAIGHT_PX_PER_MM);
  cv.rectangle(dark, new cv.Point(0, 0), new cv.Point(dark.cols - 1, dark.rows - 1), new cv.Scalar(0), 2 * margin);
  let failure = 'No closed line was found: trace right round the foot with a dark pen, and close the line at the heel.';
  // A faint or broken line is bridged a little more each time.
  for (const bridge of [3, 7, 13]) {
    const element = kept.keep(cv.getStructuringElement(cv.MORPH_ELLIPSE, new cv.Size(bridge, bridge)));
    const closed = kept.keep(new cv.Mat());
    cv.morphologyEx(dark, closed, cv.MORPH_CLOSE, element);
    const contours = kept.keep(new cv.MatVector());
    const tree = kept.keep(new cv.Mat());
    cv.findContours(closed, contours, tree, cv.RETR_CCOMP, cv.CHAIN_APPROX_NONE);
    let best = { i: -1, hole: -1, area: 0 };
    for (let i = 0; i < contours.size(); i++) {
      // Holes name the line around them as their parent.
      const parent = tree.data32S[4 * i + 3];
      if (parent < 0) continue;
      const area = cv.contourArea(kept.keep(contours.get(i)));
      if (area > best.area) best = { i: parent, hole: i, area };
    }
    const sheet = grey.cols * grey.rows;
    if (best.hole < 0 || best.area < LEAST_FOOT * sheet) continue;
    if (best.area > 0.9 * sheet) {
      failure = 'The line found runs round the whole sheet: no foot is traced on it.';
      continue;
    }
    const inside = kept.keep(contours.get(best.hole));
    return middleOf(cv, kept, grey, inside, kept.keep(contours.get(best.i)));
  }
  throw new UnreadableSheet(failure);
}

/** The middle of the drawn line: half its width outside of its inner edge. */
function middleOf(
  cv: Cv,
  kept: Kept,
  like: InstanceType<Cv['Mat']>,
  inner: InstanceType<Cv['Mat']>,
  outer: InstanceType<Cv['Mat']>
): { outline: Point[]; lineMm: number } {
  const around = cv.arcLength(inner, true);
  // Width from the areas where the line is clean; a smudge beside it must not widen it.
  const width = Math.min(16, Math.max(1, (cv.contourArea(outer) - cv.contourArea(inner)) / around));
  const mask = kept.keep(cv.Mat.ones(like.rows, like.cols, cv.CV_8UC1));
  const one = kept.keep(new cv.MatVector());
  one.push_back(inner);
  cv.drawContours(mask, one, 0, new cv.Scalar(0), cv.FILLED);
  const distance = kept.keep(new cv.Mat());
  cv.distanceTransform(mask, distance, cv.DIST_L2, cv.DIST_MASK_PRECISE);
  const grown = kept.keep(new cv.Mat());
  cv.threshold(distance, grown, width / 2, 255, cv.THRESH_BINARY_INV);
  const plain = kept.keep(new cv.Mat());
  grown.convertTo(plain, cv.CV_8UC1);
  const contours = kept.keep(new cv.MatVector());
  const tree = kept.keep(new cv.Mat());
  cv.findContours(plain, contours, tree, cv.RETR_EXTERNAL, cv.CHAIN_APPROX_NONE);
  let best: InstanceType<Cv['Mat']> | null = null;
  for (let i = 0; i < contours.size(); i++) {
    const c = kept.keep(contours.get(i));
    if (!best || cv.contourArea(c) > cv.contourArea(best)) best = c;
  }
  if (!best) throw new UnreadableSheet('The line could not be followed.');
  // Pixel centres lie half a pixel in; every third point is enough at a quarter of a millimetre a pixel.
  const outline = pointsOf(best)
    .filter((_, i) => i % 3 === 0)
    .map(({ x, y }) => ({ x: (x + 0.5) / STRAIGHT_PX_PER_MM, y: (y + 0.5) / STRAIGHT_PX_PER_MM }));
  return { outline, lineMm: width / STRAIGHT_PX_PER_MM };
}
