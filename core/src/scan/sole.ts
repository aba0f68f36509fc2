import { directions, DIRECTIONS, someFaces, spreadOf, type Faces } from './faces';
import { along, cross, squareTo, unit, type Space } from './space';

/** Constants of the setting [model]. */
const SCORED_FACES = 1200;
const FACES_DOWN = 0.8;
const WITHIN_MM = 6;
/** The floor lies away from the leg by at least this, as a cosine. */
const AWAY_FROM_LEG = -0.4;
const SLABS_MM = [9, 9, 9, 5, 5, 5, 5, 2.5, 2.5, 2.5, 2.5, 2.5, 2.5, 2.5] as const;
const MOST_FITTED = 12_000;
const FACES_FLOOR = 0.75;
/** Directions nearer to each other than this are one side of a scan, as a cosine. */
const SAME_SIDE = 0.65;

/** How much of a sole looks down a direction: what faces it near the lowest. */
function soleAlong(faces: Faces, chosen: readonly number[], down: Space): number {
  const heights = chosen.map((t) => along(faces.middle, 3 * t, down));
  const lowest = [...heights].sort((a, b) => b - a)[Math.min(2, heights.length - 1)];
  return spreadOf(
    faces,
    chosen.filter((t, i) => along(faces.normal, 3 * t, down) > FACES_DOWN && heights[i] >= lowest - WITHIN_MM)
  );
}

/**
 * The directions in which a scan may have its sole, the likeliest first, no two on one side of it.
 * @param leg the way to its leg, where that is known: the floor lies away from it
 * @param many how many at most
 */
export function solesOf(faces: Faces, leg: Space | null, many: number): Space[] {
  const chosen = someFaces(faces, SCORED_FACES);
  const scored = directions(DIRECTIONS)
    .filter((down) => !leg || along(down, 0, leg) <= AWAY_FROM_LEG)
    .map((down) => ({ down, score: soleAlong(faces, chosen, down) }))
    .sort((a, b) => b.score - a.score);
  const found: Space[] = [];
  for (const { down } of scored) {
    if (found.length === many) break;
    if (found.every((other) => along(down, 0, other) < SAME_SIDE)) found.push(down);
  }
  return found;
}

/** The direction of the floor, from a first guess: planes laid through what faces down in ever thinner slabs. */
export function settled(faces: Faces, first: Space): Space {
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
