import { cuts } from './cuts';
import { less } from './sum';
import { zone } from './zone';

/** Height of the inside over the top of the foot at half its length: a girth alone does not tell a high instep from a wide one. Comfort only. */
export const instepHeight = zone({
  id: 'instep-height',
  name: 'instep height',
  part: 'waist',
  place: { along: 0.5, across: 0.3 },
  decides: false,
  cuts: cuts(-6, -3, 6, 12),
  helpsAddUp: false,
  felt: false,
  formula: (dims, inside, allowances) => inside.instepHeightMm - dims.dorsumMm - allowances.liftMm - 2 * allowances.sockMm,
  tooLittle: 'presses on the instep though its girth is right',
  tooMuch: 'the vamp creases, little holds the instep down',
  sum: ({ inside, dims, insertMm, sockMm }) => ({
    head: { code: 'difference', shoeMm: inside.instepHeightMm, footMm: dims.dorsumMm },
    less: [less('insert', insertMm), less('sock', 2 * sockMm)]
  })
});
