import { SHOE_PLAN } from '../../last';
import { cuts } from './cuts';
import { less } from './sum';
import { zone } from './zone';

/** Width between the counter's walls. */
export const heelWidth = zone({
  id: 'heel-width',
  name: 'heel width',
  part: 'heel',
  place: { along: 0.12, across: -1 },
  cuts: cuts(-2, 0, 4, 7),
  preferenceShare: 0.4,
  formula: (dims, _, allowances, plan) => 2 * plan.heelHalfMm - dims.heelWidthMm - 2 * allowances.sockMm - allowances.narrowsHeelMm,
  tellsTightness: true,
  tooLittle: 'rub at the heel',
  tooMuch: 'lift and blisters',
  sum: (x) => ({
    head: { code: 'counter', shoeMm: x.inside.heelWidthMm + 2 * SHOE_PLAN.counterOut * x.inside.ballWidthMm, footMm: x.dims.heelWidthMm },
    less: [less('sock', 2 * x.sockMm), less('heel-grip', x.gripNarrows * x.aids.heelGripMm)]
  })
});
