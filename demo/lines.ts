import { compileInsole, innerWall, outerWall, type Inside, type InsoleOutline } from '@chiave/core/last';
import { compileFootShape, evenly, HEEL_ARC, type FootPlan, type Point } from '@chiave/core/shape';
import { seeded } from './random';

/** Outlines sampled from the models, as if they had been traced: without a tremor, or with a hand's. */

/** The insole of a shoe, its feather edge, as a traced line. */
export function insoleLine(inside: Inside, steps = 1500): InsoleOutline {
  const shoe = compileInsole({ ...inside, outline: null });
  // Finer towards both ends, where the line turns across.
  const at = Array.from({ length: steps + 1 }, (_, i) => shoe.insoleMm * (0.5 - 0.5 * Math.cos((Math.PI * i) / steps)));
  const inner = at.map((x): [number, number] => [x, innerWall(shoe, x)]);
  const outer = at.map((x): [number, number] => [x, -outerWall(shoe, x)]);
  return { forFootMm: inside.madeForFootMm, points: [...inner, ...outer.reverse()], taperShiftMm: inside.taperShiftMm, sdMm: 0, tracings: 1, hands: 1 };
}

/** A bare foot's line: sides by station, toes by angle. */
export function footLine(plan: FootPlan, everyDeg = 1): Point[] {
  const shape = compileFootShape({ ...plan, contour: undefined }, 0);
  const { tip, nose, centre, radius, stationX, inner, outer } = shape;
  const arc = HEEL_ARC * plan.lengthMm;
  const heel = (sign: 1 | -1): Point[] =>
    Array.from({ length: 40 }, (_, i) => {
      const v = 1 - Math.cos(((Math.PI / 2) * i) / 40);
      return { x: arc * v, y: sign * (plan.heelWidthMm / 2) * Math.sqrt(v * (2 - v)) };
    });
  const side = (half: Float64Array, root: number, sign: 1 | -1): Point[] =>
    [...stationX].flatMap((x, s) => (x > arc && x < root ? [{ x, y: sign * half[s] }] : []));
  const ahead = (p: Point, own: number): boolean =>
    [0, 1, 2, 3, 4].every((i) => {
      const n = (p.y - centre[i]) / radius[i];
      return i === own || Math.abs(n) >= 1 || p.x >= tip[i] - nose[i] * (1 - Math.sqrt(1 - n * n));
    });
  const front = [0, 1, 2, 3, 4]
    .flatMap((i) =>
      Array.from({ length: Math.round(180 / everyDeg) + 1 }, (_, j) => {
        const a = (Math.PI / 180) * (j * everyDeg - 90);
        return { x: tip[i] - nose[i] * (1 - Math.cos(a)), y: centre[i] + radius[i] * Math.sin(a), i };
      })
    )
    .filter((p) => ahead(p, p.i))
    .sort((a, b) => b.y - a.y);
  return [
    ...heel(1),
    ...side(inner, tip[0] - nose[0], 1),
    ...front.map(({ x, y }) => ({ x, y })),
    ...side(outer, tip[4] - nose[4], -1).reverse(),
    ...heel(-1).reverse()
  ];
}

/** A line as a hand draws it: pushed off along its normals by a wandering tremor. @param correlationMm how far the hand wanders one way */
export function tremor(line: readonly Point[], sdMm: number, correlationMm: number, seed: number): Point[] {
  const points = evenly(line, 1);
  const random = seeded(seed);
  const noise = points.map(() => random.normal());
  const reach = Math.ceil(3 * correlationMm);
  const weights = Array.from({ length: 2 * reach + 1 }, (_, k) => Math.exp(-(((k - reach) / correlationMm) ** 2)));
  const scale = sdMm / Math.hypot(...weights);
  return points.map((p, i) => {
    const n = points.length;
    const off = scale * weights.reduce((sum, w, k) => sum + w * noise[(i + k - reach + n) % n], 0);
    const [a, b] = [points[(i + n - 1) % n], points[(i + 1) % n]];
    const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    return { x: p.x + (off * (b.y - a.y)) / long, y: p.y - (off * (b.x - a.x)) / long };
  });
}
