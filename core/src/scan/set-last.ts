import { hullOf, spread, turned, type Point } from '../shape';
import type { Mesh } from './mesh';
import { DIRECTIONS, directions, facesOf, inFrame, type Faces } from './set';
import { along, cross, squareTo, unit, type Space } from './space';

/** Faces that look this nearly one way belong to the bottom; while it is looked for, and while its direction is settled. */
const FACES = { sought: 0.8, settled: 0.75 } as const;
const SCORED_FACES = 1500;
const ROUNDS = 6;

/** How much of a surface looks a way, times how far that reaches: a bottom is as long as its last, what looks up is not. */
function spreadOf({ area, normal, middle }: Faces, way: Space, every: number): number {
  let [own, squares] = [0, 0];
  const sum = [0, 0, 0];
  for (let t = 0; t < area.length; t += every) {
    if (along(normal, 3 * t, way) <= FACES.sought) continue;
    own += area[t];
    for (let k = 0; k < 3; k++) {
      sum[k] += area[t] * middle[3 * t + k];
      squares += area[t] * middle[3 * t + k] ** 2;
    }
  }
  return own === 0 ? 0 : own * Math.sqrt(Math.max(0, squares / own - (sum[0] ** 2 + sum[1] ** 2 + sum[2] ** 2) / own ** 2));
}

/** The direction most of a last's surface looks to: its bottom. */
function downOf(faces: Faces): Space {
  const n = faces.area.length;
  const every = Math.max(1, Math.floor(n / SCORED_FACES));
  let [down, most]: [Space, number] = [[0, 0, -1], -1];
  for (const d of directions(DIRECTIONS)) {
    const score = spreadOf(faces, d, every);
    if (score > most) [most, down] = [score, d];
  }
  for (let round = 0; round < ROUNDS; round++) {
    const sum = [0, 0, 0];
    for (let t = 0; t < n; t++)
      if (along(faces.normal, 3 * t, down) > FACES.settled) for (let k = 0; k < 3; k++) sum[k] += faces.area[t] * faces.normal[3 * t + k];
    down = unit([sum[0], sum[1], sum[2]]);
  }
  return down;
}

/** Where the middles of heel and ball are taken, of the length. */
const HEEL_AT = 0.17;
const BALL_AT: readonly [number, number] = [0.6, 0.75];
const WITHIN = 0.02;

/**
 * Sets a last with its bottom below, its axis from the middle of the heel to that of the ball, its toe in front. Its pitch is not seen: a loose
 * last may be rolled.
 * @param mesh its largest part, mm
 */
export function setLast(mesh: Mesh): Mesh {
  const [x, y, z] = downOf(facesOf(mesh));
  const up: Space = [-x, -y, -z];
  const east = squareTo(up);
  const down = inFrame(mesh, [east, cross(up, east), up], [0, 0, 0]);
  const plan: Point[] = [];
  for (let p = 0; p < down.points.length; p += 3) plan.push({ x: down.points[p], y: down.points[p + 1] });
  let angle = narrowest(plan);
  // The ball lies nearer the toe and is wider than the heel.
  const laid = turned(plan, angle);
  const [back, front] = spread(laid.map((p) => p.x));
  const widthAt = (share: number): number => {
    const [a, b] = spread(laid.filter((p) => Math.abs(p.x - back - share * (front - back)) < WITHIN * (front - back)).map((p) => p.y));
    return b - a;
  };
  if (widthAt(0.2) + widthAt(0.3) > widthAt(0.62) + widthAt(0.7)) angle += Math.PI;
  for (let round = 0; round < 5; round++) angle += lean(turned(plan, angle));
  const set = turned(plan, angle);
  const [heel] = spread(set.map((p) => p.x));
  const long = spread(set.map((p) => p.x))[1] - heel;
  const middle = middleAt(set, heel + HEEL_AT * long, WITHIN * long);
  const points = new Float32Array(down.points);
  set.forEach((p, i) => {
    points[3 * i] = p.x - heel;
    points[3 * i + 1] = p.y - middle;
  });
  return { points, triangles: down.triangles };
}

/** The direction in which a plan is narrowest across. */
function narrowest(plan: readonly Point[]): number {
  const hull = hullOf(plan);
  let best = { angle: 0, width: Infinity };
  hull.forEach((p, i) => {
    const q = hull[(i + 1) % hull.length];
    const angle = Math.atan2(q.y - p.y, q.x - p.x);
    const [a, b] = spread(turned(hull, angle).map((r) => r.y));
    if (b - a < best.width) best = { angle, width: b - a };
  });
  return best.angle;
}

function middleAt(laid: readonly Point[], x: number, within: number): number {
  const [a, b] = spread(laid.filter((p) => Math.abs(p.x - x) < within).map((p) => p.y));
  return (a + b) / 2;
}

function lean(laid: readonly Point[]): number {
  const [back, front] = spread(laid.map((p) => p.x));
  const long = front - back;
  const middle = (BALL_AT[0] + BALL_AT[1]) / 2;
  const ball = middleAt(laid, back + middle * long, ((BALL_AT[1] - BALL_AT[0]) / 2) * long);
  return Math.atan2(ball - middleAt(laid, back + HEEL_AT * long, WITHIN * long), (middle - HEEL_AT) * long);
}
