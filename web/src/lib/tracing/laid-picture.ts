import type { Point } from '@chiave/core/shape';
import { quarterTurned } from './quarter-turn';
import type { Picture } from './straight';

/** A straightened picture with its place among the line's millimetres. */
export interface LaidPicture {
  href: string;
  widthMm: number;
  heightMm: number;
  /** a b c d e f of an SVG matrix. */
  matrix: readonly number[];
  /** Two opposite corners where it lies. */
  corners: readonly Point[];
}

/**
 * Lays a picture down: turned by quarters, then, as the second of two sheets, half round about the seam and along it.
 * @param shiftMm null for a first or only sheet
 */
export function layPicture(picture: Picture, pxPerMm: number, turns = 0, shiftMm: number | null = null): LaidPicture {
  const canvas = document.createElement('canvas');
  canvas.width = picture.width;
  canvas.height = picture.height;
  canvas.getContext('2d')!.putImageData(new ImageData(new Uint8ClampedArray(picture.data), canvas.width, canvas.height), 0, 0);
  const [w, h] = [picture.width / pxPerMm, picture.height / pxPerMm];
  const at = (p: Point): Point => {
    const q = quarterTurned(p, turns, w, h);
    return shiftMm === null ? q : { x: shiftMm - q.x, y: -q.y };
  };
  const [o, ex, ey] = [at({ x: 0, y: 0 }), at({ x: 1, y: 0 }), at({ x: 0, y: 1 })];
  return {
    href: canvas.toDataURL('image/jpeg', 0.8),
    widthMm: w,
    heightMm: h,
    matrix: [ex.x - o.x, ex.y - o.y, ey.x - o.x, ey.y - o.y, o.x, o.y],
    corners: [o, at({ x: w, y: h })]
  };
}
