import { cuts } from './cuts';
import { girthSum } from './sum';
import { zoneOfSome } from './zone';

/** Girth the heel has to pass on its way in: of kinds that are pulled on. */
export const throat = zoneOfSome({
  id: 'throat',
  name: 'throat',
  part: 'waist',
  place: { along: 0.34, across: 0 },
  kinds: ({ pullOn }) => pullOn,
  cuts: cuts(-10, -4, 4, 10),
  preferenceShare: 1,
  formula: (dims, inside, allowances) =>
    inside.throatGirthMm === null ? NaN : inside.throatGirthMm - allowances.girthTakenMm - dims.shortHeelGirthMm - allowances.sockGirthMm,
  tooLittle: 'a fight to get in',
  tooMuch: 'falls off',
  sum: (x) => girthSum(x, x.inside.throatGirthMm, 'shortHeelGirthMm', x.dims.shortHeelGirthMm)
});
