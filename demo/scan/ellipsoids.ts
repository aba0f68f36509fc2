import type { Space } from '@chiave/core/scan';
import type { FieldFoot } from './cones';
import { surfaceOf, type Field } from './surface';

/** A foot of fat ellipsoids that melt into each other: another solid than that of round cones, broader behind and with closed toes. */

/** Middles and half-axes on a foot of length 250 and width 95; y to the inner side. */
const PARTS: readonly { at: Space; half: Space }[] = [
  { at: [36, 0, 28], half: [36, 31, 36] },
  { at: [95, -10, 26], half: [72, 33, 34] },
  { at: [160, -16, 15], half: [48, 32, 22] },
  { at: [178, 16, 18], half: [44, 32, 24] },
  { at: [110, 8, 44], half: [60, 24, 32] },
  { at: [58, 2, 150], half: [38, 34, 150] },
  { at: [222, 22, 11], half: [28, 14, 12] },
  { at: [218, -1, 9], half: [29, 10, 10] },
  { at: [206, -17, 9], half: [28, 10, 9] },
  { at: [193, -32, 9], half: [26, 10, 9] }
];
/** How wide the melt between two parts is, mm. */
const MELT = 9;
const [L, W] = [250, 95];

/** The solid; how far a place lies outside of it, mm, near its surface. */
export function ellipsoidFoot({ lengthMm, ballWidthMm, side }: FieldFoot): Field {
  const along = L / lengthMm;
  const across = (W / ballWidthMm) * (side === 'left' ? -1 : 1);
  return (x, y, z) => {
    const p = [x * along, y * across, z * along];
    let flesh = Infinity;
    for (const { at, half } of PARTS) {
      const [a, b, c] = [0, 1, 2].map((k) => (p[k] - at[k]) / half[k]);
      const near = Math.hypot(a, b, c);
      const steep = Math.hypot(a / half[0], b / half[1], c / half[2]) || 1e-9;
      const d = (near * (near - 1)) / steep;
      // A polynomial melt: parts further apart than it is wide do not know of each other.
      const h = Math.max(0, 1 - Math.abs(flesh - d) / MELT);
      flesh = Math.min(flesh, d) - (flesh < Infinity ? (h * h * MELT) / 4 : 0);
    }
    return Math.max(flesh, -p[2]) / along;
  };
}
export const ellipsoidScan = (foot: FieldFoot, stepMm = 3): Float32Array => surfaceOf(ellipsoidFoot(foot), foot, stepMm);
