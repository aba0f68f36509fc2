import { hullOf, longAxis, spread, turned, type Point } from '../shape';
import { faceNormal, trianglesOf, type Hole, type Mesh } from './mesh';
import { openingOf } from './opening';
import { along, cross, squareTo, unit, type Space } from './space';

/** A scan set down as a foot stands: x forward from the back of the heel, y to its left, z up from the floor; mm. */
export interface SetScan {
  mesh: Mesh;
  lengthMm: number;
  /** How it was set: each coordinate is a row times the old place, less the shift. */
  rows: readonly [Space, Space, Space];
  shift: Space;
  /** Where the leg is open; null where the scan is closed, or cut below the ankle. */
  legMm: number | null;
  /** Which foot it looks like, and how surely, 0.5 to 1. */
  looksLike: { side: 'left' | 'right'; sure: number };
  /** Length over width of what lies low: 1.7 to 4 on a foot. */
  slender: number;
}

/** Constants of the setting [model]. */
export const DIRECTIONS = 642;
const SCORED_FACES = 1200;
const FACES_DOWN = 0.8;
const WITHIN_MM = 6;
/** The floor lies away from the leg by at least this, as a cosine. */
const AWAY_FROM_LEG = -0.4;
const SLABS_MM = [9, 9, 9, 5, 5, 5, 5, 2.5, 2.5, 2.5, 2.5, 2.5, 2.5, 2.5] as const;
const MOST_FITTED = 12_000;
const FACES_FLOOR = 0.75;
/** What lies below this makes the plan of a foot, of its length. */
export const LOW_OF_LENGTH = 0.18;

/** Middle, direction and area of every triangle. */
export interface Faces {
  middle: Float32Array;
  normal: Float32Array;
  area: Float32Array;
}
export function facesOf(mesh: Mesh): Faces {
  const { points, triangles } = mesh;
  const n = trianglesOf(mesh);
  const faces: Faces = { middle: new Float32Array(3 * n), normal: new Float32Array(3 * n), area: new Float32Array(n) };
  for (let t = 0; t < n; t++) {
    const [a, b, c] = [3 * triangles[3 * t], 3 * triangles[3 * t + 1], 3 * triangles[3 * t + 2]];
    const [nx, ny, nz] = faceNormal(mesh, t);
    const long = Math.hypot(nx, ny, nz) || 1;
    faces.area[t] = long / 2;
    for (let k = 0; k < 3; k++) faces.middle[3 * t + k] = (points[a + k] + points[b + k] + points[c + k]) / 3;
    faces.normal.set([nx / long, ny / long, nz / long], 3 * t);
  }
  return faces;
}

/** Directions spread evenly over a ball (Fibonacci's spiral). */
export const directions = (many: number): Space[] =>
  Array.from({ length: many }, (_, i) => {
    const z = 1 - (2 * i + 1) / many;
    const r = Math.sqrt(1 - z * z);
    const a = Math.PI * (1 + Math.sqrt(5)) * i;
    return [r * Math.cos(a), r * Math.sin(a), z];
  });

/** The middle of a surface by its area. */
export function middleOfArea({ middle, area }: Faces): Space {
  const centre = [0, 0, 0];
  let whole = 0;
  for (let t = 0; t < area.length; t++) {
    for (let k = 0; k < 3; k++) centre[k] += area[t] * middle[3 * t + k];
    whole += area[t];
  }
  return [centre[0] / whole, centre[1] / whole, centre[2] / whole];
}
/** The way to an opening seen from the middle of the surface: that of the leg. */
function towards({ at }: Hole, faces: Faces): Space {
  const [x, y, z] = middleOfArea(faces);
  return unit([at[0] - x, at[1] - y, at[2] - z]);
}

/** How much area some faces have, times how far that spreads: the end of a heel is not long, a sole is. */
export function spreadOf({ area, middle }: Faces, chosen: readonly number[]): number {
  let [whole, squares] = [0, 0];
  const sum = [0, 0, 0];
  for (const t of chosen) {
    whole += area[t];
    for (let k = 0; k < 3; k++) {
      sum[k] += area[t] * middle[3 * t + k];
      squares += area[t] * middle[3 * t + k] ** 2;
    }
  }
  return whole === 0 ? 0 : whole * Math.sqrt(Math.max(0, squares / whole - (sum[0] ** 2 + sum[1] ** 2 + sum[2] ** 2) / whole ** 2));
}

/** Faces in short, spread evenly over the list. */
export function someFaces({ area }: Faces, many: number): number[] {
  const every = Math.max(1, Math.floor(area.length / many));
  return Array.from({ length: Math.floor(area.length / every) }, (_, i) => i * every);
}

