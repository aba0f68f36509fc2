import { heelSpreadShare, sockGirthMm, sockOutlineMm } from '../measure';
import { CLOSURE_LETS_SLIDE, effectiveDrop, insockFriction, shorteningOf, SLIDE, slideAt, slideDrive } from '../heel';
import type { Inside } from '../last';
import type { FootShape } from '../shape';
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

const DEPTH = ZONE_AT['toe-box-depth'];
const WIDTH = ZONE_AT['ball-width'];
const BALL = ZONE_AT['ball-girth'];
const FLEX = ZONE_AT['flex-point'];
const WAIST = ZONE_AT.waist;
const INSTEP = ZONE_AT.instep;
const THROAT = ZONE_AT.throat;
const TOPLINE = ZONE_AT.topline;
const HEEL = ZONE_AT['heel-width'];
const SHAFT = ZONE_AT.shaft;
const TOE_ROOM = ZONE_AT['toe-room'];
const SLIP_AT = ZONE_AT['heel-slip'];

/** What of a shoe's plan the plain zones need, mm. */
export interface PlainPlan {
  planWidthMm: number;
  heelHalfMm: number;
  ballMm: number;
}

export const BLANK_PLAN: PlainPlan = { planWidthMm: 0, heelHalfMm: 0, ballMm: 0 };

/** What of a shoe as worn, with what is put into it, is the same in every size: worked out once where thousands are compared. */
export interface Terms {
  pullOn: boolean;
  /** What the sock adds to the outline on a side and to girths, mm. */
  sockMm: number;
  sockGirthMm: number;
  /** What lies before the toes, mm. */
  fillerMm: number;
  /** What stands behind the heel, and by how much it narrows it, mm. */
  gripMm: number;
  narrowsHeelMm: number;
  /** What is taken of the depth over the toes, hammer toe left out, and of every girth, of the ball's, of the instep's, mm. */
  depthTakenMm: number;
  girthTakenMm: number;
  ballTakenMm: number;
  instepTakenMm: number;
  stretchMm: number;
  /** Girth of the ball under load on this heel, a mm flat. */
  spreads: number;
  /** By `slideDrive`; and how much a raised arch shortens the foot, a mm of its length. */
  drive: number;
  shortens: number;
  raised: boolean;
  /** Lift of the heel from the stiffness of the sole, mm, and the share of every lift that a grip leaves. */
  stiffLiftMm: number;
  liftShare: number;
  /** Where an instep with room begins to let the heel go, mm. */
  instepRightMm: number;
}

/** Works out the terms of a shoe of a kind, heel and closure as it is worn. @param aids what is put into it */
export function termsOf(shoe: Pick<Shoe, 'kind' | 'closure' | 'soleStiffness' | 'heelHeightMm' | 'platformMm'>, wear: Wear, aids: Aids): Terms {
  const kind = KIND[shoe.kind];
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  const insertGirth = INSERT_GIRTH * wear.insertMm;
  return {
    pullOn: kind.pullOn,
    sockMm: sockOutlineMm(wear.sockMm),
    sockGirthMm: sockGirthMm(wear.sockMm),
    fillerMm: aids.toeFillerMm,
    gripMm: aids.heelGripMm,
    narrowsHeelMm: GRIP.narrowsHeel * aids.heelGripMm,
    depthTakenMm: layersMm(wear, aids),
    girthTakenMm: insertGirth,
    ballTakenMm: insertGirth + INSERT_GIRTH * underBallMm(aids),
    instepTakenMm: insertGirth + TONGUE_PAD_GIRTH * aids.tonguePadMm - aids.lacingMm,
    stretchMm: aids.stretchMm,
    spreads: 1 + heelSpreadShare(drop),
    drive: slideDrive(drop, insockFriction(wear.sockMm), letsThrough(shoe, aids)),
    shortens: shorteningOf(drop, 1).centreMm,
    raised: drop > SLIDE.lowHeelMm,
    stiffLiftMm: kind.slipWhenNewMm * (shoe.soleStiffness / kind.usual.soleStiffness) * Math.exp(-wear.hoursWorn / SLIP.softensHours),
    liftShare: aids.heelGripMm > 0 ? 1 - GRIP.holdsSlip : 1,
    instepRightMm: kind.instep.c
  };
}

/** Room between insole and foot as a thumb feels it, mm. */
export const insideRoom = (dims: FootDims, inside: Inside, { sockMm, gripMm, fillerMm }: Terms): number =>
  inside.insoleLengthMm - dims.lengthMm - 2 * sockMm - gripMm - fillerMm;

