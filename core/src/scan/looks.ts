import { LOW_OF_LENGTH } from './limits';
import type { Mesh } from './mesh';

/** Which foot a scan looks like, and how surely, 0.5 to 1. */
export interface LooksLike {
  side: 'left' | 'right';
  sure: number;
}

/** Which foot it is: the toes reach further on the inner side, and the sole stands off the floor there. */
export function sideOf({ points }: Mesh, lengthMm: number): LooksLike {
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
