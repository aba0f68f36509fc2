import type { Point } from '@chiave/core/shape';
import { pointsOf, UnreadableSheet, type Cv, type CvMat, type Kept } from './opencv';

/** Edge of the sheet that is not looked at: its own shadow and cut, mm. */
const MARGIN_MM = 3.5;
/** A traced foot fills at least this share of the sheet. */
const LEAST_FOOT = 0.06;

/** The closed line that holds the largest area: its middle, mm, and its width. */
export function followLine(cv: Cv, kept: Kept, grey: CvMat, pxPerMm: number): { outline: Point[]; lineMm: number } {
  const dark = kept.keep(new cv.Mat());
  const smooth = kept.keep(new cv.Mat());
  cv.GaussianBlur(grey, smooth, new cv.Size(3, 3), 0);
  cv.adaptiveThreshold(smooth, dark, 255, cv.ADAPTIVE_THRESH_GAUSSIAN_C, cv.THRESH_BINARY_INV, 61, 11);
  const margin = Math.round(MARGIN_MM * pxPerMm);
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
    return middleOf(cv, kept, grey, inside, kept.keep(contours.get(best.i)), pxPerMm);
  }
  throw new UnreadableSheet(failure);
}

/** The middle of the drawn line: half its width outside of its inner edge. */
function middleOf(cv: Cv, kept: Kept, like: CvMat, inner: CvMat, outer: CvMat, pxPerMm: number): { outline: Point[]; lineMm: number } {
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
  let best: CvMat | null = null;
  for (let i = 0; i < contours.size(); i++) {
    const c = kept.keep(contours.get(i));
    if (!best || cv.contourArea(c) > cv.contourArea(best)) best = c;
  }
  if (!best) throw new UnreadableSheet('The line could not be followed.');
  // Pixel centres lie half a pixel in; every third point is enough at a quarter of a millimetre a pixel.
  const outline = pointsOf(best)
    .filter((_, i) => i % 3 === 0)
    .map(({ x, y }) => ({ x: (x + 0.5) / pxPerMm, y: (y + 0.5) / pxPerMm }));
  return { outline, lineMm: width / pxPerMm };
}
