import { archOverShank } from '../../heel';
import { cuts } from './cuts';
import { zone } from './zone';

/** How far the arch hangs over the shank beyond what it does barefoot; below nought the shank rises into it. Comfort only; of a raised heel. */
export const arch = zone({
  id: 'arch',
  name: 'arch over the shank',
  part: 'waist',
  place: { along: 0.46, across: 0.8 },
  decides: false,
  cuts: cuts(-5, -2, 2, 6),
  helpsAddUp: false,
  felt: false,
  straight: false,
  formula: (dims, _, { raised, dropMm, archLine }) => (raised && archLine !== null ? archOverShank(dropMm, archLine, dims.lengthMm, dims.navicularMm) : NaN),
  tooLittle: 'the shank presses into the arch',
  tooMuch: 'nothing carries the arch: the weight goes to the ball',
  sum: ({ dropMm, archLine, dims }) => ({ head: { code: 'arch-line', archLine: archLine ?? 'straight', dropMm, lengthMm: dims.lengthMm }, less: [] })
});
