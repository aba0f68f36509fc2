import { cuts } from './cuts';
import { less } from './sum';
import { zone } from './zone';

/** The ball may lie this far either side of the shoe's flex line, mm [estimate]. */
export const FLEX_WITHIN_MM = 5;

/** Where the shoe bends, against where the foot does. */
export const flexPoint = zone({
  id: 'flex-point',
  name: 'flex point',
  part: 'ball',
  place: { along: 0.725, across: 1 },
  decides: false,
  cuts: cuts(-2 * FLEX_WITHIN_MM, -FLEX_WITHIN_MM, FLEX_WITHIN_MM, 2 * FLEX_WITHIN_MM),
  scale: 'place',
  formula: (dims, _, allowances, plan) => plan.ballMm - dims.ballLengthMm - allowances.sockMm - allowances.gripMm,
  helpsAddUp: false,
  felt: false,
  tooLittle: 'arch strain, a crease on the joint',
  tooMuch: 'arch strain, a crease on the joint',
  sum: (x) => ({
    head: { code: 'flex-line', shoeMm: x.inside.flexLineMm, footMm: x.dims.ballLengthMm },
    less: [less('sock', x.sockMm), less('heel-grip', x.aids.heelGripMm)]
  })
});
