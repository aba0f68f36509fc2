import { pchipInto } from '../shape';
import type { Inside } from './inside';
import { SHOE_PLAN } from './shoe-plan';
import { BALL_KNOT, WALL_KNOTS, type TracedWall } from './traced-insole';

/** Where a side of a traced insole is to lie in a size and width, and what it is widened by to be the inside, as a family's is. */
export interface WallPlace {
  inside: Inside;
  /** Plan width, mm: from the ball forward the insole is widened to it. */
  P: number;
  /** Half-width of the inside at the heel, and how far it stands outside the insole at the waist, of the ball width. */
  heelHalf: number;
  waistOut: number;
  ballMm: number;
  taperMm: number;
}

const kx = new Float64Array(WALL_KNOTS);
const kw = new Float64Array(WALL_KNOTS);

/**
 * Lays one side of a traced insole through its knots, from the heel's arc to the taper start.
 * @param into filled with its cubics
 */
export function tracedWallInto({ half, side }: TracedWall, { inside, P, heelHalf, waistOut, ballMm, taperMm }: WallPlace, into: Float64Array): void {
  const { atTaper, tip, table } = side;
  const T = inside.ballWidthMm;
  const heelMm = SHOE_PLAN.heelArc * inside.madeForFootMm;
  const waistMm = SHOE_PLAN.waistAt * inside.madeForFootMm;
  const last = WALL_KNOTS - 1;
  const heelOut = heelHalf - half[0] * T;
  const ballOut = half[BALL_KNOT] * (P - T);
  for (let i = 0; i < BALL_KNOT; i++) {
    const x = heelMm + ((ballMm - heelMm) * i) / BALL_KNOT;
    const t = (x - waistMm) / (x < waistMm ? heelMm - waistMm : ballMm - waistMm);
    const u = t * t * (3 - 2 * t);
    kx[i] = x;
    kw[i] = half[i] * T + waistOut * T * (1 - u) + (x < waistMm ? heelOut : ballOut) * u;
  }
  for (let i = BALL_KNOT; i <= last; i++) {
    kx[i] = ballMm + ((taperMm - ballMm) * (i - BALL_KNOT)) / (last - BALL_KNOT);
    kw[i] = half[i] * P;
  }
  // It runs into the toe's curve as that begins.
  const endSlope = (-table.steepness[0] * (atTaper - tip) * P) / (inside.insoleLengthMm - taperMm);
  pchipInto(kx, kw, WALL_KNOTS, 0, endSlope, into);
}
