import { spread } from '../shape';
import type { BottomLine } from './bottom-line';
import type { Hole } from './mesh';
import { middleOf, type Space } from './space';

/** A place of the topline: where it stands, over which place of the bottom, and how high over that, mm. */
interface ToplinePlace {
  at: Space;
  s: number;
  over: number;
}
/** Where an inside ends: at the back of the heel, and where its vamp begins. */
export interface Topline {
  back: ToplinePlace;
  throat: ToplinePlace;
}

/** The topline is looked at over the bottom's middle, so far to either side, mm. */
const BESIDE_MM = 10;
/** What stands higher at the back than this, of the bottom's length, is a boot's shaft: it has no throat line [model]. */
const SHAFT_OVER = 0.35;

/** The topline of an inside from its opening; null where that is a boot's. */
export function toplineOf(bottom: BottomLine, opening: Hole): Topline | null {
  const { points } = bottom.mesh;
  const met = opening.loop
    .map((p): Space => [points[3 * p], points[3 * p + 1], points[3 * p + 2]])
    .filter(([, y]) => Math.abs(y) < BESIDE_MM)
    .map((at): ToplinePlace => ({ at, ...bottom.under(at[0], at[2]) }));
  const [first, last] = spread(met.map(({ s }) => s));
  const behind = met.filter(({ s }) => s < (first + last) / 2);
  const throat = met.find(({ s }) => s === last);
  if (!throat || behind.length === 0) return null;
  const mean = (of: (place: ToplinePlace) => number): number => behind.reduce((sum, place) => sum + of(place), 0) / behind.length;
  const back = { at: middleOf(behind.map(({ at }) => at)), s: mean(({ s }) => s), over: mean(({ over }) => over) };
  return back.over < SHAFT_OVER * bottom.lengthMm ? { back, throat } : null;
}
