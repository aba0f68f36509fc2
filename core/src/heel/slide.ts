import { seatWedgeDeg } from './pitch';

/**
 * How far a foot runs forward on a heel. A bounded estimate: no published number exists, so low, centre
 * and high always go together.
 */
export const SLIDE = {
  /** Forefoot's give, of its girth: how far it is squeezed before it holds. */
  give: { low: 0.01, centre: 0.018, high: 0.025 },
  /** Girth used up for each mm forward. */
  girthPerMm: { low: 1.0, centre: 0.7, high: 0.45 },
  /** Toes stop the foot: never further than the toe room and this give, mm. */
  toeGiveMm: 2,
  /** How much a raised arch shortens the foot, of its length at a 100 mm drop (direction: Kouchi and Tsutsumi 2000, from memory). */
  shorten: { low: 0, centre: 0.0075, high: 0.015 },
  /** Up to this drop a foot does not run forward, mm. */
  lowHeelMm: 25
} as const;

/** Friction of the foot on the insock by what is worn between [estimate]. */
export function insockFriction(sockMm: number): number {
  if (sockMm <= 0) return 0.5;
  return sockMm < 0.6 ? 0.3 : 0.4;
}

/** Share of the slide a closure lets through [estimate]. */
export const CLOSURE_LETS_SLIDE: Readonly<Record<string, number>> = {
  none: 1,
  elastic: 0.8,
  strap: 0.6,
  buckle: 0.6,
  'hook-loop': 0.6,
  zip: 0.5,
  lace: 0.3
};

export interface Slide {
  lowMm: number;
  centreMm: number;
  highMm: number;
}

/**
 * How hard a heel drives the foot forward, 0 to 1: nothing on a low one.
 * @param friction by `insockFriction`
 * @param letsThrough share of the slide let through, by `CLOSURE_LETS_SLIDE`
 */
export function slideDrive(dropMm: number, friction: number, letsThrough: number): number {
  if (dropMm <= SLIDE.lowHeelMm) return 0;
  const wedge = Math.tan((seatWedgeDeg(dropMm) * Math.PI) / 180);
  return Math.min(1, Math.max(0, (wedge - friction + 0.2) / 0.3)) * letsThrough;
}

/**
 * One bound of the forward slide, mm.
 * @param drive by `slideDrive`
 * @param ballGirthClearanceMm girth room at the ball, negative when held
 * @param toeRoomMm before the slide
 */
export function slideAt(bound: keyof typeof SLIDE.give, drive: number, ballGirthClearanceMm: number, footBallGirthMm: number, toeRoomMm: number): number {
  const most = Math.max(0, toeRoomMm + SLIDE.toeGiveMm);
  const room = Math.max(0, ballGirthClearanceMm + SLIDE.give[bound] * footBallGirthMm);
  return Math.min(most, (room / SLIDE.girthPerMm[bound]) * drive);
}

/** Forward slide on a heel: least, central and most, mm; what it hangs on as in `slideAt`. */
export function slideOf(...on: [drive: number, ballGirthClearanceMm: number, footBallGirthMm: number, toeRoomMm: number]): Slide {
  return { lowMm: slideAt('low', ...on), centreMm: slideAt('centre', ...on), highMm: slideAt('high', ...on) };
}

/** How much a foot shortens on a drop, mm: low, centre, high. */
export function shorteningOf(dropMm: number, footLengthMm: number): Slide {
  const share = Math.min(1, Math.max(0, (dropMm - SLIDE.lowHeelMm) / 75)) * footLengthMm;
  return { lowMm: share * SLIDE.shorten.low, centreMm: share * SLIDE.shorten.centre, highMm: share * SLIDE.shorten.high };
}
