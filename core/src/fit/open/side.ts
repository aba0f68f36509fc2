import { effectiveDrop, heelAt, HOLDS, poseOn, sideDrawing, type HeelMade, type Pose, type PoseFoot, type SideDrawing } from '../../heel';
import { TOE_FAMILY } from '../../last';
import type { Foot } from '../../measure';
import type { Shoe } from '../shoe';
import { CLOSURE, KIND } from '../tables';

/** Wall and lining before the toes' end of the insole, mm [estimate]. */
const WALL_MM = 4;
/** Thickness of a shoe's tip over the toes' height: less the longer its point is [estimate, for drawing]. */
const tipThickness = (nominalTipMm: number): number => Math.min(0.75, Math.max(0.32, 0.78 - 0.018 * nominalTipMm));

/** A low shoe's opening as it is drawn ends between these, of the foot's length. */
const OPENS = { least: 0.5, most: 0.86 } as const;

/** What the pose reads of a measured foot. */
export const poseFootOf = ({ values: v }: Foot): PoseFoot => ({
  lengthMm: v.lengthMm.mm,
  ballLengthMm: v.ballLengthMm.mm,
  toeHeightMm: v.toeHeightMm.mm
});

/** What holds the ankle in a shoe: the first rung that is closed so, with a shaft or without. */
const holdOf = ({ kind, closure }: Shoe): HeelMade['hold'] =>
  HOLDS.find((h) => h.closure === closure && h.shaftMm > 0 === KIND[kind].shaftMm > 0)?.id ?? 'none';

/** How a shoe's heel is made: as is known of it, else as is usual for its kind. */
export function heelMadeOf(shoe: Shoe): HeelMade {
  const { heel, heelHeightMm, platformMm, vampAt } = shoe;
  const known = <T extends string | number>(value: T | '' | null | undefined): T | undefined => (value === null || value === '' ? undefined : value);
  return {
    heelHeightMm,
    platformMm,
    heel: known(heel?.heelShape) ?? heelAt(KIND[shoe.kind].usual.heel, heelHeightMm),
    tip: { widthMm: known(heel?.tipWidthMm), lengthMm: known(heel?.tipLengthMm), section: known(heel?.tipSection) },
    setbackMm: known(heel?.tipSetbackMm),
    halfWidthMm: known(heel?.heelHalfWidthMm),
    soleUnderBallMm: known(heel?.soleUnderBallMm),
    seatWedgeDeg: known(heel?.seatWedgeDeg),
    hold: holdOf(shoe),
    throatMm: vampAt === null ? undefined : vampAt * shoe.inside.madeForFootMm
  };
}

/** A foot on this shoe's heel from its inner side, with the shoe as its kind is usually made. */
export function drawSide(foot: Foot, shoe: Shoe): { pose: Pose; drawing: SideDrawing } {
  const kind = KIND[shoe.kind];
  const family = TOE_FAMILY[shoe.inside.family];
  const v = foot.values;
  const drop = Math.max(0, effectiveDrop(shoe.heelHeightMm, shoe.platformMm));
  const { heel, tip, setbackMm, seatWedgeDeg, throatMm } = heelMadeOf(shoe);
  const pose = poseOn(poseFootOf(foot), drop, 'centre', seatWedgeDeg);
  return {
    pose,
    drawing: sideDrawing(pose, {
      heelHeightMm: shoe.heelHeightMm,
      platformMm: shoe.platformMm,
      heel,
      tipLengthMm: tip?.lengthMm,
      setbackMm,
      toeSlantDeg: shoe.heel?.toeSlantDeg ?? undefined,
      archLine: shoe.archLine ?? undefined,
      pastToesMm: Math.max(2, shoe.inside.insoleLengthMm - v.lengthMm.mm + WALL_MM),
      toeThickMm: v.toeHeightMm.mm * tipThickness(family.nominalTipMm),
      opensTo: throatMm === undefined || kind.shaftMm > 0 ? kind.opensTo : Math.min(OPENS.most, Math.max(OPENS.least, throatMm / v.lengthMm.mm)),
      openToe: family.opensInFront,
      ankleStrap: CLOSURE[shoe.closure].ankleStrap && kind.shaftMm === 0,
      shaftMm: kind.shaftMm,
      laced: CLOSURE[shoe.closure].laced
    })
  };
}
