import type { Point } from '@chiave/core/shape';
import type { Cv, CvMat, Kept } from './opencv';

/** A picture as pixels, four bytes each. */
export interface Picture {
  data: Uint8ClampedArray;
  width: number;
  height: number;
}

/** Pixels a millimetre of what is seen straight. */
export const STRAIGHT_PX_PER_MM = 4;

/** Corners in the picture's own sense, so that nothing is mirrored, the first side being a short one. */
export function shortSideFirst(corners: readonly Point[]): Point[] {
  const side = (i: number): number => Math.hypot(corners[i].x - corners[(i + 1) % 4].x, corners[i].y - corners[(i + 1) % 4].y);
  const clockwise = corners.reduce((sum, c, i) => sum + c.x * corners[(i + 1) % 4].y - corners[(i + 1) % 4].x * c.y, 0) > 0;
  const round = clockwise ? [...corners] : [...corners].reverse();
  const firstIsShort = clockwise ? side(0) + side(2) < side(1) + side(3) : side(2) + side(0) < side(1) + side(3);
  return firstIsShort ? round : [...round.slice(1), round[0]];
}

/** The transform that lays four points of a picture on four others. */
export function perspective(cv: Cv, kept: Kept, from: readonly Point[], to: readonly Point[]): CvMat {
  const flat = (points: readonly Point[]): CvMat =>
    kept.keep(
      cv.matFromArray(
        4,
        1,
        cv.CV_32FC2,
        points.flatMap((c) => [c.x, c.y])
      )
    );
  return kept.keep(cv.getPerspectiveTransform(flat(from), flat(to)));
}

/** Points through a perspective transform. */
export function throughPerspective(transform: CvMat, points: readonly Point[]): Point[] {
  const m = transform.data64F;
  return points.map(({ x, y }) => {
    const w = m[6] * x + m[7] * y + m[8];
    return { x: (m[0] * x + m[1] * y + m[2]) / w, y: (m[3] * x + m[4] * y + m[5]) / w };
  });
}

/** A sheet as seen from straight above, its longer side upright. */
export function straighten(cv: Cv, kept: Kept, rgba: CvMat, corners: readonly Point[], longMm: number, shortMm: number): CvMat {
  const [w, h] = [Math.round(shortMm * STRAIGHT_PX_PER_MM), Math.round(longMm * STRAIGHT_PX_PER_MM)];
  const corner = (x: number, y: number): Point => ({ x, y });
  const transform = perspective(cv, kept, shortSideFirst(corners), [corner(0, 0), corner(w, 0), corner(w, h), corner(0, h)]);
  const straight = kept.keep(new cv.Mat());
  cv.warpPerspective(rgba, straight, transform, new cv.Size(w, h), cv.INTER_CUBIC, cv.BORDER_REPLICATE);
  return straight;
}
