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

/** An SVG path through points with rounded joins (Catmull-Rom as cubic curves), continuing an open path. */
export function curveThrough(points: readonly { x: number; y: number }[]): string {
  const at = (i: number): { x: number; y: number } => points[Math.min(points.length - 1, Math.max(0, i))];
  let path = '';
  for (let i = 0; i < points.length - 1; i++) {
    const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const control = (p: number, q: number, s: number): string => (p + (q - s) / 6).toFixed(1);
    path += `C${control(b.x, c.x, a.x)} ${control(b.y, c.y, a.y)} ${control(c.x, b.x, d.x)} ${control(c.y, b.y, d.y)} ${c.x.toFixed(1)} ${c.y.toFixed(1)}`;
  }
  return path;
}
