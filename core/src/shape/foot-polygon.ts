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
  const points: Point[] = [{ x: -shape.offsetMm, y: 0 }];
  for (let s = 0; s < shape.stationX.length && shape.stationX[s] < rootInner; s++) points.push({ x: shape.stationX[s], y: shape.inner[s] });
  // Front edge: at each lateral place the toe that reaches furthest, stepping from the inner edge outward.
  const innerEdge = shape.centre[0] + shape.radius[0];
  const outerEdge = shape.centre[4] - shape.radius[4];
  const steps = 160;
  for (let i = 0; i <= steps; i++) {
    const y = innerEdge + ((outerEdge - innerEdge) * i) / steps;
    points.push({ x: frontOf(shape, y), y });
  }
  for (let s = shape.stationX.length - 1; s >= 0; s--) {
    if (shape.stationX[s] < rootOuter) points.push({ x: shape.stationX[s], y: -shape.outer[s] });
  }
  return points;
}

function frontOf(shape: FootShape, y: number): number {
  let front = shape.tip[4] - shape.nose[4];
  for (let i = 0; i < 5; i++) {
    const n = (y - shape.centre[i]) / shape.radius[i];
    if (Math.abs(n) > 1) continue;
    front = Math.max(front, shape.tip[i] - shape.nose[i] * (1 - Math.sqrt(1 - n * n)));
  }
  // Between neighbouring toes the cleft is no deeper than the toes' rounded ends.
  return front;
}
