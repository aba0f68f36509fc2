import type { Point } from '@chiave/core/shape';
import { pointsOf, UnreadableSheet, type Cv, type CvMat, type Kept } from './opencv';
import { STRAIGHT_PX_PER_MM } from './straight';

/** Edge of the sheet that is not looked at: its own shadow and cut, mm. */
export const MARGIN_MM = 3.5;

/** A faint or broken line is bridged a little more each time, pixels. */
export const BRIDGES = [3, 7, 13] as const;

export type Edge = 'top' | 'right' | 'bottom' | 'left';

export interface LineSought {
  /** What the line holds is at least this large. */
  leastMm2: number;
  /** An edge of the sheet off which the line runs, and which closes it. */
  closedBy?: Edge;
  /** Parts of the sheet that are not looked at, pixels, each a convex polygon. */
  without?: readonly (readonly Point[])[];
  /** How far breaks are bridged, in the order tried; all of `BRIDGES` when left out. */
  bridges?: readonly number[];
  /** Whether what a line holds can be what is sought; the largest is taken where nothing is said. */
  accept?: (outline: Point[]) => boolean;
}

export interface FollowedLine {
  /** The middle of the drawn line, mm. */
  outline: Point[];
  lineMm: number;
}

/**
 * The closed line that holds the largest area: its middle, mm, and its width.
 * @param grey the sheet seen straight
 * @throws UnreadableSheet when there is none
 */
export function followLine(cv: Cv, kept: Kept, grey: CvMat, sought: LineSought): FollowedLine {
  const dark = darkParts(cv, kept, grey, sought);
  const sheet = grey.cols * grey.rows;
  let failure = 'No closed line was found: trace right round the foot with a dark pen, and close the line at the heel.';
  for (const bridge of sought.bridges ?? BRIDGES) {
    const element = kept.keep(cv.getStructuringElement(cv.MORPH_ELLIPSE, new cv.Size(bridge, bridge)));
    const closed = kept.keep(new cv.Mat());
    cv.morphologyEx(dark, closed, cv.MORPH_CLOSE, element);
    const contours = kept.keep(new cv.MatVector());
    const tree = kept.keep(new cv.Mat());
    cv.findContours(closed, contours, tree, cv.RETR_CCOMP, cv.CHAIN_APPROX_NONE);
    const holes: { hole: CvMat; around: CvMat; area: number }[] = [];
    for (let i = 0; i < contours.size(); i++) {
      // Holes name the line around them as their parent.
      const parent = tree.data32S[4 * i + 3];
      if (parent < 0) continue;
      const hole = kept.keep(contours.get(i));
      const area = cv.contourArea(hole);
      if (area < sought.leastMm2 * STRAIGHT_PX_PER_MM ** 2) continue;
      holes.push({ hole, around: kept.keep(contours.get(parent)), area });
    }
    holes.sort((p, q) => q.area - p.area);
    if (!sought.accept && holes[0]?.area > 0.9 * sheet) {
      failure = 'The line found runs round the whole sheet: no foot is traced on it.';
      continue;
    }
    for (const { hole, around } of holes) {
      const line = middleOf(cv, kept, grey, hole, around);
      if (!sought.accept || sought.accept(line.outline)) return line;
    }
  }
  throw new UnreadableSheet(failure);
}

/** Everything darker than what is around it, the sheet's own edges left out. */
function darkParts(cv: Cv, kept: Kept, grey: CvMat, { closedBy, without = [] }: LineSought): CvMat {
  const dark = kept.keep(new cv.Mat());
  const smooth = kept.keep(new cv.Mat());
  cv.GaussianBlur(grey, smooth, new cv.Size(3, 3), 0);
  cv.adaptiveThreshold(smooth, dark, 255, cv.ADAPTIVE_THRESH_GAUSSIAN_C, cv.THRESH_BINARY_INV, 61, 11);
  const margin = Math.round(MARGIN_MM * STRAIGHT_PX_PER_MM);
  const [w, h] = [dark.cols - 1, dark.rows - 1];
  cv.rectangle(dark, new cv.Point(0, 0), new cv.Point(w, h), new cv.Scalar(0), 2 * margin);
  for (const part of without) {
    const polygon = kept.keep(
      cv.matFromArray(
        part.length,
        1,
        cv.CV_32SC2,
        part.flatMap((p) => [Math.round(p.x), Math.round(p.y)])
      )
    );
    cv.fillConvexPoly(dark, polygon, new cv.Scalar(0));
  }
  if (closedBy) {
    const at = { top: [0, margin, w, margin], bottom: [0, h - margin, w, h - margin], left: [margin, 0, margin, h], right: [w - margin, 0, w - margin, h] }[
      closedBy
    ];
    cv.line(dark, new cv.Point(at[0], at[1]), new cv.Point(at[2], at[3]), new cv.Scalar(255), 3);
  }
  return dark;
}

/** The middle of the drawn line: half its width outside of its inner edge. */
function middleOf(cv: Cv, kept: Kept, like: CvMat, inner: CvMat, outer: CvMat): FollowedLine {
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
    .map(({ x, y }) => ({ x: (x + 0.5) / STRAIGHT_PX_PER_MM, y: (y + 0.5) / STRAIGHT_PX_PER_MM }));
  return { outline, lineMm: width / STRAIGHT_PX_PER_MM };
}
