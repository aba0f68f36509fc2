import type { Point } from '@chiave/core/shape';
import { fourCorners } from './corner-lines';
import { largestContour, UnreadableSheet, type Cv, type CvMat, type Kept } from './opencv';

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
  const best = largestContour(cv, kept, bright);
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
