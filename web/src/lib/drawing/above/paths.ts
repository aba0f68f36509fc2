import { curveCatmullRom, curveCatmullRomClosed, line } from 'd3-shape';
import type { FootOutline, Point } from '@chiave/core/shape';

/** From millimetres of a foot or shoe to the sheet. */
export type OnSheet = (p: Point) => Point;

const path = line<Point>()
  .x((p) => p.x)
  .y((p) => p.y)
  .digits(1);
/** A smooth line through knots, closed: as the core means a foot's outline to be drawn. */
export const smooth = (knots: readonly Point[]): string => path.curve(curveCatmullRomClosed.alpha(0.5))(knots as Point[]) ?? '';
/** The same, open. */
export const smoothOpen = (knots: readonly Point[]): string => path.curve(curveCatmullRom.alpha(0.5))(knots as Point[]) ?? '';

const between = (a: Point, b: Point, t: number): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });
const d = (p: Point): string => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`;
/** A nail: four corners with round ends, rounder in front. */
export function nail([backInner, frontInner, frontOuter, backOuter]: readonly Point[]): string {
  const front = between(frontInner, frontOuter, 0.5);
  const back = between(backInner, backOuter, 0.5);
  const ahead = { x: front.x + (front.x - back.x) * 0.12, y: front.y + (front.y - back.y) * 0.12 };
  const behind = { x: back.x - (front.x - back.x) * 0.14, y: back.y - (front.y - back.y) * 0.14 };
  const inner = between(backInner, frontInner, 0.5);
  const outer = between(backOuter, frontOuter, 0.5);
  return `M${d(inner)}C${d(frontInner)} ${d(frontInner)} ${d(ahead)}C${d(frontOuter)} ${d(frontOuter)} ${d(outer)}C${d(backOuter)} ${d(backOuter)} ${d(behind)}C${d(backInner)} ${d(backInner)} ${d(inner)}Z`;
}

/** Lines along which light and shade lie on a foot from above. */
export interface Shade {
  /** Hollow of the arch along the inner side. */
  arch: Point[];
  /** Sinews from the instep to each toe, which catch the light. */
  ridges: [Point, Point][];
  /** The shade of each cleft, back from its web. */
  clefts: [Point, Point][];
}

export function shadeOf(foot: FootOutline): Shade {
  const heel = foot.knots[0];
  const long = foot.toes.reduce((most, t) => Math.max(most, t.tip.x), 0) - heel.x;
  const at = (share: number) => heel.x + share * long;
  const instep = { x: at(0.46), y: between(foot.inner[10], foot.outer[10], 0.42).y };
  return {
    arch: foot.inner.filter((p) => p.x > at(0.26) && p.x < at(0.66)),
    ridges: foot.toes.map((t) => [between(instep, t.root, 0.25), between(instep, t.root, 0.86)]),
    clefts: foot.webs.map((w) => [w, between(w, instep, 0.13)])
  };
}