/** How much of a sole looks down a direction: what faces it near the lowest. */
function soleAlong(faces: Faces, chosen: readonly number[], down: Space): number {
  const heights = chosen.map((t) => along(faces.middle, 3 * t, down));
  const lowest = [...heights].sort((a, b) => b - a)[Math.min(2, heights.length - 1)];
  return spreadOf(
    faces,
    chosen.filter((t, i) => along(faces.normal, 3 * t, down) > FACES_DOWN && heights[i] >= lowest - WITHIN_MM)
  );
}

/** The direction of the floor, from a first guess: planes laid through what faces down in ever thinner slabs. */
function settled(faces: Faces, first: Space): Space {
  const n = faces.area.length;
  const every = Math.max(1, Math.ceil(n / (4 * MOST_FITTED)));
  let down = first;
  for (const slab of SLABS_MM) {
    const heights: number[] = [];
    const own: number[] = [];
    for (let t = 0; t < n; t += every) {
      heights.push(along(faces.middle, 3 * t, down));
      own.push(t);
    }
    // Noise moves the lowest point, not what lies under all but two of a hundred.
    const low = [...heights].sort((a, b) => b - a)[Math.floor(0.02 * heights.length)];
    const chosen = own.filter((t, i) => heights[i] > low - slab && along(faces.normal, 3 * t, down) > FACES_FLOOR);
    if (chosen.length < 8) return down;
    down = planeThrough(faces, chosen, down);
  }
  return down;
}

/** The plane nearest to some faces by their area, as its direction on the side of another. */
function planeThrough({ middle, area }: Faces, chosen: readonly number[], like: Space): Space {
  const [u, v] = [squareTo(like), like];
  const w = cross(v, u);
  // Height over the two directions across, by least squares.
  const m = new Float64Array(9);
  for (const t of chosen) {
    const [a, b, h, g] = [along(middle, 3 * t, u), along(middle, 3 * t, w), along(middle, 3 * t, v), area[t]];
    m[0] += g;
    m[1] += g * a;
    m[2] += g * b;
    m[3] += g * a * a;
    m[4] += g * a * b;
    m[5] += g * b * b;
    m[6] += g * h;
    m[7] += g * a * h;
    m[8] += g * b * h;
  }
  const [g, sa, sb, aa, ab, bb, h, ah, bh] = m;
  const [caa, cab, cbb] = [aa - (sa * sa) / g, ab - (sa * sb) / g, bb - (sb * sb) / g];
  const [cah, cbh] = [ah - (sa * h) / g, bh - (sb * h) / g];
  const det = caa * cbb - cab * cab;
  if (!(Math.abs(det) > 1e-9)) return like;
  const [sx, sy] = [(cah * cbb - cbh * cab) / det, (caa * cbh - cab * cah) / det];
  return unit([v[0] - sx * u[0] - sy * w[0], v[1] - sx * u[1] - sy * w[1], v[2] - sx * u[2] - sy * w[2]]);
}

/** Points of a mesh in another frame. */
export function inFrame({ points, triangles }: Mesh, rows: readonly [Space, Space, Space], by: Space): Mesh {
  const out = new Float32Array(points.length);
  for (let i = 0; i < points.length; i += 3) for (let k = 0; k < 3; k++) out[i + k] = along(points, i, rows[k]) - by[k];
  return { points: out, triangles };
}

/** The direction along the floor in which what lies low is narrowest across, toes in front. */
export function forwardOf(low: readonly Point[]): number {
  const hull = hullOf(low);
  let best = { angle: longAxis(low), width: Infinity };
  hull.forEach((p, i) => {
    const q = hull[(i + 1) % hull.length];
    const angle = Math.atan2(q.y - p.y, q.x - p.x);
    const [a, b] = spread(turned(hull, angle).map((r) => r.y));
    if (b - a < best.width) best = { angle, width: b - a };
  });
  const laid = turned(low, best.angle);
  const [back, front] = spread(laid.map((p) => p.x));
  const widthAt = (share: number): number => {
    const x = back + share * (front - back);
    const [a, b] = spread(laid.filter((p) => Math.abs(p.x - x) < 0.03 * (front - back)).map((p) => p.y));
    return b - a;
  };
  // The ball lies nearer the toes and is wider than the heel.
  return widthAt(0.2) + widthAt(0.3) > widthAt(0.7) + widthAt(0.62) ? best.angle + Math.PI : best.angle;
}

