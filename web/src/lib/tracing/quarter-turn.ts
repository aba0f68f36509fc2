import type { Point } from '@chiave/core/shape';

/** A point of a sheet turned by quarters clockwise, so that it stays on a sheet that begins at 0. */
export function quarterTurned({ x, y }: Point, turns: number, widthMm: number, heightMm: number): Point {
  if (turns === 1) return { x: heightMm - y, y: x };
  if (turns === 2) return { x: widthMm - x, y: heightMm - y };
  return turns === 3 ? { x: y, y: widthMm - x } : { x, y };
}
