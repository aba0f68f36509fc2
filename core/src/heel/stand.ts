import type { Banded } from './banded';
import { UNDER_MM } from './footbed';
import { DOING, floorMark, openings, pressureMpa, sinkOf, standingForce, stepForce, type DoingId, type FloorMarkId } from './ground';
import { HEEL_SHAPE, heelAt, type HeelShapeId } from './heel-shapes';
import type { HoldId } from './holds';
import { ballLoad } from './load';
import { effectiveDrop, pitchOf, seatWedgeDeg } from './pitch';
import { poseOn, type Pose, type PoseFoot } from './pose';
import { ankleReaches, type Reach, type ReachSchool } from './reach';
import { riseIn, type Rise } from './rise';
import { cleftsShown, SEEN_SCHOOLS, seenHeight } from './seen';
import { heelGapOf, shorteningOf, slideDrive, slideHeld, strapStop, vampHold, type Slide } from './slide';
import type { Ground } from './soils';
import { SOLE_SHARES, stabilityOf, standingTip, standingTread, type Base, type Stability } from './stability';
import type { Tip } from './tip-print';

/** A heel as it is made. What is left out is usual for its shape. */
export interface HeelMade {
  heelHeightMm: number;
  platformMm: number;
  heel: HeelShapeId;
  tip?: Partial<Tip>;
  setbackMm?: number;
  /** Width at half its height, mm. */
  halfWidthMm?: number;
  /** Board and sole under the ball, mm. */
  soleUnderBallMm?: number;
  seatWedgeDeg?: number;
  hold: HoldId;
  /** Where the vamp ends, from the heel, mm. */
  throatMm?: number;
  /** Slack of the ankle strap in girth, mm. */
  strapSlackMm?: number;
  capMm?: number;
  unevenMm?: number;
  bentInMm?: number;
}
/** How it sits on the foot before it slides. */
export interface SitsOn {
  ballGirthMm: number;
  ballGirthClearanceMm: number;
  toeRoomMm: number;
  friction: number;
  /** Share of a slide the closure lets through. */
  letsThrough: number;
}
export interface Worn {
  weightKg: number;
  doing: DoingId;
  /** Ground that falls forward, degrees; below nought it rises. */
  slopeDeg: number;
  reachSchool: ReachSchool;
  ankleReachDeg: number | null;
  ground: Ground | null;
}

/** All that is told of one foot on one heel. */
export interface HeelReport {
  pose: Pose;
  dropMm: number;
  wedgeDeg: number;
  pitchDeg: { low: number; pose: number; high: number };
  ankleDemandDeg: Banded;
  reach: Reach;
  tooSteep: boolean;
  ballLoadShare: Banded;
  slide: Slide | null;
  toeRoomAfterMm: Banded | null;
  heelGapMm: Banded | null;
  rise: Rise;
  stability: Stability;
  pressureMPa: { standing: number; step: number };
  sinkMm: Banded | null;
  floor: { ratio: number; mark: FloorMarkId } | null;
  /** Chance that a step is caught in an opening or rocks on one; none on ground without. */
  opening: { caught: number; rocks: number } | null;
  seenHeightMm: { ratio: number; impression: number };
  cleavageMm: readonly number[] | null;
}

/** A heel's tip, as told or as it is usual for its shape; a wedge stands on its sole. */
export function tipOf({ heel, heelHeightMm, tip = {} }: Pick<HeelMade, 'heel' | 'heelHeightMm' | 'tip'>, footLengthMm: number): Tip {
  const shape = HEEL_SHAPE[heelAt(heel, heelHeightMm)];
  const widthMm = tip.widthMm ?? shape.tipWidthMm ?? SOLE_SHARES.seat * footLengthMm;
  const usualMm = shape.wedge ? SOLE_SHARES.wedgeLong * footLengthMm : shape.heelless ? SOLE_SHARES.heellessLong * footLengthMm : shape.tipMm;
  return {
    widthMm,
    // A tip broader or narrower than usual keeps its shape: it is as much longer or shorter.
    lengthMm: tip.lengthMm ?? usualMm * (shape.tipWidthMm === null ? 1 : widthMm / shape.tipWidthMm),
    section: tip.section ?? shape.section
  };
}
/** What a shoe stands on, for the sums of stability. */
export const baseOf = (made: HeelMade, footLengthMm: number, weightKg: number): Base => {
  const heel = heelAt(made.heel, made.heelHeightMm);
  const { capMm, unevenMm, bentInMm, hold, platformMm } = made;
  const tip = tipOf(made, footLengthMm);
  return {
    heel,
    tip,
    widens: made.halfWidthMm === undefined || made.heelHeightMm <= 0 ? undefined : Math.max(0, (2 * (made.halfWidthMm - tip.widthMm)) / made.heelHeightMm),
    setbackMm: made.setbackMm ?? HEEL_SHAPE[heel].setback * footLengthMm,
    platformMm,
    hold,
    weightKg,
    capMm,
    unevenMm,
    bentInMm
  };
};

