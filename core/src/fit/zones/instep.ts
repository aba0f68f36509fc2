import { girthSum, less } from './sum';
import { zone } from './zone';

/** Girth over the instep, laced as usual. */
export const instep = zone({
  id: 'instep',
  name: 'instep',
  part: 'waist',
  place: { along: 0.46, across: 0.05 },
  cuts: 'by-kind',
  preferenceShare: 1,
  closureTakesUp: true,
  formula: (dims, inside, allowances) => inside.instepGirthMm - allowances.instepTakenMm - dims.instepGirthMm - allowances.sockGirthMm,
  wears: true,
  tellsTightness: true,
  tooLittle: 'pressure, hard to get in',
  tooMuch: 'the foot slides forward, the heel lifts',
  sum: (x) =>
    girthSum(x, x.inside.instepGirthMm, 'instepGirthMm', x.dims.instepGirthMm, [
      less('tongue-pad', x.girthPerTonguePadMm * x.aids.tonguePadMm),
      less('laces', -x.aids.lacingMm)
    ])
});
