import { OUTER_BALL_AT } from '../measure';
import type { WidthBasis } from './inside';

/**
 * Constants of a shoe's plan outline, dimensionless, estimates of this project unless a source is named.
 */
export const SHOE_PLAN = {
  heelArc: 0.175,
  waistAt: 0.43,
  outerBall: OUTER_BALL_AT,
  /** Seat half-width on the insole, of the insole's ball width (Golding 1930s and Chinese texts 0.677 full, from memory). */
  seatHalf: 0.3385,
  /** How far the counter stands outside the insole at the heel, of the ball width. */
  counterOut: 0.02,
  innerWaist: 0.35,
  outerWaist: 0.49,
  innerWaistInsole: 0.25,
  outerWaistInsole: 0.455,
  innerAtTaper: 0.96,
  outerAtTaper: 0.97,
  /** Plan breadth over ball girth (Chinese foot survey, from memory). */
  breadthOverGirth: 0.403,
  /** Inside plan width of a consistent pair over its insole width, by what the width was measured on. */
  overInsole: { footbed: 1.052, 'feather-edge': 1.1, inside: 1 } as Readonly<Record<WidthBasis, number>>,
  /** Whether what was measured is the inside itself: then nothing is added to it. */
  isInside: { footbed: false, 'feather-edge': false, inside: true } as Readonly<Record<WidthBasis, boolean>>,
  /** Plan width stays within this of the insole's. */
  widest: 1.11,
  /** Walls at less than this slope to the axis belong to the width zones: the cone of the toe room. */
  cone: 0.2
} as const;
