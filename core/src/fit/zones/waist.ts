import { cuts } from './cuts';
import { girthSum } from './sum';
import { zone } from './zone';

/** Girth round the waist: comfort only. */
export const waist = zone({
  id: 'waist',
  name: 'waist',
  part: 'waist',
  place: { along: 0.52, across: -1 },
  decides: false,
  cuts: cuts(-10, -6, 4, 10),
  preferenceShare: 0.4,
  formula: (dims, inside, allowances) => inside.waistGirthMm - allowances.girthTakenMm - dims.waistGirthMm - allowances.sockGirthMm,
  helpsAddUp: false,
  tooLittle: 'pushes into the arch: support for one, pain for another',
  tooMuch: 'little hold under the arch',
  sum: (x) => girthSum(x, x.inside.waistGirthMm, 'waistGirthMm', x.dims.waistGirthMm)
});
