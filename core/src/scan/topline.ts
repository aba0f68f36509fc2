import { spread } from '../shape';
import type { BottomLine } from './bottom-line';
import { openingOf } from './opening';

/** Where an inside ends, mm: how high over its bottom at the back of the heel, and how far along it, from the heel, its vamp begins. */
export interface Topline {
  backHeightMm: number;
  throatLineMm: number;
}

/** The topline is looked at over the bottom's middle, so far to either side, mm. */
const BESIDE_MM = 10;
/** What stands higher at the back than this, of the bottom's length, is a boot's shaft: it has no throat line [model]. */
const SHAFT_OVER = 0.35;

/** The topline of an inside from the edge of its surface; null where that is closed, or a boot's. */
export function toplineOf(bottom: BottomLine): Topline | null {
  const opening = openingOf(bottom.mesh);
  if (!opening) return null;
  const { points } = bottom.mesh;
  const met = opening.loop.filter((p) => Math.abs(points[3 * p + 1]) < BESIDE_MM).map((p) => bottom.under(points[3 * p], points[3 * p + 2]));
  const [first, last] = spread(met.map(({ s }) => s));
  const behind = met.filter(({ s }) => s < (first + last) / 2);
  const back = behind.reduce((sum, { over }) => sum + over, 0) / behind.length;
  return back < SHAFT_OVER * bottom.lengthMm ? { backHeightMm: back, throatLineMm: last } : null;
}
