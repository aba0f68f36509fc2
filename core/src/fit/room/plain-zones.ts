import { heelSpreadShare, sockGirthMm, sockOutlineMm } from '../../measure';
import { effectiveDrop, insockFriction, shorteningOf, SLIDE, slideAt, slideDrive, vampHold } from '../../heel';
import type { Inside } from '../../last';
import { CLOSURE, KIND, UPPER } from '../tables';
import type { Shoe, ShoeMake, Wear } from '../shoe';
import { MOST_ZONES, ZONE_AT, zoneSetFor, type Aids, type Allowances, type FootDims, type PlainPlan, type ZoneSet } from '../zones';

/** Girth taken by an insert of thickness t is 5/3 t: published sections and practice give 1.1 to 2 t [estimate]. */
export const INSERT_GIRTH = 5 / 3;

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

/** A shoe as it is worn: what is taken and changed in it, and the zones it has. */
export interface ShoeAsWorn extends Allowances {
  zones: ZoneSet;
  /** True where toe room is told to the first toe that meets the silhouette, false where it is insole less foot. */
  usable: boolean;
  /** How far the girth decides the plan width, 0 to 1. */
  girthShare: number;
}
/** Works out what is taken and changed in a shoe of a kind, heel and closure as it is worn. @param aids what helps change in it */
export function shoeAsWorn(shoe: ShoeMake, wear: Wear, aids: Aids): ShoeAsWorn {
  const kind = KIND[shoe.kind];
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  const insertGirth = INSERT_GIRTH * wear.insertMm;
  return {
    zones: zoneSetFor(kind),
    usable: kind.basis === 'usable',
    dropMm: drop,
    girthShare: UPPER[shoe.upper].girthShare,
    sockMm: sockOutlineMm(wear.sockMm),
    offsetMm: sockOutlineMm(wear.sockMm) - UPPER[shoe.upper].giveMm,
    sockGirthMm: sockGirthMm(wear.sockMm),
    fillerMm: aids.toeFillerMm,
    gripMm: aids.heelGripMm,
    narrowsHeelMm: GRIP.narrowsHeel * aids.heelGripMm,
    depthTakenMm: layersMm(wear, aids),
    girthTakenMm: insertGirth,
    ballTakenMm: insertGirth + INSERT_GIRTH * underBallMm(aids),
    instepTakenMm: insertGirth + TONGUE_PAD_GIRTH * aids.tonguePadMm - aids.lacingMm,
    stretchMm: aids.stretchMm,
    liftMm: wear.insertMm,
    springStays: springStays(shoe.soleStiffness),
    vampAt: shoe.vampAt,
    archLine: shoe.archLine,
    spreads: 1 + heelSpreadShare(drop),
    drive: driveOf(shoe, drop, insockFriction(wear.sockMm), letsThrough(shoe, aids)),
    shortens: shorteningOf(drop, 1).centreMm,
    raised: drop > SLIDE.lowHeelMm,
    stiffLiftMm: kind.slipWhenNewMm * (shoe.soleStiffness / kind.usual.soleStiffness) * Math.exp(-wear.hoursWorn / SLIP.softensHours),
    liftShare: aids.heelGripMm > 0 ? 1 - GRIP.holdsSlip : 1,
    instepRightMm: kind.cuts.instep.c
  };
}

/** Share of the toe's spring that stays under the foot's weight: a soft sole lies flat [model]. @param stiffness 1 soft to 5 stiff */
export const springStays = (stiffness: number): number => Math.min(1, Math.max(0, (stiffness - 1) / 4));

/** What drives a foot forward in this shoe: by its own seat where that is known, less by a vamp that comes far up. */
const driveOf = ({ heel, vampAt }: ShoeMake, dropMm: number, friction: number, lets: number): number =>
  slideDrive(dropMm, friction, lets, { wedgeDeg: heel?.seatWedgeDeg ?? undefined }) / (vampAt === null ? 1 : vampHold(vampAt, 1));

/** Room between insole and foot as a thumb feels it, mm. */
export const insideRoom = (dims: FootDims, inside: Inside, { sockMm, gripMm, fillerMm }: Allowances): number =>
  inside.insoleLengthMm - dims.lengthMm - 2 * sockMm - gripMm - fillerMm;

/** What sock, insert and half insole take of the depth over every toe, mm. */
export const layersMm = (wear: Wear, aids: Aids): number => 2 * sockOutlineMm(wear.sockMm) + wear.insertMm + aids.halfInsoleMm;

/**
 * Clearances that need no outline, by the zones' own formulas; NaN where they do not apply. The others stay as they were.
 * @param zone filled, mm
 * @param which all such zones, or those that decide
 */
export function plainZones(dims: FootDims, worn: ShoeAsWorn, inside: Inside, plan: PlainPlan, zone: Float64Array, which = worn.zones.plain): void {
  for (let i = 0; i < which.length; i++) zone[which[i].at] = which[i].formula(dims, inside, worn, plan);
}

/** What of the helps lies under the ball, mm. */
export const underBallMm = (aids: Aids): number => aids.ballPadMm + aids.halfInsoleMm;

/** Share of a slide that closure and pad let through. */
export const letsThrough = (shoe: Pick<Shoe, 'closure'>, aids: Aids): number =>
  CLOSURE[shoe.closure].letsSlide * (underBallMm(aids) > 0 ? PADDED_BALL_LETS : 1);

/** How far a foot stands forward of its flat place on this heel, mm: the slide less what the raised arch shortens; on a low heel neither is. */
export const forwardMm = (dims: FootDims, { raised, drive, shortens }: Allowances, ballGirthMm: number, flatRoomMm: number): number =>
  raised ? slideAt('centre', drive, ballGirthMm, dims.ballGirthMm, flatRoomMm) - shortens * dims.lengthMm : 0;

/**
 * Toe room after the slide and the heel's lift, from the toe room of the flat foot and the plain zones.
 * @param zone with its plain zones filled, and as toe room that of the flat foot on the kind's own basis
 * @returns how far the foot stands forward of its flat place, mm
 */
export function frontZones(dims: FootDims, worn: Allowances, zone: Float64Array): number {
  const flatRoomMm = zone[TOE_ROOM];
  const forward = forwardMm(dims, worn, zone[BALL], flatRoomMm);
  zone[SLIP_AT] =
    (worn.stiffLiftMm +
      SLIP.perHeelGap * Math.max(0, zone[HEEL] - SLIP.heelGapFreeMm) +
      SLIP.perInstepGap * Math.max(0, zone[INSTEP] - worn.instepRightMm) +
      Math.max(0, forward)) *
    worn.liftShare;
  zone[TOE_ROOM] = flatRoomMm - forward;
  return forward;
}

/** Clearances of nothing yet, as many as the longest set has: to be filled again and again. */
export const blankZones = (count: number = MOST_ZONES): Float64Array => new Float64Array(count).fill(NaN);
