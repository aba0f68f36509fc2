import { HEEL_ARC } from './foot-constants';
import type { FootShape } from './foot-shape';

export interface Point {
  x: number;
  y: number;
}

/**
 * A foot's outline as a closed polygon for drawing: heel, inner side, toes with their clefts, outer side.
 * @param shape a compiled foot
 * @returns points in foot coordinates, mm: x forward from the heel, y + to the inner side
 */
export function footPolygon(shape: FootShape): Point[] {
  const rootInner = shape.tip[0] - shape.nose[0];
  const rootOuter = shape.tip[4] - shape.nose[4];
  const inner: Point[] = [];
  const outer: Point[] = [];
  for (let s = 0; s < shape.stationX.length; s++) {
    const x = shape.stationX[s];
    if (x < rootInner) inner.push({ x, y: shape.inner[s] });
    if (x < rootOuter) outer.push({ x, y: -shape.outer[s] });
  }
  // Front edge: at each lateral place the toe that reaches furthest, stepping from the inner edge outward.
  const innerEdge = shape.centre[0] + shape.radius[0];
  const outerEdge = shape.centre[4] - shape.radius[4];
  const steps = 200;
  const front = Array.from({ length: steps + 1 }, (_, i) => {
    const y = innerEdge + ((outerEdge - innerEdge) * i) / steps;
    return { x: frontOf(shape, y), y };
  });
  return [...heelArc(shape, shape.stationX[0]), ...inner, ...front, ...outer.reverse()];
}

/** The heel's arc behind the first stations, from the outer side round the back to the inner. */
function heelArc(shape: FootShape, upTo: number): Point[] {
  const arc = HEEL_ARC * shape.lengthMm;
  const steps = 12;
  const last = Math.acos(1 - upTo / arc);
  const side = (sign: 1 | -1, i: number): Point => {
    const v = 1 - Math.cos((last * i) / steps);
    // The sock stands around the arc as it does along the sides.
    return {
      x: arc * v - shape.offsetMm * (1 - v),
      y: sign * ((shape.heelWidthMm / 2) * Math.sqrt(v * (2 - v)) + shape.offsetMm * Math.sin((last * i) / steps))
    };
  };
  const indices = Array.from({ length: steps }, (_, i) => i);
  return [...indices.map((i) => side(-1, i)).reverse(), ...indices.slice(1).map((i) => side(1, i))];
}

function frontOf(shape: FootShape, y: number): number {
  let front = -Infinity;
  for (let i = 0; i < 5; i++) {
    const n = (y - shape.centre[i]) / shape.radius[i];
    if (Math.abs(n) > 1 + 1e-9) continue;
    front = Math.max(front, shape.tip[i] - shape.nose[i] * (1 - Math.sqrt(Math.max(0, 1 - n * n))));
  }
  if (front > -Infinity) return front;
  // In a cleft: no deeper than the rounded ends of the toes on either side.
  const next = [0, 1, 2, 3].find((i) => y <= shape.centre[i] && y >= shape.centre[i + 1]) ?? 3;
  return Math.min(shape.tip[next] - shape.nose[next], shape.tip[next + 1] - shape.nose[next + 1]);
}
