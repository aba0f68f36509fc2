import type { ArchLine } from '../../heel';
import type { FootPlan } from '../../shape';

/** The foot's numbers a zone is worked out from, mm, in the state in which the shoe is worn; bare of its sock. */
export interface FootDims extends FootPlan {
  ballGirthMm: number;
  waistGirthMm: number;
  instepGirthMm: number;
  shortHeelGirthMm: number;
  toeHeightMm: number;
  littleToeHeightMm: number;
  ankleGirthMm: number;
  calfGirthMm: number;
  /** A hammer toe stands this much higher, mm; which one, 0 the big toe, or -1 where that is not known: then it may be any. */
  hammerToeMm: number;
  hammerToe: number;
  /** From the back of the heel to the first toe cleft. */
  cleftMm: number;
  /** Heights of the standing foot that were taken, else NaN: its top at half the length, the navicular, the outer ankle bone's lower edge. */
  dorsumMm: number;
  navicularMm: number;
  ankleBoneMm: number;
  /** False where only proportions speak: zones that need them are left out. */
  ankleKnown: boolean;
  calfKnown: boolean;
}

/** What helps change in a shoe beside sock and insert, mm. */
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

/** What of a shoe's plan the zones without an outline need, mm. */
export interface PlainPlan {
  planWidthMm: number;
  heelHalfMm: number;
  ballMm: number;
}
export const BLANK_PLAN: PlainPlan = { planWidthMm: 0, heelHalfMm: 0, ballMm: 0 };

/**
 * What sock, insert, helps, heel and kind take, add or change in a shoe as it is worn. It is the same in every size, so it is worked out
 * once where thousands are compared.
 */
export interface Allowances {
  /** What the sock adds to the outline on a side and to girths, mm. */
  sockMm: number;
  sockGirthMm: number;
  /** What sock and the upper's give add to the foot's outline on a side, mm. */
  offsetMm: number;
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
  /** What lies under the whole foot and lifts it, mm; the share of the toe's spring that stays under the foot's weight. */
  liftMm: number;
  springStays: number;
  /** Where the vamp ends, of the foot's length it is made for; how its shank runs, on which effective drop, mm. */
  vampAt: number | null;
  archLine: ArchLine | null;
  dropMm: number;
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
