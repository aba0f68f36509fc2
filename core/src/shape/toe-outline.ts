import type { FootShape } from './foot-shape';
import type { Point } from './foot-polygon';

/**
 * How a toe looks from above, for drawing: proportions of this project, looked at and not measured. The tip, the middle and the half-width of
 * each toe are the engine's own; these say how its sides run from the web to the tip.
 */

/** How far each web lies behind the tip of the shorter of its two toes, of the foot's length: between toes 1-2 to 4-5. */
const WEB_BEHIND = [0.118, 0.108, 0.102, 0.086] as const;
/** How far a toe's root lies off its tip's middle, of the ball width without bumps: toes lean together towards their tips. */
const ROOT_OFF = [0.014, 0.01, 0, -0.012, -0.022] as const;
/** Half-width along a toe, of its greatest, at shares of the way from web to tip: the big toe, and the others. */
const BIG = [
  [0.1, 0.95], [0.2, 0.925], [0.4, 0.925], [0.6, 1], [0.75, 0.965], [0.87, 0.78], [0.955, 0.46]
] as const; // prettier-ignore
const SMALL = [
  [0.1, 0.905], [0.22, 0.88], [0.45, 0.885], [0.66, 1], [0.8, 0.94], [0.905, 0.7], [0.97, 0.38]
] as const; // prettier-ignore
/** Where a toe's free side begins: beside another toe at its web, at the two outsides where the foot's side ends. */
const FREE_FROM = 0.3;
/** From here on a knot belongs to the rounded end. */
const END_FROM = 0.7;
/** Least room drawn between two neighbouring toes, of the ball width: a line's breadth. */
const BETWEEN = 0.006;

export interface ToeOutline {
  /** Knots from the inner side round the tip to the outer side. */
  knots: Point[];
  /** The same round the end only. */
  end: Point[];
  tip: Point;
  /** Middle line from the root to the tip. */
  root: Point;
  /** Corners of the nail: the back on the inner side, front inner, front outer, back on the outer side. */
  nail: Point[];
  /** Creases over the toe's joint, each from side to side. */
  creases: [Point, Point][];
}

/** Where each web lies, toes 1-2 to 4-5. */
export function webs(shape: FootShape): Point[] {
  return WEB_BEHIND.map((behind, i) => {
    const x = Math.min(shape.tip[i], shape.tip[i + 1]) - behind * shape.lengthMm;
    return { x, y: boundary(shape, i, x) };
  });
}

/** Lateral place of a toe's middle at x: on a line from its root to its tip. */
function middleAt(shape: FootShape, toe: number, x: number): number {
  const back = shape.tip[toe] - WEB_BEHIND[Math.min(toe, 3)] * shape.lengthMm;
  const t = Math.min(1, Math.max(0, (x - back) / (shape.tip[toe] - back)));
  return shape.centre[toe] + (1 - t) * ROOT_OFF[toe] * shape.plainWidthMm;
}

/** The line between a toe and the next one at x: no toe is drawn over it. */
function boundary(shape: FootShape, toe: number, x: number): number {
  const [a, b] = [middleAt(shape, toe, x), middleAt(shape, toe + 1, x)];
  const share = shape.radius[toe] / (shape.radius[toe] + shape.radius[toe + 1]);
  return a + (b - a) * share;
}

/**
 * One toe's outline.
 * @param shape a compiled foot
 * @param toe 0 the big toe to 4 the little one
 * @param web where the webs lie, from `webs`
 */
export function toeOutline(shape: FootShape, toe: number, web: readonly Point[]): ToeOutline {
  const tip = { x: shape.tip[toe], y: shape.centre[toe] };
  const r = shape.radius[toe];
  const profile = toe === 0 ? BIG : SMALL;
  const least = BETWEEN * shape.plainWidthMm * 0.5;
  const rootX = (side: 1 | -1): number => {
    const neighbour = side > 0 ? toe - 1 : toe;
    const x = web[Math.min(3, Math.max(0, neighbour))].x;
    return Math.min(x, tip.x - r);
  };
  const sideOf = (side: 1 | -1): Point[] => {
    const outside = side > 0 ? toe === 0 : toe === 4;
    const from = rootX(side);
    return profile
      .filter(([t]) => !outside || t >= FREE_FROM)
      .map(([t, half]) => {
        const x = from + t * (tip.x - from);
        const middle = middleAt(shape, toe, x);
        const neighbour = side > 0 ? toe - 1 : toe + 1;
        if (outside || x >= shape.tip[neighbour]) return { x, y: middle + side * half * r };
        // Beside a neighbour that reaches as far, a toe stays on its own side of the line between them, and its end rounds off from there.
        const room = Math.max(0, side * (boundary(shape, Math.min(toe, neighbour), x) - middle) - least);
        const across = t < END_FROM ? Math.min(half * r, room) : half * Math.min(r, room);
        return { x, y: middle + side * across };
      });
  };
  const inner = sideOf(1);
  const outer = sideOf(-1);
  const knots = [...inner, tip, ...outer.reverse()];
  const long = tip.x - Math.max(rootX(1), rootX(-1));
  const at = (behind: number, half: number): [Point, Point] => {
    const x = tip.x - behind * long;
    const y = middleAt(shape, toe, x);
    return [
      { x, y: y + half * r },
      { x, y: y - half * r }
    ];
  };
  const wide = toe === 0 ? 0.6 : 0.56;
  const [frontInner, frontOuter] = at(0.085, wide * 0.86);
  const [backInner, backOuter] = at(0.375, wide * 0.92);
  return {
    knots,
    end: knots.filter((p) => p.x >= tip.x - (1 - END_FROM) * long),
    tip,
    root: { x: tip.x - long, y: middleAt(shape, toe, tip.x - long) },
    nail: [backInner, frontInner, frontOuter, backOuter],
    creases: [at(0.54, 0.62), at(0.6, 0.62)]
  };
}
