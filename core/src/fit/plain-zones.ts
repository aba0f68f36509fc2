import { heelSpreadShare, sockGirthMm, sockOutlineMm } from '../measure';
import { CLOSURE_LETS_SLIDE, effectiveDrop, insockFriction, shorteningOf, SLIDE, slideAt } from '../heel';
import type { Inside } from '../last';
import { KIND } from './kinds';
import type { Shoe } from './shoe';
import type { FootDims, Wear } from './wear';
import { ZONE_AT, ZONE_IDS } from './zones';

/** Girth taken by an insert of thickness t is 5/3 t: published sections and practice give 1.1 to 2 t [estimate]. */
export const INSERT_GIRTH = 5 / 3;

/** Small helps put into a shoe, mm; what a remedy changes beside sock and insert. */
export interface Aids {
  /** Behind the heel: moves the foot forward. */
  heelGripMm: number;
  /** In front of the toes. */
  toeFillerMm: number;
  /** Under the ball only: girth, and hold against sliding. */
  ballPadMm: number;
  /** Under ball and toes: girth at the ball, depth over the toes, and hold against sliding. */
  halfInsoleMm: number;
  /** Under the tongue: instep girth. */
  tonguePadMm: number;
  /** Spot stretch at the ball and toe box, one side. */
  stretchMm: number;
  /** Laces let out (+) or drawn in (-) at the instep. */
  lacingMm: number;
}
export const NO_AIDS: Aids = { heelGripMm: 0, toeFillerMm: 0, ballPadMm: 0, halfInsoleMm: 0, tonguePadMm: 0, stretchMm: 0, lacingMm: 0 };

/** A heel's lift by its gap and by the instep's, mm a mm [estimate]. */
const SLIP = { perHeelGap: 0.5, perInstepGap: 0.2, heelGapFreeMm: 2, softensHours: 40 } as const;
/** Girth a tongue pad takes at the instep, a mm of its thickness [estimate]. */
export const TONGUE_PAD_GIRTH = 2;
/** Share of a heel grip that narrows the heel, and of its lift it holds [estimate]. */
export const GRIP = { narrowsHeel: 0.7, holdsSlip: 0.8 } as const;
/** What lies under the ball holds the foot back: share of the slide it lets through [estimate]. */
const PADDED_BALL_LETS = 0.7;

const BALL = ZONE_AT['ball-girth'];
const INSTEP = ZONE_AT.instep;
const HEEL = ZONE_AT['heel-width'];
const TOE_ROOM = ZONE_AT['toe-room'];
const SLIP_AT = ZONE_AT['heel-slip'];

/** What of a shoe's plan the plain zones need, mm. */
export interface PlainPlan {
  planWidthMm: number;
  heelHalfMm: number;
  ballMm: number;
}

export const BLANK_PLAN: PlainPlan = { planWidthMm: 0, heelHalfMm: 0, ballMm: 0 };

/** Room between insole and foot as a thumb feels it, mm. */
export const insideRoom = (dims: FootDims, inside: Inside, wear: Wear, aids: Aids): number =>
  inside.insoleLengthMm - dims.lengthMm - 2 * sockOutlineMm(wear.sockMm) - aids.heelGripMm - aids.toeFillerMm;

/** Height over the big toe and over the little toe, bare foot and no insert, mm. */
export const bigToeDepth = (dims: FootDims, inside: Inside): number => inside.toeDepthMm - dims.toeHeightMm;
export const littleToeDepth = (dims: FootDims, inside: Inside): number => inside.littleToeDepthMm - dims.littleToeHeightMm;

/** What hammer toe, sock, insert and half insole take of the depth over every toe, mm: which toe stands up is not kept. */
export const depthTakenMm = (dims: FootDims, wear: Wear, aids: Aids): number =>
  dims.hammerToeMm + 2 * sockOutlineMm(wear.sockMm) + wear.insertMm + aids.halfInsoleMm;

/**
 * Clearances that need no outline: widths, girths, depth, flex line. Zones that do not apply are NaN; those of the toes' outline and what
 * hangs on them stay as they were.
 * @param offsetMm what sock and the upper's give add to the foot on every side
 * @param zone filled, mm
 */
