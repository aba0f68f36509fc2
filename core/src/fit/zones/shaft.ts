import { cuts } from './cuts';
import { girthSum } from './sum';
import { zone } from './zone';

/** Girth of a boot's shaft round the calf. */
export const shaft = zone({
  id: 'shaft',
  name: 'shaft',
  part: 'heel',
  place: { along: 0.2, across: 0 },
  cuts: cuts(0, 5, 25, 40),
  formula: (dims, inside, allowances) =>
    dims.calfKnown && inside.shaftGirthMm !== null ? inside.shaftGirthMm - dims.calfGirthMm - allowances.sockGirthMm : NaN,
  felt: false,
  tooLittle: 'will not close',
  tooMuch: 'gapes',
  sum: (x) => girthSum({ ...x, insertGirthMm: 0 }, x.inside.shaftGirthMm, 'calfGirthMm', x.dims.calfGirthMm)
});
