import { BALL_AT, formatDifference, MEASURE, trimNumber } from '../measure';
import type { Remeasure, Trend } from './growth';
import type { FootFinding, ForefootState, PairState } from './judgements';

/**
 * English words for what is found of a foot. Nothing reads what is written here: another language is another catalogue.
 */
export interface Told {
  what: string;
  verdict: string;
  sum: string;
}

const n = (mm: number): string => trimNumber(mm);

const TOES = { egyptian: 'tapered, big toe longest', greek: 'second toe longest', square: 'square, the first three nearly level' } as const;
const FOREFOOT: Readonly<Record<ForefootState, string>> = {
  'wide-front': 'wide in front of a narrow heel: look for a combination last, not another size',
  together: 'forefoot and heel go together',
  'wide-behind': 'wide behind for its forefoot: a straight last, or a wider heel seat'
};
const PAIR: Readonly<Record<PairState, (by: string) => string>> = {
  alike: () => 'alike',
  'within-error': (by) => `${by}: within what the hand errs by`,
  split: (by) => `${by}: a size; think of a split pair`,
  'larger-decides': (by) => `${by}: it decides, the other is filled`
};
const SPLAY = { much: 'spreads more than most: fit standing', usual: 'spreads as most do', little: 'spreads little' } as const;
const RULES = {
  both: () => 'they agree: length decides',
  'arch length': (sizes: number) => `the arch is longer, by ${n(sizes)} sizes: the larger decides, so that the ball lies at the flex line`,
  length: (sizes: number) => `the toes are longer, by ${n(-sizes)} sizes: length decides`
} as const;

type Teller = { [K in FootFinding['of']]: (f: Extract<FootFinding, { of: K }>) => Told };
const TELL: Teller = {
  toes: ({ shape, tipsMm }) => ({
    what: 'toe shape',
    verdict: TOES[shape],
    sum: `tips ${tipsMm.map(n).join(', ')} mm behind the longest; square within 3`
  }),
  forefoot: ({ state, ballWidthMm, heelWidthMm, ratio }) => ({
    what: 'forefoot against heel',
    verdict: FOREFOOT[state],
    sum: `${n(ballWidthMm)} / ${n(heelWidthMm)} = ${ratio.toFixed(2)}`
  }),
  'two-sizes': ({ rules, differenceSizes, ballLengthMm, archLengthMm, lengthMm }) => ({
    what: 'arch length against length',
    verdict: RULES[rules](differenceSizes),
    sum: `ball ${n(ballLengthMm)} / ${BALL_AT} = ${n(archLengthMm)} against ${n(lengthMm)} mm`
  }),
  width: ({ scale, mm, lengthMm, letter, beyond, remainderMm }) => ({
    what: `width, ${scale.name}`,
    verdict: `${letter}${beyond ? ' or beyond' : ''}`,
    sum: `${scale.measures} ${n(mm)} at ${n(lengthMm)} mm, ${formatDifference(remainderMm)}`
  }),
  pair: ({ measure, state, larger, leftMm, rightMm, apartMm, sdMm }) => ({
    what: `${MEASURE[measure].name}, left against right`,
    verdict: PAIR[state](`the ${larger} by ${n(Math.abs(apartMm))} mm`),
    sum: `${n(leftMm)} - ${n(rightMm)} = ${n(apartMm)} ± ${n(sdMm)} mm; about 2 is usual in length`
  }),
  splay: ({ state, splayMm }) => ({ what: 'splay', verdict: SPLAY[state], sum: `standing less seated ${n(splayMm)} mm` })
};

/** What was found, in words: of what, the verdict and the sum behind it. */
export const tellFinding = (finding: FootFinding): Told => (TELL[finding.of] as (f: FootFinding) => Told)(finding);

/** How a foot changed over the years, in words. */
export function trendWords({ real, perYearMm, sdPerYearMm }: Trend): string {
  const [a, sd] = [Math.abs(perYearMm).toFixed(1), sdPerYearMm.toFixed(1)];
  if (real) return `${perYearMm > 0 ? 'longer' : 'shorter'} by ${a} mm a year, give or take ${sd}`;
  return `no change beyond the error of the hand (${perYearMm < 0 ? '−' : '+'}${a} ± ${sd} mm a year)`;
}

const WHY: Readonly<Record<Remeasure['why'], string>> = {
  pregnant: 'Pregnancy lengthens feet: look again every few months, and after it.',
  weight: 'Body weight has changed, and feet change with it.',
  'age-unknown': 'Grown feet are measured at each purchase; the age is not known.',
  'small-child': 'A small child’s feet grow by the month.',
  growing: 'These feet are still growing: every six months.',
  elder: 'Through the sixties and seventies, once a year.',
  grown: 'Grown feet are measured at each purchase.'
};
/** Why feet are measured again by then, a sentence. */
export const remeasureWords = ({ why }: Pick<Remeasure, 'why'>): string => WHY[why];
