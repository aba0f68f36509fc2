import { faceNormal, trianglesOf, type Mesh } from './mesh';

/** Taubin's two steps, one in and one a little further out: jitter goes, size stays (1995, from memory). */
const STEPS = [0.5, -0.53] as const;
/** Rounds of both steps: a few where it jitters a little, more where it jitters much [model]. */
const ROUNDS = { few: 2, many: 6 } as const;
const MUCH_MM = 0.3;
/** Jitter from which on a surface is smoothed, mm [model]: extremes and hulls ride on the outermost points. */
const JITTER_MM = 0.15;

/** Neighbours of every point: where its own begin in one list, and the list. */
interface Neighbours {
  from: Uint32Array;
  list: Uint32Array;
}
function neighboursOf({ points, triangles }: Mesh): Neighbours {
  const many = points.length / 3;
  const from = new Uint32Array(many + 1);
  // Every triangle names each of its points two neighbours; within a closed surface each stands twice, which weighs all alike.
  for (const p of triangles) from[p + 1] += 2;
  for (let p = 0; p < many; p++) from[p + 1] += from[p];
  const list = new Uint32Array(from[many]);
  const next = from.slice(0, many);
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k++) {
      const p = triangles[t + k];
      list[next[p]++] = triangles[t + ((k + 1) % 3)];
      list[next[p]++] = triangles[t + ((k + 2) % 3)];
    }
  return { from, list };
}

/** Direction in which a surface looks at each of its points, unit vectors. */
function normalsOf(mesh: Mesh): Float32Array {
  const { points, triangles } = mesh;
  const normal = new Float32Array(points.length);
  for (let t = 0; t < trianglesOf(mesh); t++) {
    const own = faceNormal(mesh, t);
    for (let corner = 0; corner < 3; corner++) for (let k = 0; k < 3; k++) normal[3 * triangles[3 * t + corner] + k] += own[k];
  }
  for (let p = 0; p < normal.length; p += 3) {
    const long = Math.hypot(normal[p], normal[p + 1], normal[p + 2]) || 1;
    for (let k = 0; k < 3; k++) normal[p + k] /= long;
  }
  return normal;
}

/** A point's offset from its neighbours, less theirs, holds its own jitter and shares of so many others': this much of it in all [worked out for six neighbours]. */
const OFFSET_OF_JITTER = 1.33;
/** The median of a normal deviation, of it. */
const MEDIAN = 0.6745;

/**
 * How far the points of a surface jitter out of it, mm: how far each stands off the middle of its neighbours, square to the surface, less
 * what its neighbours do; as a median, so that edges count little.
 */
export function jitterOf(mesh: Mesh, { from, list }: Neighbours = neighboursOf(mesh)): number {
  const { points } = mesh;
  const many = points.length / 3;
  const normal = normalsOf(mesh);
  const off = new Float32Array(many);
  for (let p = 0; p < many; p++) {
    const n = from[p + 1] - from[p];
    if (n === 0) continue;
    for (let k = 0; k < 3; k++) {
      let sum = 0;
      for (let i = from[p]; i < from[p + 1]; i++) sum += points[3 * list[i] + k];
      off[p] += normal[3 * p + k] * (points[3 * p + k] - sum / n);
    }
  }
  const own: number[] = [];
  const every = Math.max(1, Math.floor(many / 5000));
  for (let p = 0; p < many; p += every) {
    const n = from[p + 1] - from[p];
    if (n < 6) continue;
    let sum = 0;
    for (let i = from[p]; i < from[p + 1]; i++) sum += off[list[i]];
    own.push(Math.abs(off[p] - sum / n));
  }
  own.sort((a, b) => a - b);
  return own.length === 0 ? 0 : own[own.length >> 1] / (MEDIAN * OFFSET_OF_JITTER);
}

/**
 * A surface without the jitter of its scanner; one that hardly jitters is left as it is.
 * @returns the surface, and how far it jittered, mm
 */
export function steadied(mesh: Mesh): { mesh: Mesh; jitterMm: number } {
  const neighbours = neighboursOf(mesh);
  const jitterMm = jitterOf(mesh, neighbours);
  if (jitterMm <= JITTER_MM) return { mesh, jitterMm };
  const { from, list } = neighbours;
  let points = mesh.points;
  const rounds = jitterMm > MUCH_MM ? ROUNDS.many : ROUNDS.few;
  for (let round = 0; round < rounds; round++)
    for (const step of STEPS) {
      const moved = points.slice();
      for (let p = 0; p < from.length - 1; p++) {
        const n = from[p + 1] - from[p];
        if (n === 0) continue;
        for (let k = 0; k < 3; k++) {
          let sum = 0;
          for (let i = from[p]; i < from[p + 1]; i++) sum += points[3 * list[i] + k];
          moved[3 * p + k] += step * (sum / n - points[3 * p + k]);
        }
      }
      points = moved;
    }
  return { mesh: { points, triangles: mesh.triangles }, jitterMm };
}
