import { BALL_AT } from '../measure';

/**
 * Heel height against this foot: effective drop, and pitch between two bounds.
 * All estimates of this project unless a source is named.
 */
export const HEEL = {
  /** Heel to ball, and seat centre to ball, of the foot length (Chinese foot survey stations, from memory). */
  ballAt: BALL_AT,
  seatAt: 0.18,
  /** Wedge of the seat, degrees a mm of drop, at most `wedgeMost` (published preferences 5, 10, 17 degrees at 25, 50, 75 mm, from memory). */
  wedgePerMm: 0.22,
  wedgeMost: 20,
  /** Share of the sine's range past which a foot cannot stand. */
  steepest: 0.95,
  /** Everyday heels at or below this are the published advice (Ebbeling 1994, from memory). */
  everydayMm: 50
} as const;

const DEG = 180 / Math.PI;

/** Effective drop D = heel height less the platform under the ball, mm. */
export const effectiveDrop = (heelHeightMm: number, platformMm: number): number => heelHeightMm - platformMm;

/** Wedge of the heel seat, degrees. */
export const seatWedgeDeg = (dropMm: number): number => Math.min(HEEL.wedgeMost, Math.max(0, HEEL.wedgePerMm * dropMm));

export interface Pitch {
  dropMm: number;
  /** Lever from the back of the heel: the least the foot is pitched. */
  lowDeg: number;
  /** Lever from the seat, the seat itself wedged: the figure to go by. */
  centralDeg: number;
  wedgeDeg: number;
  /** True when the heel is steeper than this foot can stand. */
  tooSteep: boolean;
}

/**
 * Pitch of a foot on a drop.
 * @param dropMm effective drop, mm
 * @param footLengthMm foot length, mm
 * @example pitchOf(50, 240).lowDeg // 16.7
 */
export function pitchOf(dropMm: number, footLengthMm: number): Pitch {
  const wedgeDeg = seatWedgeDeg(dropMm);
  const low = dropMm / (HEEL.ballAt * footLengthMm);
  const central = (dropMm - HEEL.seatAt * footLengthMm * Math.sin(wedgeDeg / DEG)) / ((HEEL.ballAt - HEEL.seatAt) * footLengthMm);
  const tooSteep = Math.max(low, central) > HEEL.steepest;
  const clamp = (sine: number): number => Math.asin(Math.min(HEEL.steepest, Math.max(0, sine))) * DEG;
  return { dropMm, lowDeg: clamp(low), centralDeg: Math.max(clamp(low), clamp(central)), wedgeDeg, tooSteep };
}
