import { compileShoe, innerWall, outerWall, shoePolygon, type Inside } from '../last';
import type { Point } from '../shape';
import type { ComparedShoe } from './inside-measures';

export type LaidAt = 'heel' | 'ball';

/** An outline where it lies among others, mm: x forward, y to the inner side. */
export interface LaidOutline {
  outline: Point[];
  forwardMm: number;
}

/** How far an inside is moved forward so that the named place lies over the first one's, mm. */
export const shiftTo = (at: LaidAt, inside: Inside, first: Inside): number => (at === 'heel' ? 0 : first.flexLineMm - inside.flexLineMm);

/** Inner silhouettes laid over the first one's heel or ball. */
export function layOver(shoes: readonly ComparedShoe[], at: LaidAt): LaidOutline[] {
  return shoes.map(({ inside, girthShare }) => {
    const forwardMm = shiftTo(at, inside, shoes[0].inside);
    return { outline: shoePolygon(compileShoe(inside, girthShare)).map((p) => ({ x: p.x + forwardMm, y: p.y })), forwardMm };
  });
}

const STATIONS = 200;

/**
 * Mean distance between two silhouettes over both sides and the longer one's length, mm: nought for the same shoe, and the same
 * from either side.
 */
export function overlayDistance(a: ComparedShoe, b: ComparedShoe, at: LaidAt = 'heel'): number {
  const [p, q] = [compileShoe(a.inside, a.girthShare), compileShoe(b.inside, b.girthShare)];
  const shift = shiftTo(at, b.inside, a.inside);
  const from = Math.min(0, shift);
  const to = Math.max(p.insoleMm, q.insoleMm + shift);
  const wall = (shoe: typeof p, x: number, side: typeof innerWall): number => (x < 0 || x > shoe.insoleMm ? 0 : side(shoe, x));
  let sum = 0;
  for (let i = 0; i < STATIONS; i++) {
    const x = from + ((to - from) * (i + 0.5)) / STATIONS;
    sum += Math.abs(wall(p, x, innerWall) - wall(q, x - shift, innerWall)) + Math.abs(wall(p, x, outerWall) - wall(q, x - shift, outerWall));
  }
  return sum / (2 * STATIONS);
}
