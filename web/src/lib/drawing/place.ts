import { curveCatmullRom, curveLinear, curveLinearClosed, line, type CurveFactory } from 'd3-shape';
import type { Side } from '@chiave/core/measure';
import type { Point } from '@chiave/core/shape';

/**
 * From core coordinates (x forward from the heel, y + to the inner side) to a drawing with the toes up:
 * the wearer's own left foot on the left, seen from above, its big toe towards the right.
 */
export const toScreen =
  (side: Side, centreX: number, heelY: number, scale: number) =>
  ({ x, y }: Point): { x: number; y: number } => ({ x: centreX + (side === 'left' ? 1 : -1) * y * scale, y: heelY - x * scale });

type At = { x: number; y: number };
const path = line<At>()
  .x((p) => p.x)
  .y((p) => p.y)
  .digits(1);
const drawn = (curve: CurveFactory, points: readonly At[]): string => path.curve(curve)(points as At[]) ?? '';

/** A closed SVG path through points. */
export const closedPath = (points: readonly At[]): string => drawn(curveLinearClosed, points);

/** An open SVG path through points. */
export const openPath = (points: readonly At[]): string => drawn(curveLinear, points);

/** An SVG path through points with rounded joins, continuing an open path. */
export const curveThrough = (points: readonly At[]): string => drawn(curveCatmullRom.alpha(0), points).replace(/^M[^C]*/, '');
