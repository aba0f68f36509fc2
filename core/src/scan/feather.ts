import { cutPoints } from './cut';
import type { BottomLine } from './bottom-line';
import { cross, type Space } from './space';

/** The bottom's line is laid through this share of its reach; the wall's through these heights over it, mm, less of a low toe, of its height [model]. */
const BOTTOM: readonly [number, number] = [0.15, 0.8];
const WALL_MM: readonly [number, number] = [4.5, 11];
const WALL_OF_HEIGHT: readonly [number, number] = [0.12, 0.3];
/** How near over the bottom its reach is looked for, mm, and how thick the bottom is seen. */
const REACH_UNDER_MM = 12;
/** How high the last stands over its edge is looked for from here outward, of the reach. */
const TOP_FROM = 0.6;
/** A wall that leans out further than this from square to the bottom is none: the bottom only curves up [model]. */
const MOST_LEAN_RAD = Math.PI / 4;
const BOTTOM_BIN_MM = 1;
const SPACING_MM = 0.5;
const LEAST_POINTS = 3;

/**
 * How far the feather point lies from the bottom's middle along a direction: where the line of the bottom and the line of the wall over it
 * cross. The edge between them may be rounded a little.
 * @param s place along the bottom's middle
 * @param way direction in the bottom's own plane, ahead and to the left, of length one
 * @returns mm along the bottom; null where there is no such edge
 */
export function featherIn(bottom: BottomLine, s: number, [forward, left]: readonly [number, number]): number | null {
  const at = bottom.at(s);
  const ahead = bottom.ahead(s);
  const up = bottom.up(s);
  const way: Space = [0, 1, 2].map((k) => forward * ahead[k] + left * bottom.left[k]) as unknown as Space;
  const cut = cutPoints(bottom.mesh, { at, normal: cross(way, up) });
  const u: number[] = [];
  const v: number[] = [];
  const place = (i: number): [number, number] => {
    const off: Space = [cut[i] - at[0], cut[i + 1] - at[1], cut[i + 2] - at[2]];
    return [off[0] * way[0] + off[1] * way[1] + off[2] * way[2], off[0] * up[0] + off[1] * up[1] + off[2] * up[2]];
  };
  // Each triangle is met in a stretch: places along it, so that a coarse surface tells as much as a fine one.
  for (let i = 0; i < cut.length; i += 6) {
    const [[ua, va], [ub, vb]] = [place(i), place(i + 3)];
    const many = Math.ceil(Math.hypot(ub - ua, vb - va) / SPACING_MM);
    for (let k = 0; k < many; k++) {
      const out = ua + ((ub - ua) * (k + 0.5)) / many;
      if (out <= 0) continue;
      u.push(out);
      v.push(va + ((vb - va) * (k + 0.5)) / many);
    }
  }
  const reach = u.reduce((most, out, i) => (v[i] < REACH_UNDER_MM ? Math.max(most, out) : most), 0);
  if (reach === 0) return null;
  // The lowest in every whole stretch is the bottom: a part of one may hold nothing but the top.
  const lowest = new Map<number, number>();
  const [first, end] = [Math.ceil((BOTTOM[0] * reach) / BOTTOM_BIN_MM), Math.floor((BOTTOM[1] * reach) / BOTTOM_BIN_MM)];
  u.forEach((out, i) => {
    const bin = Math.floor(out / BOTTOM_BIN_MM);
    if (bin < first || bin >= end) return;
    const known = lowest.get(bin);
    if (known === undefined || v[i] < v[known]) lowest.set(bin, i);
  });
  const ground = lineThrough(Array.from(lowest.values(), (i) => [u[i], v[i]] as const));
  if (!ground) return null;
  const over = (i: number): number => v[i] - ground.at(u[i]);
  const high = u.reduce((most, out, i) => (out > TOP_FROM * reach ? Math.max(most, over(i)) : most), 0);
  const [from, to] = [0, 1].map((k) => Math.min(WALL_MM[k], WALL_OF_HEIGHT[k] * high));
  const wall = lineThrough(u.flatMap((out, i) => (out > BOTTOM[0] * reach && over(i) > from && over(i) < to ? [[v[i], out] as const] : [])));
  if (!wall || Math.atan(wall.slope) + Math.atan(ground.slope) > MOST_LEAN_RAD) return null;
  // Out = a + b v on the wall, v = c + d out on the bottom.
  const out = (wall.from + wall.slope * ground.from) / (1 - wall.slope * ground.slope);
  return out > 0 && Number.isFinite(out) ? out * Math.hypot(1, ground.slope) : null;
}

/** The line nearest to some points, the second coordinate over the first; null where they are too few. */
function lineThrough(points: readonly (readonly [number, number])[]): { from: number; slope: number; at: (a: number) => number } | null {
  const n = points.length;
  if (n < LEAST_POINTS) return null;
  const mean = (k: 0 | 1): number => points.reduce((sum, p) => sum + p[k], 0) / n;
  const [ma, mb] = [mean(0), mean(1)];
  let [aa, ab] = [0, 0];
  for (const [a, b] of points) {
    aa += (a - ma) ** 2;
    ab += (a - ma) * (b - mb);
  }
  const slope = aa > 1e-9 ? ab / aa : 0;
  const from = mb - slope * ma;
  return { from, slope, at: (a) => from + slope * a };
}
