import { HEEL_TOLD_MM, heelMadeOf, poseFootOf, type Shoe } from '@chiave/core/fit';
import { effectiveDrop, GROUND, standOn, type GroundId, type HeelMade, type HeelReport } from '@chiave/core/heel';
import type { Foot } from '@chiave/core/measure';
import { groundWord, type GroundWord } from './drawing/ground-words';

/** What a wearer of unknown weight is taken for, kg. */
export const USUAL_KG = 60;

/** One heel on the ground it is wanted for. */
export interface OnGround extends GroundWord {
  /** How far it may tip before it goes over, degrees: for comparing shoes. */
  steadyDeg: number;
  sinkMm: HeelReport['sinkMm'];
  /** How much the ground takes of it: depth sunk in mm, pressure over what marks the floor, or chance of being caught. Compare within one ground only. */
  harm: number;
}

/**
 * How a shoe's heel stands on a ground in a step of walking; null where it has no heel to speak of.
 * @param other what of the heel is otherwise: a cap, another tip
 */
export function heelOnGround(foot: Foot, shoe: Shoe, ground: GroundId, weightKg: number | null, other: Partial<HeelMade> = {}): OnGround | null {
  if (effectiveDrop(shoe.heelHeightMm, shoe.platformMm) <= HEEL_TOLD_MM) return null;
  const worn = { weightKg: weightKg ?? USUAL_KG, doing: 'walking', slopeDeg: 0, reachSchool: 'middle', ankleReachDeg: foot.ankleReachDeg, ground: GROUND[ground] } as const; // prettier-ignore
  const report = standOn(poseFootOf(foot), { ...heelMadeOf(shoe), ...other }, worn);
  return { ...groundWord(report), steadyDeg: report.stability.indexDeg, sinkMm: report.sinkMm, harm: harmOf(report) };
}

const harmOf = ({ sinkMm, floor, opening }: HeelReport): number => sinkMm?.centre ?? floor?.ratio ?? (opening ? opening.caught + opening.rocks : 0);

/** Order of heels on one ground: what it bears well first, then what it suffers least from, then the steadier; without a heel goes before all. */
export function byGround(p: OnGround | null, q: OnGround | null): number {
  if (!p || !q) return Number(p !== null) - Number(q !== null);
  return Number(q.well) - Number(p.well) || p.harm - q.harm || q.steadyDeg - p.steadyDeg;
}
