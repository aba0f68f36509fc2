import { cuts } from './cuts';
import { girthSum, less } from './sum';
import { zone } from './zone';

/** Girth round the ball, under load on the shoe's heel. */
export const ballGirth = zone({
  id: 'ball-girth',
  name: 'ball girth',
  part: 'ball',
  place: { along: 0.69, across: 0 },
  cuts: 'by-kind',
  childCuts: cuts(-8, -4, 4, 12),
  preferenceShare: 1,
  closureTakesUp: true,
  moulds: true,
  formula: (dims, inside, allowances) => inside.ballGirthMm - allowances.ballTakenMm - dims.ballGirthMm * allowances.spreads - allowances.sockGirthMm,
  wears: true,
  tellsTightness: true,
  tooLittle: 'burning, numbness',
  tooMuch: 'shear and blisters',
  sum: (x) =>
    girthSum(x, x.inside.ballGirthMm, 'ballGirthMm', x.dims.ballGirthMm, [
      less('heel-spread', x.heelSpreadMm),
      less('ball-pad', x.girthPerPadMm * x.aids.ballPadMm),
      less('half-insole', x.girthPerPadMm * x.aids.halfInsoleMm)
    ])
});
