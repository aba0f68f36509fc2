import type { Inside } from '../../last';
import { cuts } from './cuts';
import type { FootDims } from './given';
import { less } from './sum';
import { zone } from './zone';

/** Toes that lie straight over a sole that curves up to its tip stand off it in between: so much of the spring at their highest [model]. */
const SPRING_TAKES = 0.18;
/** What the toe's spring takes of the depth over the toes, mm. @param stays share of it that stays under the foot's weight */
export const springTakesMm = ({ toeSpringMm }: Inside, stays: number): number => (toeSpringMm === null ? 0 : SPRING_TAKES * stays * toeSpringMm);

/** Height over the big toe and over the little toe, bare foot and no insert, mm. */
export const bigToeDepth = (dims: FootDims, inside: Inside): number => inside.toeDepthMm - dims.toeHeightMm;
export const littleToeDepth = (dims: FootDims, inside: Inside): number => inside.littleToeDepthMm - dims.littleToeHeightMm;

/** Height over the toes, at the big or the little one, whichever has less. It bends where the two cross. */
export const toeBoxDepth = zone({
  id: 'toe-box-depth',
  name: 'toe box depth',
  part: 'toes',
  place: { along: 0.9, across: 0.55 },
  cuts: cuts(-1, 1, 6, 12),
  preferenceShare: 0.4,
  formula: (dims, inside, allowances) => Math.min(bigToeDepth(dims, inside), littleToeDepth(dims, inside)) - allowances.depthTakenMm - dims.hammerToeMm - springTakesMm(inside, allowances.springStays),
  straight: false,
  tooLittle: 'the tops of the toes are rubbed',
  tooMuch: 'the toes slide',
  sum: ({ dims, inside, aids, sockMm, insertMm, springTakesMm: spring }) => ({
    head: { code: 'over-toes', bigMm: inside.toeDepthMm, bigToeMm: dims.toeHeightMm, littleMm: inside.littleToeDepthMm, littleToeMm: dims.littleToeHeightMm },
    less: [less('hammer-toe', dims.hammerToeMm), less('toe-spring', spring), less('sock', 2 * sockMm), less('insert', insertMm), less('half-insole', aids.halfInsoleMm)]
  })
});
