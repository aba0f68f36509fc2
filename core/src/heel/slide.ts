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
  lowHeelMm: 25,
  /** Braking in a step, horizontal over vertical force (peak near 0.2 of body weight, Winter 1991, from memory). */
  walkingBrake: 0.2,
  /** So much more push than friction drives with all there is [model]. */
  fullDrive: 0.3,
  /** A vamp's hold by where it ends, of the length. */
  vamp: { most: 0.25, at: 0.76, over: 0.06 },
  /** A strap gives so much, and grows so much for each mm forward, mm of girth. */
  strapGiveMm: 2,
  strapPerMm: 1.5
} as const;

/** What lies between foot and insock, and its friction [estimate]; a thin layer slides most. */
export const FRICTIONS = [
  { id: 'stocking', name: 'a stocking', mu: 0.3 },
  { id: 'sock', name: 'a sock', mu: 0.4 },
  { id: 'bare', name: 'bare skin', mu: 0.5 },
  { id: 'grip', name: 'suede or a grip', mu: 0.55 }
] as const;
export type FrictionId = (typeof FRICTIONS)[number]['id'];
const MU = Object.fromEntries(FRICTIONS.map((f) => [f.id, f.mu])) as Readonly<Record<FrictionId, number>>;
export const frictionOf = (id: FrictionId): number => MU[id];
/** A sock of less is a stocking, mm. */
const STOCKING_MM = 0.6;
/** Friction of the foot on the insock by what is worn between [estimate]. */
export function insockFriction(sockMm: number): number {
  return MU[sockMm <= 0 ? 'bare' : sockMm < STOCKING_MM ? 'stocking' : 'sock'];
}

export interface Slide {
  lowMm: number;
  centreMm: number;
  highMm: number;
}

/** What else bears on a slide, beside drop, friction and closure. */
export interface SlideOn {
  /** Horizontal over vertical force of what is done: `DOINGS`. Walking when left out. */
  brake?: number;
  /** Ground that falls forward, degrees. */
  slopeDeg?: number;
  /** The seat's own wedge where it is known, degrees. */
  wedgeDeg?: number;
}

/**
 * How hard a heel drives the foot forward, 0 to 1: nothing on a low one on the level.
 * @param friction by `insockFriction`
 * @param letsThrough share of the slide let through, by the closure: `letsSlide`
 */
export function slideDrive(
  dropMm: number,
  friction: number,
  letsThrough: number,
  { brake = SLIDE.walkingBrake, slopeDeg = 0, wedgeDeg = seatWedgeDeg(dropMm) }: SlideOn = {}
): number {
  if (dropMm <= SLIDE.lowHeelMm && slopeDeg <= 0) return 0;
  const pushes = Math.tan(((wedgeDeg + slopeDeg) * Math.PI) / 180);
  return Math.min(1, Math.max(0, (pushes - friction + brake) / SLIDE.fullDrive)) * letsThrough;
}

/** A long vamp holds up to a quarter more, a short one as much less [model]. @param throatMm where it ends, from the heel */
export const vampHold = (throatMm: number, footLengthMm: number): number =>
  1 - SLIDE.vamp.most * Math.min(1, Math.max(-1, (throatMm / footLengthMm - SLIDE.vamp.at) / SLIDE.vamp.over));

/** A strap stops a foot when its slack is used up: the loop grows about 1.5 mm for each mm forward [model]. @param slackMm in girth */
export const strapStop = (slackMm: number): number => (slackMm + SLIDE.strapGiveMm) / SLIDE.strapPerMm;

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

/**
 * The same where vamp and strap are known: a vamp uses up more or less girth for each mm, a strap stops the foot before the toes do.
 * @param vamp by `vampHold` @param stopMm by `strapStop`
 */
export function slideHeld([drive, ballGirthClearanceMm, footBallGirthMm, toeRoomMm]: Parameters<typeof slideOf>, vamp = 1, stopMm = Infinity): Slide {
  return slideOf(drive / vamp, ballGirthClearanceMm, footBallGirthMm, Math.min(toeRoomMm, stopMm - SLIDE.toeGiveMm));
}

/** How much a foot shortens on a drop, mm: low, centre, high. */
export function shorteningOf(dropMm: number, footLengthMm: number): Slide {
  const share = Math.min(1, Math.max(0, (dropMm - SLIDE.lowHeelMm) / 75)) * footLengthMm;
  return { lowMm: share * SLIDE.shorten.low, centreMm: share * SLIDE.shorten.centre, highMm: share * SLIDE.shorten.high };
}

/** What opens behind the heel as the foot runs forward and shortens, mm. */
export const heelGapOf = (slide: Slide, shorter: Slide): Slide => ({
  lowMm: Math.max(0, slide.lowMm - shorter.highMm),
  centreMm: Math.max(0, slide.centreMm - shorter.centreMm),
  highMm: Math.max(0, slide.highMm - shorter.lowMm)
});
