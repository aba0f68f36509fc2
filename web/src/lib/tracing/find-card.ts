import type { Point } from '@chiave/core/shape';
import { fourCorners } from './corner-lines';
import { largestContour, UnreadableSheet, type Cv, type CvMat, type Kept } from './opencv';
import { CARD } from './sheets';

/** Share of the picture a card beside a foot takes. */
const SHARE: readonly [number, number] = [0.004, 0.12];
/** How far the sides' proportion may be from the card's own, as a share. */
const WRONG_CARD = 0.2;
/** How much of the box around it a card fills. */
const FULL = 0.86;

/**
 * The four corners of a card lying beside a tracing, pixels of the picture, to a fraction of one.
 * @throws UnreadableSheet when no card is found
 */
export function findCard(cv: Cv, kept: Kept, grey: CvMat): Point[] {
  const smooth = kept.keep(new cv.Mat());
  cv.GaussianBlur(grey, smooth, new cv.Size(5, 5), 0);
  const edges = kept.keep(new cv.Mat());
  cv.Canny(smooth, edges, 25, 75);
  const element = kept.keep(cv.getStructuringElement(cv.MORPH_ELLIPSE, new cv.Size(5, 5)));
  cv.dilate(edges, edges, element);
  const contours = kept.keep(new cv.MatVector());
  const tree = kept.keep(new cv.Mat());
  cv.findContours(edges, contours, tree, cv.RETR_LIST, cv.CHAIN_APPROX_NONE);
  const picture = grey.cols * grey.rows;
  const found: { corners: Point[]; off: number }[] = [];
  for (let i = 0; i < contours.size(); i++) {
    const contour = kept.keep(contours.get(i));
    const area = cv.contourArea(contour);
    if (area < SHARE[0] * picture || area > SHARE[1] * picture) continue;
    const box = cv.minAreaRect(contour);
    if (area < FULL * box.size.width * box.size.height || off(box.size.width, box.size.height) > WRONG_CARD) continue;
    const corners = closely(cv, kept, smooth, cv.boundingRect(contour));
    if (!corners) continue;
    const side = (k: number): number => Math.hypot(corners[k].x - corners[(k + 1) % 4].x, corners[k].y - corners[(k + 1) % 4].y);
    const wrong = off(side(0) + side(2), side(1) + side(3));
    if (wrong <= WRONG_CARD) found.push({ corners, off: wrong });
  }
  const best = found.sort((p, q) => p.off - q.off)[0];
  if (!best) {
    throw new UnreadableSheet(
      'No card was found: lay a card of 85.6 by 54 mm (bank card, ISO/IEC 7810 ID-1) flat beside the tracing, touching no line, in a colour that stands out from the paper.'
    );
  }
  return best.corners;
}

const off = (a: number, b: number): number => Math.abs(Math.log(Math.max(a, b) / Math.min(a, b) / (CARD.longMm / CARD.shortMm)));

/** Corners found anew on the card's own edge: halfway between its tone and the paper's. */
function closely(cv: Cv, kept: Kept, grey: CvMat, rect: { x: number; y: number; width: number; height: number }): Point[] | null {
  const more = Math.round(0.08 * Math.max(rect.width, rect.height));
  const x = Math.max(0, rect.x - more);
  const y = Math.max(0, rect.y - more);
  const around = new cv.Rect(x, y, Math.min(grey.cols - x, rect.width + 2 * more), Math.min(grey.rows - y, rect.height + 2 * more));
  const part = kept.keep(grey.roi(around));
  // The card is what the middle is of, whether darker or lighter than the paper.
  const corner = (part.ucharPtr(2, 2)[0] + part.ucharPtr(part.rows - 3, part.cols - 3)[0]) / 2;
  const darker = part.ucharPtr(part.rows >> 1, part.cols >> 1)[0] < corner;
  const card = kept.keep(new cv.Mat());
  cv.threshold(part, card, 0, 255, (darker ? cv.THRESH_BINARY_INV : cv.THRESH_BINARY) + cv.THRESH_OTSU);
  const best = largestContour(cv, kept, card);
  const corners = best && fourCorners(cv, kept, best.points);
  return corners && corners.map((p) => ({ x: p.x + x, y: p.y + y }));
}
