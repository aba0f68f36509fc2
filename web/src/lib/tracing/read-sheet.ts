import type { Point } from '@chiave/core/shape';
import { findCorners } from './find-sheet';
import { followLine } from './follow-line';
import { Kept, type Cv, type CvMat } from './opencv';
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
  /** The sheet seen straight, for laying the outline over: pixels and how many of them a millimetre has. */
  straight: Picture;
  pxPerMm: number;
  /** Width of the drawn line, mm. */
  lineMm: number;
  /** Standard deviation of a length or a width read from it, mm. */
  sdMm: number;
}

const STRAIGHT_PX_PER_MM = 4;
/** Longer side of the picture in which the sheet is looked for, pixels. */
const FIND_PX = 1000;

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
    const { outline, lineMm } = followLine(cv, kept, straightGrey, STRAIGHT_PX_PER_MM);
    onstep(0.95, 'measuring');
    const side = Math.max(...corners.map((c, i) => Math.hypot(c.x - corners[(i + 1) % 4].x, c.y - corners[(i + 1) % 4].y)));
    const seenPxPerMm = side / longMm;
    // Half a pixel at each end, the corners' own error over the sheet, and where in its width a line was meant [estimate].
    const sd = Math.hypot(0.7 / seenPxPerMm, 0.35, lineMm / 5);
    return {
      outline,
      straight: { data: new Uint8ClampedArray(straight.data), width: straight.cols, height: straight.rows },
      pxPerMm: STRAIGHT_PX_PER_MM,
      lineMm,
      sdMm: sd
    };
  } finally {
    kept.free();
  }
}

/** The sheet as seen from straight above, its longer side upright. */
function straighten(cv: Cv, kept: Kept, rgba: CvMat, corners: readonly Point[], longMm: number, shortMm: number): CvMat {
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