/** Height over the big toe and over the little toe, bare foot and no insert, mm. */
export const bigToeDepth = (dims: FootDims, inside: Inside): number => inside.toeDepthMm - dims.toeHeightMm;
export const littleToeDepth = (dims: FootDims, inside: Inside): number => inside.littleToeDepthMm - dims.littleToeHeightMm;

/** What sock, insert and half insole take of the depth over every toe, mm. */
const layersMm = (wear: Wear, aids: Aids): number => 2 * sockOutlineMm(wear.sockMm) + wear.insertMm + aids.halfInsoleMm;
/** What is taken of the depth over every toe, hammer toe among it, mm: which toe stands up is not kept. */
export const depthTakenMm = (dims: FootDims, wear: Wear, aids: Aids): number => dims.hammerToeMm + layersMm(wear, aids);

/**
 * Clearances that need no outline: widths, girths, depth, flex line. Zones that do not apply are NaN; those of the toes' outline and what
 * hangs on them stay as they were.
 * @param terms of the shoe as worn
 * @param shape of the foot: what sock and upper's give add to it on every side
 * @param zone filled, mm
 */
export function plainZones(dims: FootDims, terms: Terms, inside: Inside, plan: PlainPlan, { offsetMm }: Pick<FootShape, 'offsetMm'>, zone: Float64Array): void {
  const { sockMm, sockGirthMm: sockGirth, girthTakenMm } = terms;
  zone[DEPTH] = Math.min(bigToeDepth(dims, inside), littleToeDepth(dims, inside)) - terms.depthTakenMm - dims.hammerToeMm;
  zone[WIDTH] = plan.planWidthMm - dims.ballWidthMm - 2 * offsetMm + terms.stretchMm;
  zone[BALL] = inside.ballGirthMm - terms.ballTakenMm - dims.ballGirthMm * terms.spreads - sockGirth;
  zone[FLEX] = plan.ballMm - dims.ballLengthMm - sockMm - terms.gripMm;
  zone[WAIST] = inside.waistGirthMm - girthTakenMm - dims.waistGirthMm - sockGirth;
  zone[INSTEP] = inside.instepGirthMm - terms.instepTakenMm - dims.instepGirthMm - sockGirth;
  zone[THROAT] = terms.pullOn && inside.throatGirthMm !== null ? inside.throatGirthMm - girthTakenMm - dims.shortHeelGirthMm - sockGirth : NaN;
  zone[TOPLINE] = dims.ankleKnown && inside.toplineGirthMm !== null ? inside.toplineGirthMm - dims.ankleGirthMm - sockGirth : NaN;
  zone[HEEL] = 2 * plan.heelHalfMm - dims.heelWidthMm - 2 * sockMm - terms.narrowsHeelMm;
  zone[SHAFT] = dims.calfKnown && inside.shaftGirthMm !== null ? inside.shaftGirthMm - dims.calfGirthMm - sockGirth : NaN;
}

/** What of the helps lies under the ball, mm. */
export const underBallMm = (aids: Aids): number => aids.ballPadMm + aids.halfInsoleMm;

/** Share of a slide that closure and pad let through. */
export const letsThrough = (shoe: Pick<Shoe, 'closure'>, aids: Aids): number =>
  CLOSURE_LETS_SLIDE[shoe.closure] * (underBallMm(aids) > 0 ? PADDED_BALL_LETS : 1);

/** How far a foot stands forward of its flat place on this heel, mm: the slide less what the raised arch shortens; on a low heel neither is. */
export const forwardMm = (dims: FootDims, { raised, drive, shortens }: Terms, ballGirthMm: number, flatRoomMm: number): number =>
  raised ? slideAt('centre', drive, ballGirthMm, dims.ballGirthMm, flatRoomMm) - shortens * dims.lengthMm : 0;

/**
 * Toe room after the slide and the heel's lift, from the toe room of the flat foot and the plain zones.
 * @param zone with its plain zones filled, and as toe room that of the flat foot on the kind's own basis
 */
export function frontZones(dims: FootDims, terms: Terms, zone: Float64Array): void {
  const flatRoomMm = zone[TOE_ROOM];
  const forward = forwardMm(dims, terms, zone[BALL], flatRoomMm);
  zone[SLIP_AT] =
    (terms.stiffLiftMm +
      SLIP.perHeelGap * Math.max(0, zone[HEEL] - SLIP.heelGapFreeMm) +
      SLIP.perInstepGap * Math.max(0, zone[INSTEP] - terms.instepRightMm) +
      Math.max(0, forward)) *
    terms.liftShare;
  zone[TOE_ROOM] = flatRoomMm - forward;
}

/** An empty set of clearances. */
export const blankZones = (): Float64Array => BLANK.slice();
const BLANK = new Float64Array(ZONE_IDS.length).fill(NaN);
