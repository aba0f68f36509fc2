import { HOLD } from './holds';
import { BONES, type PoseFoot } from './pose';
import { HEEL_SHAPE, heelAt } from './heel-shapes';
import type { SideLook } from './side-shoe';
import { tipOf, type HeelMade } from './stand';

/** An almond pump: how far past the toes, how thick there, where it opens, of the length or of the toes' height [model]. */
const PUMP = { past: 0.05, thick: 0.55, opensTo: 0.765, covers: 0.62 } as const;

/** How a shoe of which little but the heel is known is drawn: an almond pump with what holds the ankle. */
export function pumpLook(made: HeelMade, foot: PoseFoot): SideLook {
  const L = foot.lengthMm;
  const { strap, laced, shaftMm } = HOLD[made.hold];
  const heel = heelAt(made.heel, made.heelHeightMm - made.platformMm);
  return {
    heelHeightMm: made.heelHeightMm,
    platformMm: made.platformMm,
    heel,
    tipLengthMm: HEEL_SHAPE[heel].tipWidthMm === null ? undefined : tipOf(made, L).lengthMm,
    setbackMm: made.setbackMm,
    pastToesMm: PUMP.past * L,
    toeThickMm: PUMP.thick * (foot.toeHeightMm ?? BONES.toes * L),
    opensTo: laced ? PUMP.covers : made.throatMm === undefined ? PUMP.opensTo : Math.min(0.85, Math.max(0.71, made.throatMm / L)),
    ankleStrap: strap,
    laced,
    shaftMm
  };
}
