import { smoothOpen, type Point } from '../../shape';
import { throatAt, widthAt } from '../box';
import { stationAt, STATIONS } from '../forefoot';
import { wallsAlong } from '../hold';
import type { InBox } from '../stand';
import { clamp, lerp, smooth } from './ramp';

/** How hard a wall presses, over the fitter's own press, and in what word. */
export const WALL_BANDS = [
  { id: 'hard', name: 'hard', over: 2.2 },
  { id: 'firm', name: 'firm', over: 1.4 },
  { id: 'held', name: 'held', over: 0.4 },
  { id: 'touching', name: 'touching', over: 0.05 },
  { id: 'free', name: 'free', over: -Infinity }
] as const;
export type WallBandId = (typeof WALL_BANDS)[number]['id'];
export const wallBand = (hands: number): WallBandId => WALL_BANDS.find((b) => hands > b.over)!.id;

/** One toe from in front: its outline, its nail, whether it bears. */
export interface ToeFront {
  outline: Point[];
  nail: Point[];
  bears: boolean;
  /** Between the pulp and the platform's inner face, mm. */
  gapMm: number;
  fillerMm: number;
}
/** A foot in its box from in front, on pointe: y to the inner side, t up from the platform's inner face, mm. Its middle is the platform's. */
export interface PointeFront {
  /** Leg and forefoot, and the box's outside. */
  foot: Point[];
  box: Point[];
  /** Painted from the little toe to the big one. */
  toes: ToeFront[];
  /** Walls by pressure, a piece a station on each side. */
  walls: { inner: boolean; from: Point; to: Point; band: WallBandId }[];
  throat: Point[];
  /** Where the throat would stand had she not sunk. */
  flatThroatT: number;
  /** Half of the platform, outside, and how thick it is. */
  platform: { half: number; thick: number };
}
/** Roots of the toes at 0.29 of the length, of the ball width; how far webs lie behind the shorter tip, of the length. */
const ROOTS = [0.29, 0.075, -0.085, -0.225, -0.345] as const;
const WEBS = [0.116, 0.106, 0.1, 0.086] as const;
/** A toe from its tip (0) to its root (1): half-width of its greatest. */
const TOE = [0, 0, 0.03, 0.46, 0.09, 0.76, 0.19, 0.96, 0.31, 1, 0.5, 0.9, 0.68, 0.86, 0.85, 0.94, 1, 1] as const;
const WALL_MM = 2;
const SLEEVE_MM = 1.6;
/** Half-widths of the leg above the forefoot, of a ball width of 84: t, inner, outer. */
const LEG = [104, 37, 36, 122, 33, 33, 140, 30, 31, 160, 32, 33, 184, 35, 35] as const;
const LEG_OF_MM = 84;

