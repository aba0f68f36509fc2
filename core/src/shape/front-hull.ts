/** Toes of a foot: tip x, lateral centre, half-width and nose length, all sock on. */
export interface Toes {
  tip: Float64Array;
  centre: Float64Array;
  radius: Float64Array;
  nose: Float64Array;
  /** Toe points that can touch first: how many, then tip x, distance behind the tip, lateral place, toe, angle. */
  hullCount: number;
  hullTip: Float64Array;
  hullBehind: Float64Array;
  hullY: Float64Array;
  hullToe: Int8Array;
  hullAngle: Float64Array;
}

/**
 * The toe points that can touch a convex toe box first: the front convex hull of the sampled toe ends.
 * Exact for a convex region, since a first contact always lies on the hull.
 */

const MAX = 65;
const px = new Float64Array(MAX);
const py = new Float64Array(MAX);
const order = new Int16Array(MAX);
const stack = new Int16Array(MAX);

/**
 * Fills the hull arrays of a shape from its toes.
 * @param sin,cos of the sample angles, -90 to 90 degrees
 */
export function frontHullInto(shape: Toes, sin: readonly number[], cos: readonly number[]): void {
  const samples = sin.length;
  const { tip, centre, radius, nose } = shape;
  // Toes 5 to 1 and angles upward give points that are nearly sorted by y; neighbouring toes overlap a little.
  let count = 0;
  for (let i = 4; i >= 0; i--) {
    for (let j = 0; j < samples; j++) {
      const k = i * samples + j;
      px[k] = tip[i] - nose[i] * (1 - cos[j]);
      py[k] = centre[i] + radius[i] * sin[j];
      let at = count++;
      for (; at > 0 && py[order[at - 1]] > py[k]; at--) order[at] = order[at - 1];
      order[at] = k;
    }
  }
  let depth = 0;
  for (let n = 0; n < count; n++) {
    const k = order[n];
    while (depth > 1) {
      const b = stack[depth - 1];
      const a = stack[depth - 2];
      // Keep b only where it stands ahead of the chord from a to k.
      if ((px[b] - px[a]) * (py[k] - py[a]) > (px[k] - px[a]) * (py[b] - py[a])) break;
      depth--;
    }
    stack[depth++] = k;
  }
  shape.hullCount = depth;
  for (let n = 0; n < depth; n++) {
    const k = stack[n];
    const i = Math.trunc(k / samples);
    const j = k - i * samples;
    shape.hullTip[n] = tip[i];
    shape.hullBehind[n] = nose[i] * (1 - cos[j]);
    shape.hullY[n] = py[k];
    shape.hullToe[n] = i;
    shape.hullAngle[n] = ((j / (samples - 1)) * 180 - 90) * (Math.PI / 180);
  }
}
