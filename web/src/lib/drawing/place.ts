import type { Side } from '@chiave/core/measure';
import type { Point } from '@chiave/core/shape';

/**
 * From core coordinates (x forward from the heel, y + to the inner side) to a drawing with the toes up:
 * the wearer's own left foot on the left, seen from above, its big toe towards the right.
 */
export const toScreen =
  (side: Side, centreX: number, heelY: number, scale: number) =>
  ({ x, y }: Point): { x: number; y: number } => ({ x: centreX + (side === 'left' ? 1 : -1) * y * scale, y: heelY - x * scale });

/** A closed SVG path through points. */
export const closedPath = (points: readonly { x: number; y: number }[]): string =>
  points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('') + 'Z';

/** An open SVG path through points. */
export const openPath = (points: readonly { x: number; y: number }[]): string =>
  points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('');
