import { cutPoints } from './cut';
import type { BottomLine } from './bottom-line';
import { cross, type Space } from './space';

/** The bottom's line is laid through this share of its reach [model]. */
const BOTTOM: readonly [number, number] = [0.1, 0.6];
/** How near over the bottom its reach is looked for, mm, and how thick the bottom is seen. */
const REACH_UNDER_MM = 12;
const BOTTOM_BIN_MM = 1;
const SPACING_MM = 0.5;
const LEAST_POINTS = 3;
/** How high it stands over its edge is looked for from here outward, of the reach. */
const TOP_FROM = 0.6;

/** A cut square to a bottom, from its middle out along a direction. */
export interface Section {
  /** Places on the surface: how far out, and how high over the bottom's middle, mm. */
  u: readonly number[];
  v: readonly number[];
  /** The line of the bottom. */
  ground: Line;
  /** How high the surface stands over that line where it stands furthest out, mm. */
  highMm: number;
  /** The line nearest to the wall between two heights over the bottom, out over height; null where too little of it is there. */
  wall: (fromMm: number, toMm: number) => Line | null;
}

/**
 * @param s place along the bottom's middle
 * @param way direction in the bottom's own plane, ahead and to the left, of length one
 * @returns null where there is no bottom
 */
export function sectionAt(bottom: BottomLine, s: number, [forward, left]: readonly [number, number]): Section | null {
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
  return {
    u,
    v,
    ground,
    highMm: u.reduce((most, out, i) => (out > TOP_FROM * reach ? Math.max(most, over(i)) : most), 0),
    wall: (from, to) => lineThrough(u.flatMap((out, i) => (out > BOTTOM[0] * reach && over(i) > from && over(i) < to ? [[v[i], out] as const] : [])))
  };
}

export interface Line {
  from: number;
  slope: number;
  at: (a: number) => number;
}
/** The line nearest to some points, the second coordinate over the first; null where they are too few. */
function lineThrough(points: readonly (readonly [number, number])[]): Line | null {
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
