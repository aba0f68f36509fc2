import { FIRST_CLEFT } from '../../heel';
import type { FootPlan } from '../../shape';
import type { FootDims } from '../zones';
import type { BetweenSchool, BreakIn, Preference, RoomSchool, ShopTargets } from '../tables';
import { footInState, HEIGHT_IDS, type Conditions, type Foot, type HeightId, type MeasureId, type StateStep } from '../../measure';

/** How the shoe is worn, and in what state the foot was read. */
export interface Wear extends Conditions {
  /** One uncompressed layer, mm. */
  sockMm: number;
  /** Insert added to the shoe as sold, mm; negative when an insole is taken out. */
  insertMm: number;
  preference: Preference;
  /** Hours the pair has been worn: girth grows by material. */
  hoursWorn: number;
  age?: number;
  /** `now`: what you feel in the shop you go on feeling; `mould`: leather girth may be allowed within its forecast. */
  breakIn: BreakIn;
  /** How much room in front, where schools differ; between them when left out. */
  roomSchool?: RoomSchool;
  /** Which way sandals and boots go between two sizes, where schools differ; between them when left out. */
  betweenSchool?: BetweenSchool;
  /** Targets the shop has set for itself. */
  shopTargets?: ShopTargets;
}

export const ORDINARY_WEAR: Wear = { sockMm: 0, insertMm: 0, preference: 'regular', hoursWorn: 0, breakIn: 'now' };

/** A foot ready to be fitted: its numbers as worn, their deviations, and the steps from as measured. */
export interface WornFoot {
  foot: Foot;
  dims: FootDims;
  sd: Readonly<Record<MeasureId | HeightId, number>>;
  steps: readonly StateStep[];
}

/** The plan of a foot, for laying it into outlines. */
export function planOf(foot: Foot): FootPlan {
  const v = foot.values;
  return {
    lengthMm: v.lengthMm.mm,
    ballLengthMm: v.ballLengthMm.mm,
    outerBallLengthMm: v.outerBallLengthMm.mm,
    ballWidthMm: v.ballWidthMm.mm,
    heelWidthMm: v.heelWidthMm.mm,
    toeShape: foot.toeShape,
    toeTipsMm: foot.toeTipsMm,
    bunionMm: foot.bunionMm,
    littleToeBunionMm: foot.littleToeBunionMm,
    ...(foot.contour ? { contour: foot.contour } : {})
  };
}

/** The foot in the state in which the shoe is worn. */
export function footAsWorn(foot: Foot, wear: Wear): WornFoot {
  const { foot: worn, steps } = footInState(foot, wear);
  const v = worn.values;
  const sd = Object.fromEntries([
    ...Object.entries(v).map(([id, value]) => [id, value.sdMm]),
    ...HEIGHT_IDS.map((id) => [id, worn.heights[id]?.sdMm ?? 0])
  ]) as Record<MeasureId | HeightId, number>;
  const height = (id: HeightId): number => worn.heights[id]?.mm ?? NaN;
  return {
    foot,
    steps,
    sd,
    dims: {
      ...planOf(worn),
      ballGirthMm: v.ballGirthMm.mm,
      waistGirthMm: v.waistGirthMm.mm,
      instepGirthMm: v.instepGirthMm.mm,
      shortHeelGirthMm: v.shortHeelGirthMm.mm,
      toeHeightMm: v.toeHeightMm.mm,
      littleToeHeightMm: v.littleToeHeightMm.mm,
      ankleGirthMm: v.ankleGirthMm.mm,
      calfGirthMm: v.calfGirthMm.mm,
      hammerToeMm: worn.hammerToeMm,
      hammerToe: worn.hammerToe === null ? -1 : worn.hammerToe - 1,
      cleftMm: FIRST_CLEFT.share * v.lengthMm.mm,
      dorsumMm: height('archStandingMm'),
      navicularMm: height('navicularStandingMm'),
      ankleBoneMm: height('ankleBoneMm'),
      ankleKnown: v.ankleGirthMm.how !== 'derived',
      calfKnown: v.calfGirthMm.how !== 'derived'
    }
  };
}
