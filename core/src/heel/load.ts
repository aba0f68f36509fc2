import { banded, type Banded } from './banded';
import type { Pose } from './pose';

/**
 * How much of the weight ball and toes carry. Forward and inward with height is published (Snow 1992, Mandato 1999, from memory); how much is
 * not agreed, so it is told as a band and never as one figure.
 */
export const LOAD = {
  /** Barefoot: forefoot 28 %, toes 4 %, half of the midfoot's 8 % (Cavanagh 1987, from memory). */
  flat: 0.36,
  /** Where the line of gravity falls before the ankle, of the length: the figure that gives `flat` on the flat. */
  gravityAt: 0.117,
  /** How little people lean back to make up for it: not at all is 1 [model]. */
  uncompensated: { low: 0.3, centre: 0.6, high: 1 }
} as const;

/** Share of the weight on ball and toes in a pose; all of it where there is no heel to stand on. */
export function ballLoad(pose: Pose, heelless = false): Banded {
  if (heelless) return { low: 1, centre: 1, high: 1 };
  const { ankle, pad, ball, foot } = pose;
  const upright = (ankle.x + LOAD.gravityAt * foot.lengthMm - pad.x) / (ball.x - pad.x);
  return banded((bound) => Math.min(1, Math.max(0, LOAD.flat + LOAD.uncompensated[bound] * (upright - LOAD.flat))));
}
