import type { Point } from './foot-polygon';

/** Where along its height a section is widest, how far its crown stands to the inner side, and its two domes [estimates]. */
const SECTION = { widestAt: 0.15, crownAt: 0.16, inner: 0.46, innerDome: 2, outerDome: 1.7 } as const;
const STEPS = 48;

/**
 * A closed section across the ball of a width and a girth: how high its crown stands follows from the girth.
 * @param flatMm width of the flat bottom, mm
 * @returns outline (y up from the bottom, x to the inner side, mm) and height of the crown, mm
 */
export function sectionOf(flatMm: number, widthMm: number, girthMm: number): { outline: Point[]; heightMm: number; girthMm: number } {
  let [low, high] = [8, 160];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (lengthOf(sectionAt(flatMm, widthMm, middle)) > girthMm) high = middle;
    else low = middle;
  }
  const heightMm = (low + high) / 2;
  const outline = sectionAt(flatMm, widthMm, heightMm);
  return { outline, heightMm, girthMm: lengthOf(outline) };
}

function sectionAt(flat: number, width: number, height: number): Point[] {
  const rim = SECTION.widestAt * width;
  const crown = SECTION.crownAt * width;
  const half = (side: 1 | -1): Point[] => {
    const share = side > 0 ? SECTION.inner : 1 - SECTION.inner;
    const [edge, foot] = [share * width, share * flat];
    const dome = side > 0 ? SECTION.innerDome : SECTION.outerDome;
    const top = side * crown;
    return Array.from({ length: STEPS + 1 }, (_, i) => {
      const t = i / STEPS;
      if (t < 0.3) {
        // Lower corner: a quarter of an ellipse from the bottom's edge out to the widest.
        const a = (t / 0.3) * (Math.PI / 2);
        return { x: side * (foot + (edge - foot) * Math.sin(a)), y: rim * (1 - Math.cos(a)) };
      }
      const u = (t - 0.3) / 0.7;
      const a = u * (Math.PI / 2);
      const reach = edge - top;
      return { x: side * (top + reach * Math.cos(a) ** (2 / dome)), y: rim + (height - rim) * Math.sin(a) ** (2 / dome) };
    });
  };
  return [...half(1), ...half(-1).reverse()];
}

const lengthOf = (points: readonly Point[]): number =>
  points.reduce((sum, p, i) => {
    const q = points[(i + 1) % points.length];
    return sum + Math.hypot(q.x - p.x, q.y - p.y);
  }, 0);