export function pointeFront({ foot, compiled, lateral, hold, tips, on }: InBox): PointeFront {
  const { box } = compiled;
  const rest = hold.restMm;
  const wing = (inner: boolean): number => (inner ? box.wingMm : box.wingOuterMm);
  const wall = (t: number): number => widthAt(box, Math.max(0, t)) / 2;

  /** The foot's own edge at a station, within the wall as far as that is stiff. */
  const edge = (inner: boolean, s: number): number => {
    const own = inner ? stationAt(foot.inner, s) - lateral.off(s) : stationAt(foot.outer, s) + lateral.off(s);
    const shift = lateral.shift(s) * (inner ? 1 : -1);
    const t = s + rest;
    const stiff = 1 - smooth((t - wing(inner) - 8) / 26);
    return lerp(own - shift, Math.min(own - shift, wall(t)), stiff);
  };
  const legScale = foot.of.foot.values.ballWidthMm.mm / LEG_OF_MM;
  const sideOf = (inner: boolean): Point[] => {
    const sign = inner ? 1 : -1;
    const forefoot = STATIONS.filter((s) => s <= 98 && s >= 14).map((s) => ({ x: sign * edge(inner, s), y: s + rest }));
    const leg: Point[] = [];
    for (let i = 0; i < LEG.length; i += 3) leg.push({ x: sign * legScale * LEG[i + (inner ? 1 : 2)], y: LEG[i] + 16 + rest });
    return smoothOpen([...forefoot, ...leg], 4);
  };
  const [inner, outer] = [sideOf(true), sideOf(false)];

  const outside = (isInner: boolean): Point[] => {
    const sign = isInner ? 1 : -1;
    const stiffTo = wing(isInner);
    const points: Point[] = [{ x: sign * (box.platform.widthMm / 2), y: -3 }];
    for (let t = 0; t <= stiffTo; t += 6) points.push({ x: sign * (wall(t) + WALL_MM), y: t });
    // Above the wings the cloth lies on the foot.
    for (let t = stiffTo + 10; t <= 128; t += 10) {
      const over = smooth((t - stiffTo) / 26);
      points.push({ x: sign * lerp(wall(t) + WALL_MM, Math.abs(sideAt(isInner ? inner : outer, t)) + SLEEVE_MM, over), y: t });
    }
    return smoothOpen(points, 3);
  };
  const [boxInner, boxOuter] = [outside(true), outside(false)];

  const W = foot.of.foot.values.ballWidthMm.mm * foot.ratio;
  const rootS = 0.29 * foot.lengthMm;
  const toes = [4, 3, 2, 1, 0].map((i): ToeFront => {
    const { drop, r } = foot.toes[i];
    const gapMm = Math.max(0, rest + drop - on.fillersMm[i] - foot.tipPadMm);
    const tip = { x: tips.across[i], y: Math.max(0.2, rest + drop) };
    const web = Math.max(drop, foot.toes[Math.min(4, i + 1)].drop) + WEBS[Math.min(3, i)] * foot.lengthMm;
    const root = { y: Math.min(web, rootS) + rest, x: ROOTS[i] * W - lateral.off(rootS) };
    const share = clamp(0, (root.y - tip.y) / (rootS + rest - tip.y), 1);
    const rootX = lerp(tip.x, root.x, share);
    const near = [i - 1, i + 1].filter((k) => k >= 0 && k < 5).map((k) => Math.abs(tips.across[k] - tips.across[i]) / (r + foot.toes[k].r));
    const half = r * clamp(0.72, Math.min(...near) * 1.1, 0.97);
    const blunt = hold.toes[i].newtons > 1;
    const at = (share: number, w: number, side: 1 | -1): Point => {
      const y = lerp(tip.y, root.y, share);
      const x = lerp(tip.x, rootX, share) + side * w * half;
      const most = Math.max(2, wall(y) - 0.4);
      return { x: clamp(-most, x, most), y };
    };
    const left: Point[] = [];
    const right: Point[] = [];
    for (let k = 0; k < TOE.length; k += 2) {
      const w = blunt && TOE[k] <= 0.09 ? Math.max(TOE[k + 1], 0.55 + 3 * TOE[k]) : TOE[k + 1];
      left.push(at(TOE[k], Math.min(1, w), -1));
      right.push(at(TOE[k], Math.min(1, w), 1));
    }
    const nail = ([[0.08, 0.42], [0.2, 0.56], [0.3, 0.5]] as const).flatMap(([s, w]) => [at(s, w, 1)]).concat(([[0.3, 0.5], [0.2, 0.56], [0.08, 0.42]] as const).map(([s, w]) => at(s, w, -1))); // prettier-ignore
    // The curve between the knots may swing under the platform by a hair.
    const outline = smoothOpen([...left.reverse(), ...right], 3).map((p) => ({ x: p.x, y: Math.max(0.05, p.y) }));
    return { outline, nail, bears: hold.toes[i].newtons > 3, gapMm, fillerMm: on.fillersMm[i] };
  });

  const presses = wallsAlong(foot, compiled, rest);
  const walls = [true, false].flatMap((isInner) => {
    const sign = isInner ? 1 : -1;
    return STATIONS.flatMap((s, i) => {
      const t = s + rest;
      if (t < 0 || t > wing(isInner) || presses[i] === null) return [];
      const mean = [i - 1, i, i + 1].map((k) => presses[k] ?? presses[i]!).reduce((a, b) => a + b, 0) / 3;
      const x = (at: number): number => sign * (wall(at) + WALL_MM + 3.4);
      return [{ inner: isInner, from: { x: x(t - 1.6), y: t - 1.6 }, to: { x: x(t + 1.6), y: t + 1.6 }, band: wallBand(mean) }];
    });
  });
  const throatOf = (sign: 1 | -1): Point[] =>
    Array.from({ length: 11 }, (_, i) => i / 12).map((a) => {
      const t = throatAt(box, a);
      const half = Math.abs(sideAt(sign > 0 ? boxInner : boxOuter, Math.min(126, t)));
      return { x: sign * Math.sin((a * Math.PI) / 2) * half, y: t };
    });
  const throat = [...throatOf(-1).reverse(), ...throatOf(1).slice(1)];
  /** The satin ends at the throat, and runs behind the foot above it. */
  const ends = throat[0].y;
  const below = (line: readonly Point[]): Point[] => line.filter((p) => p.y < ends - 2);
  return {
    foot: [...inner, ...[...outer].reverse()],
    box: [...below(boxInner), ...[...throat].reverse(), ...below(boxOuter).reverse()],
    toes,
    walls,
    throat,
    flatThroatT: box.vampMm - hold.sinkMm,
    platform: { half: box.platform.widthMm / 2, thick: 3 }
  };
}
/** Where a side line stands at a height. */
function sideAt(line: readonly Point[], y: number): number {
  for (let i = 1; i < line.length; i++) {
    const [p, q] = [line[i - 1], line[i]];
    if ((p.y - y) * (q.y - y) <= 0 && p.y !== q.y) return p.x + ((q.x - p.x) * (y - p.y)) / (q.y - p.y);
  }
  return line[line.length - 1].x;
}
