import type { Point } from '@chiave/core/shape';

/** A photograph laid among millimetres by a ruler in it. */
export interface ScaledPhoto {
  href: string;
  width: number;
  height: number;
  opacity: number;
  /** a b c d e f of an SVG matrix: its pixels to the drawing's millimetres, toes up. */
  matrix: readonly number[];
}

/**
 * Lays a photograph by four places in it, pixels: both ends of a known length on a ruler, the back of the heel and the tip.
 * The heel comes to the origin, the tip straight above it.
 * @throws RangeError when two places are one
 */
export function layByRuler(ruler: readonly [Point, Point], rulerMm: number, heel: Point, tip: Point): readonly number[] {
  const pixels = Math.hypot(ruler[1].x - ruler[0].x, ruler[1].y - ruler[0].y);
  const along = Math.hypot(tip.x - heel.x, tip.y - heel.y);
  if (pixels < 5 || along < 5) throw new RangeError('two of the places lie on each other');
  if (!(rulerMm > 0)) throw new RangeError('the length on the ruler must be more than nought');
  const scale = rulerMm / pixels;
  // Turned so that heel to tip points up the page, which is towards smaller y.
  const angle = -Math.PI / 2 - Math.atan2(tip.y - heel.y, tip.x - heel.x);
  const [c, s] = [scale * Math.cos(angle), scale * Math.sin(angle)];
  return [c, s, -s, c, -(c * heel.x - s * heel.y), -(s * heel.x + c * heel.y)];
}
