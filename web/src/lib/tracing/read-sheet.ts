import type { Point } from '@chiave/core/shape';
import { findCorners } from './find-sheet';
import { followLine } from './follow-line';
import { Kept, type Cv, type CvMat } from './opencv';
import { sheetOf, type SheetId } from './sheets';
import { STRAIGHT_PX_PER_MM, straighten, type Picture } from './straight';

export interface SheetReading {
  /** The traced line's middle, mm on the sheet, y down. */
  outline: Point[];
  /** The sheet seen straight, for laying the outline over: pixels and how many of them a millimetre has. */
  straight: Picture;
  pxPerMm: number;
  /** Width of the drawn line, mm. */
  lineMm: number;
  /** Standard deviation of a length or a width read from it, mm. */
  sdMm: number;
}

/** Told what is under way, 0 to 1. */
export type OnStep = (done: number, what: string) => void;

/** Longer side of the picture in which the sheet is looked for, pixels. */
const FIND_PX = 1000;
/** A traced foot fills at least this share of the sheet. */
const LEAST_FOOT = 0.06;

/**
 * Finds the sheet in a picture, takes the perspective out and follows the traced line.
 * @throws UnreadableSheet with the reason
 */
export function readSheet(cv: Cv, picture: Picture, sheetId: SheetId, onstep: OnStep = () => {}): SheetReading {
  const kept = new Kept();
  try {
    const { straight, grey, leastMm2, seenPxPerMm } = seenStraight(cv, kept, picture, sheetId, onstep);
    onstep(0.6, 'following the line');
    const { outline, lineMm } = followLine(cv, kept, grey, { leastMm2 });
    onstep(0.95, 'measuring');
    return { outline, straight: pictureOf(straight), pxPerMm: STRAIGHT_PX_PER_MM, lineMm, sdMm: lineSd(seenPxPerMm, lineMm) };
  } finally {
    kept.free();
  }
}

/** Half a pixel at each end, the corners' own error over the sheet, and where in its width a line was meant, mm [estimate]. */
export const lineSd = (seenPxPerMm: number, lineMm: number): number => Math.hypot(0.7 / seenPxPerMm, 0.35, lineMm / 5);

/** What of a picture goes back to the page. */
export const pictureOf = (mat: CvMat): Picture => ({ data: new Uint8ClampedArray(mat.data), width: mat.cols, height: mat.rows });

/** Colour and grey of a picture. */
export function opened(cv: Cv, kept: Kept, picture: Picture): { rgba: CvMat; grey: CvMat } {
  const rgba = kept.keep(cv.matFromImageData({ ...picture, colorSpace: 'srgb' } as ImageData));
  const grey = kept.keep(new cv.Mat());
  cv.cvtColor(rgba, grey, cv.COLOR_RGBA2GRAY);
  return { rgba, grey };
}

/** A sheet of known size found in a picture and seen from straight above. */
export function seenStraight(cv: Cv, kept: Kept, picture: Picture, sheetId: SheetId, onstep: OnStep) {
  const { longMm, shortMm } = sheetOf(sheetId);
  onstep(0.1, 'looking for the sheet');
  const { rgba, grey } = opened(cv, kept, picture);
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
  const side = Math.max(...corners.map((c, i) => Math.hypot(c.x - corners[(i + 1) % 4].x, c.y - corners[(i + 1) % 4].y)));
  return { straight, grey: straightGrey, leastMm2: LEAST_FOOT * longMm * shortMm, seenPxPerMm: side / longMm };
}
