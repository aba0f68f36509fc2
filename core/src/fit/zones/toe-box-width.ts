import { cuts } from './cuts';
import { less } from './sum';
import { zone } from './zone';

/** Least gap beside the toes, square to the wall. */
export const toeBoxWidth = zone({
  id: 'toe-box-width',
  name: 'toe box width',
  part: 'toes',
  place: { along: 0.8, across: -1 },
  cuts: cuts(-4, -1, 6, 12),
  preferenceShare: 0.4,
  straight: false,
  helpsAddUp: false,
  tooLittle: 'callus, blisters beside the toes',
  tooMuch: 'the toes slide',
  sum: ({ aids }) => ({ head: { code: 'beside-toes' }, less: [less('stretched', -aids.stretchMm)] })
});
