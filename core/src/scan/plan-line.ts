import type { Point } from '../shape';
import type { Mesh } from './mesh';

/** Spacing of the grid on which a foot's shadow is drawn, mm [model]: the line runs midway between what lies in it and what does not. */
const GRID_MM = 0.5;

/**
 * The outer line of what lies low of a scan, seen from above: its shadow on the floor, walked round.
 * @param mesh set down, mm
 * @param lowMm what lies higher belongs to the leg
 * @returns closed, counter-clockwise seen from above, points about half a millimetre apart; empty where nothing lies low
 */
export function planLine(mesh: Mesh, lowMm: number): Point[] {
  const { points, triangles } = mesh;
  const low = (p: number): boolean => points[3 * p + 2] < lowMm;
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let p = 0; p < points.length; p += 3) {
    if (points[p + 2] >= lowMm) continue;
    x0 = Math.min(x0, points[p]);
    x1 = Math.max(x1, points[p]);
    y0 = Math.min(y0, points[p + 1]);
    y1 = Math.max(y1, points[p + 1]);
  }
  if (!(x1 > x0 && y1 > y0)) return [];
  // One cell of nothing on every side, so that the walk never leaves the grid.
  const [ox, oy] = [x0 - 1.5 * GRID_MM, y0 - 1.5 * GRID_MM];
  const across = Math.ceil((x1 - ox) / GRID_MM) + 2;
  const up = Math.ceil((y1 - oy) / GRID_MM) + 2;
  const shadow = new Uint8Array(across * up);
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t], triangles[t + 1], triangles[t + 2]];
    if (low(a) && low(b) && low(c)) shade(a, b, c);
  }
  return walkRound();

  /** Darkens the cells whose middle lies within a triangle's shadow, line by line. */
  function shade(a: number, b: number, c: number): void {
    const xs = [a, b, c].map((p) => (points[3 * p] - ox) / GRID_MM - 0.5);
    const ys = [a, b, c].map((p) => (points[3 * p + 1] - oy) / GRID_MM - 0.5);
    const [from, to] = [Math.ceil(Math.min(...ys)), Math.floor(Math.max(...ys))];
    for (let j = from; j <= to; j++) {
      let [left, right] = [Infinity, -Infinity];
      for (let k = 0; k < 3; k++) {
        const m = (k + 1) % 3;
        if (ys[k] === ys[m] || j < Math.min(ys[k], ys[m]) || j > Math.max(ys[k], ys[m])) continue;
        const x = xs[k] + ((xs[m] - xs[k]) * (j - ys[k])) / (ys[m] - ys[k]);
        left = Math.min(left, x);
        right = Math.max(right, x);
      }
      if (right >= left) shadow.fill(1, j * across + Math.ceil(left), j * across + Math.floor(right) + 1);
    }
  }

  /** Along the edges of the cells, what is dark always to the left. */
  function walkRound(): Point[] {
    const dark = (i: number, j: number): boolean => shadow[j * across + i] === 1;
    const start = largestFrom();
    if (start < 0) return [];
    const line: Point[] = [];
    const [i0, j0] = [start % across, Math.floor(start / across)];
    // Corners of cells; directions east, north, west, south.
    let [i, j, way] = [i0, j0, 0];
    do {
      const [di, dj] = STEPS[way];
      line.push({ x: ox + (i + di / 2) * GRID_MM, y: oy + (j + dj / 2) * GRID_MM });
      i += di;
      j += dj;
      // The cells ahead of the corner, to the left and to the right of the way.
      const [ahead, beside] = CELLS[way];
      if (dark(i + beside[0], j + beside[1])) way = (way + 3) % 4;
      else if (!dark(i + ahead[0], j + ahead[1])) way = (way + 1) % 4;
    } while (i !== i0 || j !== j0 || way !== 0);
    return line;
  }

  /** The lowest, leftmost cell of the largest dark patch: crumbs beside the foot are passed over. */
  function largestFrom(): number {
    const seen = new Uint8Array(shadow.length);
    let best = { from: -1, cells: 0 };
    for (let from = 0; from < shadow.length; from++) {
      if (shadow[from] === 0 || seen[from] === 1) continue;
      const open = [from];
      seen[from] = 1;
      let cells = 0;
      for (let cell = open.pop(); cell !== undefined; cell = open.pop()) {
        cells++;
        for (const by of [1, -1, across, -across, across + 1, across - 1, 1 - across, -1 - across]) {
          const next = cell + by;
          if (shadow[next] === 0 || seen[next] === 1) continue;
          seen[next] = 1;
          open.push(next);
        }
      }
      if (cells > best.cells) best = { from, cells };
    }
    return best.from;
  }
}
const STEPS = [[1, 0], [0, 1], [-1, 0], [0, -1]] as const; // prettier-ignore
/** From a corner, by the way that was gone: the cell ahead to the left, and the one ahead to the right. */
const CELLS = [
  [[0, 0], [0, -1]],
  [[-1, 0], [0, 0]],
  [[-1, -1], [-1, 0]],
  [[0, -1], [-1, -1]]
] as const; // prettier-ignore