/** Which foot it is: the toes reach further on the inner side, and the sole stands off the floor there. */
function sideOf({ points }: Mesh, lengthMm: number): SetScan['looksLike'] {
  const reach = { left: 0, right: 0 };
  const under = { left: 0, right: 0, nLeft: 0, nRight: 0 };
  for (let i = 0; i < points.length; i += 3) {
    const [x, y, z] = [points[i], points[i + 1], points[i + 2]];
    if (z > LOW_OF_LENGTH * lengthMm) continue;
    const which = y > 0 ? 'left' : 'right';
    if (Math.abs(y) > 0.06 * lengthMm && x > reach[which]) reach[which] = x;
    if (x > 0.4 * lengthMm && x < 0.55 * lengthMm && Math.abs(y) > 0.07 * lengthMm && z < 0.12 * lengthMm) {
      if (which === 'left') {
        under.left += z;
        under.nLeft++;
      } else {
        under.right += z;
        under.nRight++;
      }
    }
  }
  const arch = (under.left / Math.max(1, under.nLeft) - under.right / Math.max(1, under.nRight)) / (0.02 * lengthMm);
  // The inner side of a right foot lies to its left.
  const score = (reach.left - reach.right) / (0.03 * lengthMm) + 0.7 * Math.max(-2, Math.min(2, arch));
  return { side: score > 0 ? 'right' : 'left', sure: 1 / (1 + Math.exp(-Math.abs(score))) };
}

/**
 * Sets a scan down on its sole and along its axis, from the middle of its heel forward to the middle of its ball.
 * @param mesh its largest part, mm
 */
export function setDown(mesh: Mesh): SetScan {
  const faces = facesOf(mesh);
  const leg = openingOf(mesh);
  const legUp = leg && towards(leg, faces);
  const chosen = someFaces(faces, SCORED_FACES);
  let first: Space = [0, 0, -1];
  let most = -1;
  for (const down of directions(DIRECTIONS)) {
    if (legUp && along(down, 0, legUp) > AWAY_FROM_LEG) continue;
    const score = soleAlong(faces, chosen, down);
    if (score > most) [most, first] = [score, down];
  }
  const down = settled(faces, first);
  const up: Space = [-down[0], -down[1], -down[2]];
  const east = squareTo(up);
  const north = cross(up, east);
  const heights = new Float32Array(mesh.points.length / 3);
  for (let p = 0; p < heights.length; p++) heights[p] = along(mesh.points, 3 * p, up);
  const floor = heights.slice().sort()[Math.floor(0.01 * heights.length)];
  const long = Math.max(...[east, north].map((axis) => extent(mesh, axis)));
  const low: Point[] = [];
  for (let p = 0; p < heights.length; p++)
    if (heights[p] - floor < LOW_OF_LENGTH * long) low.push({ x: along(mesh.points, 3 * p, east), y: along(mesh.points, 3 * p, north) });
  let angle = forwardOf(low);
  for (let round = 0; round < 5; round++) angle += lean(turned(low, angle));
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const ahead: Space = [c * east[0] + s * north[0], c * east[1] + s * north[1], c * east[2] + s * north[2]];
  const across = cross(up, ahead);
  const laid = turned(low, angle);
  const [back, front] = spread(laid.map((p) => p.x));
  const rows = [ahead, across, up] as const;
  const shift: Space = [back, heelMiddle(laid, back, front - back), floor];
  const set = inFrame(mesh, rows, shift);
  const [right, left] = spread(laid.map((p) => p.y));
  return {
    mesh: set,
    lengthMm: front - back,
    rows,
    shift,
    legMm: leg && along(leg.at, 0, up) - floor,
    looksLike: sideOf(set, front - back),
    slender: (front - back) / (left - right)
  };
}

function extent({ points }: Mesh, axis: Space): number {
  let [least, most] = [Infinity, -Infinity];
  for (let i = 0; i < points.length; i += 3) {
    const v = along(points, i, axis);
    if (v < least) least = v;
    if (v > most) most = v;
  }
  return most - least;
}

/** Shares of the length at which the middle of the heel is taken, and the ball; where the axis crosses the ball is in its middle [model]. */
const HEEL_AT = 0.17;
const BALL_FROM_TO: readonly [number, number] = [0.6, 0.75];
export const heelMiddle = (laid: readonly Point[], back: number, long: number): number => middleAt(laid, back + HEEL_AT * long, 0.02 * long);
function middleAt(laid: readonly Point[], x: number, within: number): number {
  const [a, b] = spread(laid.filter((p) => Math.abs(p.x - x) < within).map((p) => p.y));
  return (a + b) / 2;
}
/** By how much a foot is still turned off its axis, rad. */
export function lean(laid: readonly Point[]): number {
  const [back, front] = spread(laid.map((p) => p.x));
  const long = front - back;
  const [from, to] = BALL_FROM_TO;
  const [a, b] = spread(laid.filter((p) => p.x > back + from * long && p.x < back + to * long).map((p) => p.y));
  return Math.atan2((a + b) / 2 - heelMiddle(laid, back, long), ((from + to) / 2 - HEEL_AT) * long);
}
