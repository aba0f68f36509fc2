import type { FootToeShape } from '../measure';

/**
 * Constants of the foot's plan outline, all dimensionless. Unless a source is named they are estimates of this project:
 * built so that the big toe's inner edge, the little toe's outer edge and its end meet the survey figures
 * 0.39 and 0.541 of the width and 0.825 of the length (Chinese foot survey, from memory).
 */

/** Lateral centres, half-widths (of the bump-free width) and nose length (of the half-width) of toes 1 to 5. */
export const TOE_CENTRE = [0.255, 0.025, -0.15, -0.312, -0.462] as const;
export const TOE_HALF_WIDTH = [0.14, 0.087, 0.083, 0.08, 0.08] as const;
export const TOE_NOSE = [0.95, 1.15, 1.15, 1.15, 1.1] as const;

/** How far each tip ends behind the longest, of the length. */
export const TIP_DROP: Readonly<Record<FootToeShape, readonly number[]>> = {
  egyptian: [0, 0.022, 0.052, 0.097, 0.17],
  greek: [0.018, 0, 0.032, 0.08, 0.155],
  square: [0, 0.004, 0.012, 0.062, 0.14]
};

/** Inner and outer share of the ball width (Chinese foot survey, from memory). */
export const INNER_SHARE = 0.43;
export const OUTER_SHARE = 0.57;

/** End of the heel arc, of the length. */
export const HEEL_ARC = 0.17;
/** Waist knots: position of the length, half-width of the bump-free width; for drawing, the waist is judged by girth. */
export const INNER_WAIST = { at: 0.45, width: 0.33 } as const;
export const OUTER_WAIST = { at: 0.42, width: 0.465 } as const;
/**
 * How far a bunion moves the tips of the big and the second toe towards the little one, of its bump. It is a guess with a large effect, and
 * none is the cautious side: it is used only where the toe tips were read, since then somebody has looked at them.
 */
export const BUNION_MOVES = [0.4, 0.16] as const;
/** Half extent of a bunion's bump along the foot, of the length. */
export const BUMP_EXTENT = 0.055;
/** Stations along the whole foot at which the edge is compared. */
export const STATIONS = 80;
/** Samples of a toe's rounded end, every 15 degrees. */
export const TOE_SAMPLES = 13;
/**
 * In front of here, of the length, lies what may touch a toe box first on a traced foot: ahead of the bumps of both joints, which the width
 * zones judge.
 */
export const HULL_FROM = { inner: 0.8, outer: 0.74 } as const;