/** Effective drop on ground that falls forward, mm: it adds what the ground falls between heel and ball. */
export const dropOnSlope = (pose: Pose, slopeDeg: number): number => pose.dropMm + (pose.ball.x - pose.pad.x) * Math.tan((slopeDeg * Math.PI) / 180);

const bandedOf = ({ lowMm: low, centreMm: centre, highMm: high }: Slide): Banded => ({ low, centre, high });

/** One foot on one heel: pose, reach, load, slide, rise, steadiness, ground, looks. */
export function standOn(foot: PoseFoot, made: HeelMade, worn: Worn, sits: SitsOn | null = null): HeelReport {
  const L = foot.lengthMm;
  const level = effectiveDrop(made.heelHeightMm, made.platformMm);
  const wedgeDeg = made.seatWedgeDeg ?? seatWedgeDeg(level);
  const flat = poseOn(foot, level, 'centre', made.seatWedgeDeg);
  const dropMm = worn.slopeDeg === 0 ? level : dropOnSlope(flat, worn.slopeDeg);
  const on = (bound: 'low' | 'centre' | 'high'): Pose => (worn.slopeDeg === 0 && bound === 'centre' ? flat : poseOn(foot, dropMm, bound, made.seatWedgeDeg));
  const pose = on('centre');
  const bounds = pitchOf(dropMm, L);
  const share = ballLoad(pose, HEEL_SHAPE[made.heel].heelless);
  const base = baseOf(made, L, worn.weightKg);
  const tread = standingTread(base);
  const brake = DOING[worn.doing].brake;
  const slide =
    sits === null
      ? null
      : slideHeld(
          [
            slideDrive(level, sits.friction, sits.letsThrough, { brake, slopeDeg: worn.slopeDeg, wedgeDeg }),
            sits.ballGirthClearanceMm,
            sits.ballGirthMm,
            sits.toeRoomMm
          ],
          made.throatMm === undefined ? 1 : vampHold(made.throatMm, L),
          made.strapSlackMm === undefined ? Infinity : strapStop(made.strapSlackMm)
        );
  const shorter = shorteningOf(level, L);
  const treading = { weightKg: worn.weightKg, doing: worn.doing, ballShare: share };
  const step = stepForce(worn.weightKg, worn.doing);
  return {
    pose,
    dropMm,
    wedgeDeg,
    pitchDeg: { low: bounds.lowDeg, pose: pose.pitchDeg, high: bounds.centralDeg },
    // The more the midfoot takes, the less is left for the ankle.
    ankleDemandDeg: { low: on('high').ankleDemandDeg, centre: pose.ankleDemandDeg, high: on('low').ankleDemandDeg },
    reach: ankleReaches(pose, worn.ankleReachDeg, worn.reachSchool),
    tooSteep: pose.tooSteep,
    ballLoadShare: share,
    slide,
    toeRoomAfterMm:
      slide && sits
        ? {
            low: sits.toeRoomMm + shorter.lowMm - slide.highMm,
            centre: sits.toeRoomMm + shorter.centreMm - slide.centreMm,
            high: sits.toeRoomMm + shorter.highMm - slide.lowMm
          }
        : null,
    heelGapMm: slide && bandedOf(heelGapOf(slide, shorter)),
    rise: riseIn(foot, { dropMm: level, platformMm: made.platformMm, stackMm: made.soleUnderBallMm ?? UNDER_MM }, made.seatWedgeDeg),
    stability: stabilityOf(flat, base),
    pressureMPa: { standing: pressureMpa(standingForce(worn.weightKg, share.centre), tread.areaMm2), step: pressureMpa(step, tread.areaMm2) },
    sinkMm: worn.ground ? sinkOf(worn.ground, tread, treading) : null,
    floor: worn.ground ? floorMark(worn.ground, tread.areaMm2, step) : null,
    opening: worn.ground?.opening ? openings(worn.ground.opening, standingTip(base).widthMm) : null,
    seenHeightMm: { ratio: seenHeight(made.heelHeightMm, L, SEEN_SCHOOLS[0].power), impression: seenHeight(made.heelHeightMm, L, SEEN_SCHOOLS[1].power) },
    cleavageMm: made.throatMm === undefined ? null : cleftsShown(made.throatMm, L, slide?.centreMm ?? 0)
  };
}
