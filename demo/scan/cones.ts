import type { Space } from '@chiave/core/scan';
import { surfaceOf, type Field } from './surface';

/**
 * A foot as a solid of round cones that run into each other, for scans made by a script. It owes nothing to the outline that the engine draws
 * feet by: what is measured on it can be checked against the solid itself.
 */
export interface FieldFoot {
  lengthMm: number;
  ballWidthMm: number;
  /** Left feet have their inner side at -y, seen with the toes along x and z up. */
  side: 'left' | 'right';
  /** Where the leg is cut off, above the floor, mm. */
  legMm: number;
}

interface Cone {
  from: Space;
  to: Space;
  r: readonly [number, number];
}

/** Bones and flesh of a foot of length and width one, y to the inner side; radii of the length. */
const L = 250;
const W = 95;
const BODY: readonly Cone[] = [
  // Heel, outer edge, inner edge over the arch, instep, leg.
  { from: [30, 2, 26], to: [48, 2, 34], r: [29, 29] },
  { from: [45, -6, 24], to: [150, -26, 18], r: [25, 17] },
  { from: [48, 8, 34], to: [176, 22, 20], r: [25, 18] },
  { from: [60, 0, 62], to: [165, 2, 24], r: [30, 17] },
  { from: [58, 2, 40], to: [52, 2, 260], r: [33, 36] },
  // The ball, and five toes.
  { from: [176, 24, 19], to: [160, -28, 16], r: [18, 15] },
  { from: [190, 24, 14], to: [238, 22, 11.5], r: [14, 11.5] },
  { from: [196, 4, 12], to: [235, 2, 9], r: [10, 8.5] },
  { from: [190, -10, 12], to: [226, -13, 8.5], r: [10, 8] },
  { from: [182, -22, 12], to: [215, -27, 8], r: [10, 7.5] },
  { from: [168, -33, 12], to: [198, -39, 8], r: [11, 8] }
];
/** How softly the parts run into each other, mm. */
const SOFT = 6;

/** Distance from a point to a cone with round ends, as along its axis. */
function toCone(x: number, y: number, z: number, { from, to, r }: Cone): number {
  const [dx, dy, dz] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const long = dx * dx + dy * dy + dz * dz;
  const t = Math.min(1, Math.max(0, ((x - from[0]) * dx + (y - from[1]) * dy + (z - from[2]) * dz) / long));
  return Math.hypot(x - from[0] - t * dx, y - from[1] - t * dy, z - from[2] - t * dz) - (r[0] + (r[1] - r[0]) * t);
}

/** How far a point of space lies outside the foot, mm; below nought inside. x forward from the heel, z up from the floor. */
export function fieldOf({ lengthMm, ballWidthMm, side }: FieldFoot): Field {
  const along = L / lengthMm;
  const across = (W / ballWidthMm) * (side === 'left' ? -1 : 1);
  const up = (along + W / ballWidthMm) / 2;
  return (x, y, z) => {
    const [u, v, w] = [x * along, y * across, z * up];
    let sum = 0;
    let nearest = Infinity;
    for (const cone of BODY) {
      const d = toCone(u, v, w, cone);
      sum += Math.exp(-d / SOFT);
      if (d < nearest) nearest = d;
    }
    const flesh = nearest < 40 ? -SOFT * Math.log(sum) : nearest;
    // The floor presses the sole flat.
    return Math.max(flesh, -z) / along;
  };
}

/** The surface of such a foot as a scanner gives it. @returns corners, nine numbers a triangle, mm */
export const scanOf = (foot: FieldFoot, stepMm = 3): Float32Array => surfaceOf(fieldOf(foot), foot, stepMm);
