import { effectiveDrop, heelAt, poseOn, sideDrawing, type Pose, type PoseFoot, type SideDrawing } from '../../heel';
import { TOE_FAMILY } from '../../last';
import type { Foot } from '../../measure';
import type { Shoe } from '../shoe';
import { CLOSURE, KIND } from '../tables';

/** Wall and lining before the toes' end of the insole, mm [estimate]. */
const WALL_MM = 4;
/** Thickness of a shoe's tip over the toes' height: less the longer its point is [estimate, for drawing]. */
const tipThickness = (nominalTipMm: number): number => Math.min(0.75, Math.max(0.32, 0.78 - 0.018 * nominalTipMm));

/** What the pose reads of a measured foot. */
export const poseFootOf = ({ values: v }: Foot): PoseFoot => ({
  lengthMm: v.lengthMm.mm,
  ballLengthMm: v.ballLengthMm.mm,
  toeHeightMm: v.toeHeightMm.mm
});

/** A foot on this shoe's heel from its inner side, with the shoe as its kind is usually made. */
export function drawSide(foot: Foot, shoe: Shoe): { pose: Pose; drawing: SideDrawing } {
  const kind = KIND[shoe.kind];
  const family = TOE_FAMILY[shoe.inside.family];
  const v = foot.values;
  const drop = Math.max(0, effectiveDrop(shoe.heelHeightMm, shoe.platformMm));
  const pose = poseOn(poseFootOf(foot), drop);
  return {
    pose,
    drawing: sideDrawing(pose, {
      heelHeightMm: shoe.heelHeightMm,
      platformMm: shoe.platformMm,
      heel: heelAt(kind.usual.heel, shoe.heelHeightMm),
      pastToesMm: Math.max(2, shoe.inside.insoleLengthMm - v.lengthMm.mm + WALL_MM),
      toeThickMm: v.toeHeightMm.mm * tipThickness(family.nominalTipMm),
      opensTo: kind.opensTo,
      openToe: family.opensInFront,
      ankleStrap: CLOSURE[shoe.closure].ankleStrap && kind.shaftMm === 0,
      shaftMm: kind.shaftMm,
      laced: CLOSURE[shoe.closure].laced
    })
  };
}