export function plainZones(dims: FootDims, shoe: Shoe, inside: Inside, plan: PlainPlan, offsetMm: number, wear: Wear, aids: Aids, zone: Float64Array): void {
  const kind = KIND[shoe.kind];
  const sock = sockOutlineMm(wear.sockMm);
  const sockGirth = sockGirthMm(wear.sockMm);
  const insertGirth = INSERT_GIRTH * wear.insertMm;
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  zone[ZONE_AT['toe-box-depth']] = Math.min(bigToeDepth(dims, inside), littleToeDepth(dims, inside)) - depthTakenMm(dims, wear, aids);
  zone[ZONE_AT['ball-width']] = plan.planWidthMm - dims.ballWidthMm - 2 * offsetMm + aids.stretchMm;
  zone[BALL] = inside.ballGirthMm - insertGirth - INSERT_GIRTH * underBallMm(aids) - dims.ballGirthMm * (1 + heelSpreadShare(drop)) - sockGirth;
  zone[ZONE_AT['flex-point']] = plan.ballMm - dims.ballLengthMm - sock - aids.heelGripMm;
  zone[ZONE_AT.waist] = inside.waistGirthMm - insertGirth - dims.waistGirthMm - sockGirth;
  zone[INSTEP] = inside.instepGirthMm - insertGirth - TONGUE_PAD_GIRTH * aids.tonguePadMm + aids.lacingMm - dims.instepGirthMm - sockGirth;
  zone[ZONE_AT.throat] = kind.pullOn && inside.throatGirthMm !== null ? inside.throatGirthMm - insertGirth - dims.shortHeelGirthMm - sockGirth : NaN;
  zone[ZONE_AT.topline] = dims.ankleKnown && inside.toplineGirthMm !== null ? inside.toplineGirthMm - dims.ankleGirthMm - sockGirth : NaN;
  zone[HEEL] = 2 * plan.heelHalfMm - dims.heelWidthMm - 2 * sock - GRIP.narrowsHeel * aids.heelGripMm;
  zone[ZONE_AT.shaft] = dims.calfKnown && inside.shaftGirthMm !== null ? inside.shaftGirthMm - dims.calfGirthMm - sockGirth : NaN;
}

/** What of the helps lies under the ball, mm. */
export const underBallMm = (aids: Aids): number => aids.ballPadMm + aids.halfInsoleMm;

/** Share of a slide that closure and pad let through. */
export const letsThrough = (shoe: Shoe, aids: Aids): number => CLOSURE_LETS_SLIDE[shoe.closure] * (underBallMm(aids) > 0 ? PADDED_BALL_LETS : 1);

/** How far a foot stands forward of its flat place on this heel, mm: the slide less what the raised arch shortens. */
export function forwardMm(dims: FootDims, shoe: Shoe, wear: Wear, aids: Aids, ballGirthMm: number, flatRoomMm: number): number {
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  // On a low heel a foot neither runs forward nor shortens.
  if (drop <= SLIDE.lowHeelMm) return 0;
  const slide = slideAt('centre', drop, ballGirthMm, dims.ballGirthMm, insockFriction(wear.sockMm), letsThrough(shoe, aids), flatRoomMm);
  return slide - shorteningOf(drop, dims.lengthMm).centreMm;
}

/**
 * Toe room after the slide and the heel's lift, from the toe room of the flat foot and the plain zones.
 * @param flatRoomMm on the kind's own basis
 * @param zone with its plain zones filled
 */
export function frontZones(dims: FootDims, shoe: Shoe, wear: Wear, aids: Aids, flatRoomMm: number, zone: Float64Array): void {
  const kind = KIND[shoe.kind];
  const forward = forwardMm(dims, shoe, wear, aids, zone[BALL], flatRoomMm);
  const stiff = kind.slipWhenNewMm * (shoe.soleStiffness / kind.usual.soleStiffness) * Math.exp(-wear.hoursWorn / SLIP.softensHours);
  zone[SLIP_AT] =
    (stiff +
      SLIP.perHeelGap * Math.max(0, zone[HEEL] - SLIP.heelGapFreeMm) +
      SLIP.perInstepGap * Math.max(0, zone[INSTEP] - kind.instep.c) +
      Math.max(0, forward)) *
    (aids.heelGripMm > 0 ? 1 - GRIP.holdsSlip : 1);
  zone[TOE_ROOM] = effectiveDrop(shoe.heelHeightMm, shoe.platformMm) > 0 ? flatRoomMm - forward : flatRoomMm;
}

/** An empty set of clearances. */
export const blankZones = (): Float64Array => BLANK.slice();
const BLANK = new Float64Array(ZONE_IDS.length).fill(NaN);
