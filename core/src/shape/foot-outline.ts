import { HEEL_ARC } from './foot-constants';
import type { Point } from './foot-polygon';
import type { FootShape } from './foot-shape';
import { toeOutline, webs, type ToeOutline } from './toe-outline';

/** A foot from above for drawing: knots of one smooth closed line, and what lies on it. Foot coordinates, mm. */
export interface FootOutline {
  /** Round from the back of the heel along the inner side, toe by toe, and back along the outer side; the same number for every foot. */
  knots: Point[];
  toes: ToeOutline[];
  webs: Point[];
  /** The inner and the outer side alone, from the heel to where the toes begin. */
  inner: Point[];
  outer: Point[];
}

/** Knots on each side between heel and toes. */
const SIDE_KNOTS = 22;
/** Angles at the back of the heel, degrees from straight back. */
const HEEL_ANGLES = [22, 45, 67] as const;
/** Where the sides end, of the length, and how far behind the first knot of their toe at least. */
const INNER_UPTO = 0.815;
const OUTER_UPTO = 0.745;
const CLEAR = 0.03;

/** Half-width of one side at x, between the stations. */
function halfAt(xs: Float64Array, half: Float64Array, x: number): number {
  let i = 1;
  while (i < xs.length - 1 && xs[i] < x) i++;
  const t = Math.min(1, Math.max(0, (x - xs[i - 1]) / (xs[i] - xs[i - 1])));
  return half[i - 1] + t * (half[i] - half[i - 1]);
}

/**
 * Lays the line of a foot for drawing: its sides are those the engine compares, its toes have webs and nails.
 * The line through the knots is meant to be a closed centripetal Catmull-Rom curve.
 * @param shape a compiled foot
 */
export function footOutline(shape: FootShape): FootOutline {
  const L = shape.lengthMm;
  const arc = HEEL_ARC * L;
  const web = webs(shape);
  const toes = [0, 1, 2, 3, 4].map((i) => toeOutline(shape, i, web));
  const heel = (side: 1 | -1): Point[] =>
    HEEL_ANGLES.map((degrees) => {
      const a = (degrees * Math.PI) / 180;
      return { x: arc * (1 - Math.cos(a)) - shape.offsetMm * Math.cos(a), y: side * (shape.heelWidthMm / 2 + shape.offsetMm) * Math.sin(a) };
    });
  const sideOf = (side: 1 | -1): Point[] => {
    const half = side > 0 ? shape.inner : shape.outer;
    const first = side > 0 ? toes[0].knots[0].x : toes[4].knots[toes[4].knots.length - 1].x;
    const upto = Math.min((side > 0 ? INNER_UPTO : OUTER_UPTO) * L, first - CLEAR * L);
    return Array.from({ length: SIDE_KNOTS }, (_, i) => {
      const x = arc + ((upto - arc) * i) / (SIDE_KNOTS - 1);
      return { x, y: side * halfAt(shape.stationX, half, x) };
    });
  };
  const inner = [...heel(1), ...sideOf(1)];
  const outer = [...heel(-1), ...sideOf(-1)];
  const front = toes.flatMap((toe, i) => (i < 4 ? [...toe.knots, web[i]] : toe.knots));
  return { knots: [{ x: -shape.offsetMm, y: 0 }, ...inner, ...front, ...outer.slice().reverse()], toes, webs: web, inner, outer };
}
