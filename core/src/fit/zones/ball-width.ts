import { cuts } from './cuts';
import { less } from './sum';
import { zone } from './zone';

/** Width at the ball, between what insole and girth together give and the foot in its sock. It bends where girth no longer widens the plan. */
export const ballWidth = zone({
  id: 'ball-width',
  name: 'ball width',
  part: 'ball',
  place: { along: 0.65, across: -1 },
  cuts: cuts(-6, -3, 4, 9),
  preferenceShare: 0.4,
  formula: (dims, _, allowances, plan) => plan.planWidthMm - dims.ballWidthMm - 2 * allowances.offsetMm + allowances.stretchMm,
  straight: false,
  wears: true,
  tellsTightness: true,
  tooLittle: 'burning, a pressed bunion',
  tooMuch: 'shear and blisters',
  sum: (x) => {
    const footMm = x.read('ballWidthMm');
    return {
      head: { code: 'ball-width', shoeMm: x.planWidthMm, insoleMm: x.inside.ballWidthMm, girthMm: x.inside.ballGirthMm, footMm },
      less: [less('sock', 2 * x.sockMm), less('stretched', -x.aids.stretchMm), less('foot-state', x.dims.ballWidthMm - footMm)]
    };
  }
});
