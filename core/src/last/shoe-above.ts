import type { Point } from '../shape';
import { innerWall, outerWall, shoePolygon, type ShoeOutline } from './shoe-outline';

/** A shoe from above for drawing, mm, x forward from the heel, y + to the inner side. */
export interface ShoeAbove {
  /** Its inside at plan level, and the outer face of its wall. Both have the same number of points for every shoe. */
  inside: Point[];
  outside: Point[];
  /** What is open to be stepped into. */
  opening: Point[];
}

/** Thickness of upper, lining and what stands out at the feather, as seen from above, mm [estimate]. */
const WALL_MM = 3.6;
/** How far the opening's edge lies inside the wall at the heel and at the waist, mm [estimate]. */
const EDGE_HEEL_MM = 1.2;
const EDGE_WAIST_MM = 6.5;
/** The opening closes from here to the throat, of the foot it is made for, along (1 - u^p)^q. */
const CLOSES_FROM = 0.34;
const CLOSES = { p: 2.6, q: 0.62 } as const;
const WAIST_AT = 0.43;

/**
 * Lays a shoe from above.
 * @param shoe its compiled inside
 * @param opensTo where the opening ends in front, of the foot length it is made for
 * @param steps points on each side
 */
export function shoeAbove(shoe: ShoeOutline, opensTo: number, steps = 60): ShoeAbove {
  const inside = shoePolygon(shoe, steps);
  return { inside, outside: outward(inside, WALL_MM), opening: openingOf(shoe, opensTo, steps / 2) };
}

/** A closed outline that runs forward along the inner side and back along the outer one, moved outward along its normals. */
function outward(points: readonly Point[], mm: number): Point[] {
  const n = points.length;
  return points.map((p, i) => {
    const [a, b] = [points[(i + n - 1) % n], points[(i + 1) % n]];
    const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    return { x: p.x - ((b.y - a.y) / long) * mm, y: p.y + ((b.x - a.x) / long) * mm };
  });
}

function openingOf(shoe: ShoeOutline, opensTo: number, steps: number): Point[] {
  const L0 = shoe.madeForMm;
  const from = CLOSES_FROM * L0;
  const throat = Math.max(from + 1, opensTo * L0);
  const at = Array.from({ length: steps + 1 }, (_, i) => EDGE_HEEL_MM + ((throat - EDGE_HEEL_MM) * (1 - Math.cos((Math.PI * i) / steps))) / 2);
  const half = (wall: (shoe: ShoeOutline, x: number) => number, x: number): number => {
    const edge = EDGE_HEEL_MM + (EDGE_WAIST_MM - EDGE_HEEL_MM) * Math.min(1, x / (WAIST_AT * L0));
    const u = Math.max(0, (x - from) / (throat - from));
    return Math.max(0, wall(shoe, x) - edge) * Math.max(0, 1 - u ** CLOSES.p) ** CLOSES.q;
  };
  return [...at.map((x) => ({ x, y: half(innerWall, x) })), ...at.map((x) => ({ x, y: -half(outerWall, x) })).reverse()];
}
