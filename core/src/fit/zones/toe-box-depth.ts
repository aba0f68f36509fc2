import type { Inside } from '../../last';
import { TOE_CENTRE } from '../../shape';
import { cuts } from './cuts';
import type { FootDims } from './given';
import { less } from './sum';
import { zone } from './zone';

/** Toes that lie straight over a sole that curves up to its tip stand off it in between: so much of the spring at their highest [model]. */
const SPRING_TAKES = 0.18;
/** What the toe's spring takes of the depth over the toes, mm. @param stays share of it that stays under the foot's weight */
export const springTakesMm = ({ toeSpringMm }: Pick<Inside, 'toeSpringMm'>, stays: number): number =>
  toeSpringMm > 0 ? SPRING_TAKES * stays * toeSpringMm : 0;

/** Height over the big toe and over the little toe, bare foot and no insert, mm. */
export const bigToeDepth = (dims: FootDims, inside: Inside): number => inside.toeDepthMm - dims.toeHeightMm;
export const littleToeDepth = (dims: FootDims, inside: Inside): number => inside.littleToeDepthMm - dims.littleToeHeightMm;

/** Where each toe lies between the big toe, 0, and the little toe, 1: between them heights are taken to fall evenly [estimate]. */
export const TOE_ACROSS: readonly number[] = TOE_CENTRE.map((c) => (TOE_CENTRE[0] - c) / (TOE_CENTRE[0] - TOE_CENTRE[4]));
/** What a hammer toe of which nobody said which it is takes of the depth over every toe, mm. */
const hammerOfAny = (dims: FootDims): number => (dims.hammerToe < 0 ? dims.hammerToeMm : 0);
/** Depth over one toe, no sock and nothing under it, mm. @param toe 0 the big toe */
export function depthOver(toe: number, dims: FootDims, inside: Inside): number {
  const big = bigToeDepth(dims, inside);
  const plain = big + (littleToeDepth(dims, inside) - big) * TOE_ACROSS[toe];
  return plain - (dims.hammerToe === toe ? dims.hammerToeMm : hammerOfAny(dims));
}
/** Toes of which one has the least depth: the outer two, and a hammer toe that is known. */
export const deepToes = ({ hammerToe, hammerToeMm }: FootDims): readonly number[] => DEEP[hammerToeMm > 0 ? hammerToe + 1 : 0];
const DEEP = [
  [0, 4],
  [0, 4],
  [0, 4, 1],
  [0, 4, 2],
  [0, 4, 3],
  [0, 4]
] as const;

function leastDepth(dims: FootDims, inside: Inside): number {
  const ends = Math.min(depthOver(0, dims, inside), depthOver(4, dims, inside));
  return dims.hammerToe > 0 ? Math.min(ends, depthOver(dims.hammerToe, dims, inside)) : ends;
}

/** Height over the toes, at the big, the little or a hammer toe, whichever has least. It bends where they cross. */
export const toeBoxDepth = zone({
  id: 'toe-box-depth',
  name: 'toe box depth',
  part: 'toes',
  place: { along: 0.9, across: 0.55 },
  cuts: cuts(-1, 1, 6, 12),
  preferenceShare: 0.4,
  formula: (dims, inside, allowances) => leastDepth(dims, inside) - allowances.depthTakenMm - springTakesMm(inside, allowances.springStays),
  straight: false,
  tooLittle: 'the tops of the toes are rubbed',
  tooMuch: 'the toes slide',
  sum: ({ dims, inside, aids, sockMm, insertMm, springTakesMm: spring }) => ({
    head: { code: 'over-toes', bigMm: inside.toeDepthMm, bigToeMm: dims.toeHeightMm, littleMm: inside.littleToeDepthMm, littleToeMm: dims.littleToeHeightMm },
    less: [
      less('hammer-toe', Math.min(bigToeDepth(dims, inside), littleToeDepth(dims, inside)) - leastDepth(dims, inside)),
      less('toe-spring', spring),
      less('sock', 2 * sockMm),
      less('insert', insertMm),
      less('half-insole', aids.halfInsoleMm)
    ]
  })
});
