import { cuts } from './cuts';
import { girthSum } from './sum';
import { zone } from './zone';

/** Girth of the opening round the ankle. */
export const topline = zone({
  id: 'topline',
  name: 'topline',
  part: 'heel',
  place: { along: 0.26, across: -1 },
  cuts: cuts(-4, 0, 12, 22),
  formula: (dims, inside, allowances) =>
    dims.ankleKnown && inside.toplineGirthMm !== null ? inside.toplineGirthMm - dims.ankleGirthMm - allowances.sockGirthMm : NaN,
  felt: false,
  tooLittle: 'cuts at the edge',
  tooMuch: 'the ankle slips out',
  sum: (x) => girthSum({ ...x, insertGirthMm: 0 }, x.inside.toplineGirthMm, 'ankleGirthMm', x.dims.ankleGirthMm)
});
