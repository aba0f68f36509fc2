import { BALL_AT, toeShapeOf, type FitsAs, type Foot, type FootToeShape, type Side } from '../measure';
import { BARLEYCORN, footLetter, fromFootMm, SCALE, schoolOf, WIDTH_SCALES, type ScaleId, type WidthScale } from '../size';

/** What was found, in codes and numbers; `tellFinding` puts it into words. */
export type FootFinding =
  | { of: 'toes'; shape: FootToeShape; tipsMm: readonly number[] }
  | { of: 'forefoot'; state: ForefootState; ballWidthMm: number; heelWidthMm: number; ratio: number }
  | ({ of: 'two-sizes'; ballLengthMm: number } & TwoSizes)
  | { of: 'width'; scale: WidthScale; mm: number; lengthMm: number; letter: string; beyond: boolean; remainderMm: number }
  | { of: 'pair'; measure: PairMeasure; state: PairState; larger: Side; leftMm: number; rightMm: number; apartMm: number; sdMm: number }
  | { of: 'splay'; state: 'much' | 'usual' | 'little'; splayMm: number };
export type ForefootState = 'wide-front' | 'together' | 'wide-behind';
export type PairMeasure = 'lengthMm' | 'ballGirthMm';
/** Alike, within the error of the hand, a size apart, or so that the larger decides. */
export type PairState = 'alike' | 'within-error' | 'split' | 'larger-decides';

/** What the measures say of a foot, with its source. */
export interface Judgement {
  id: string;
  side: Side | 'both';
  finding: FootFinding;
  source: string;
  /** True where it rests on something filled in rather than taken. */
  derived: boolean;
}

/** Below this difference of size the two readings agree (a fitter's device shows no finer). */
const SPOKEN_SIZES = 0.5;

/** Length size against arch-length size: a fitter takes the larger, so that the ball lies at the flex line. */
export interface TwoSizes {
  lengthMm: number;
  archLengthMm: number;
  /** Sizes of the scale by which the arch length is larger. */
  differenceSizes: number;
  rules: 'length' | 'arch length' | 'both';
}

/** @example twoSizes(foot, 'us-m').rules // 'arch length' on a long-arched foot */
export function twoSizes(foot: Foot, scale: ScaleId = 'us-m'): TwoSizes {
  const school = schoolOf(SCALE[scale]);
  const lengthMm = foot.values.lengthMm.mm;
  const archLengthMm = foot.values.ballLengthMm.mm / BALL_AT;
  const differenceSizes = fromFootMm(school, archLengthMm) - fromFootMm(school, lengthMm);
  const rules = Math.abs(differenceSizes) <= SPOKEN_SIZES ? 'both' : differenceSizes > 0 ? 'arch length' : 'length';
  return { lengthMm, archLengthMm, differenceSizes, rules };
}

/** Forefoot against heel: ball width over heel width; the table's proportion is about 1.48. */
const RATIO_BANDS: readonly { above: number; state: ForefootState }[] = [
  { above: 1.58, state: 'wide-front' },
  { above: 1.38, state: 'together' },
  { above: 0, state: 'wide-behind' }
];

const taken = (foot: Foot, ...ids: (keyof Foot['values'])[]): boolean => ids.every((id) => foot.values[id].how !== 'derived');

/** Judges one foot. @param group whose letters widths are read in */
export function judgeFoot(foot: Foot, group: FitsAs): Judgement[] {
  const { side, values: v } = foot;
  const list: Judgement[] = [];
  const add = (id: string, finding: FootFinding, source: string, derived: boolean): void => void list.push({ id, side, finding, source, derived });
  if (foot.toeTipsMm) add('toes', { of: 'toes', shape: toeShapeOf(foot.toeTipsMm), tipsMm: foot.toeTipsMm }, 'practice', false);
  const [ballWidthMm, heelWidthMm, lengthMm] = [v.ballWidthMm.mm, v.heelWidthMm.mm, v.lengthMm.mm];
  const ratio = ballWidthMm / heelWidthMm;
  const { state } = RATIO_BANDS.find((b) => ratio > b.above)!;
  add('forefoot', { of: 'forefoot', state, ballWidthMm, heelWidthMm, ratio }, 'practice; limits: estimate', !taken(foot, 'ballWidthMm', 'heelWidthMm'));
  add(
    'two-sizes',
    { of: 'two-sizes', ballLengthMm: v.ballLengthMm.mm, ...twoSizes(foot) },
    'practice: the larger of the two; Rossi and Tennant 1984, from memory',
    !taken(foot, 'ballLengthMm')
  );
  for (const scale of WIDTH_SCALES) {
    const field = scale.measures === 'ball width' ? 'ballWidthMm' : 'ballGirthMm';
    const { mm } = v[field];
    const { letter, beyond, remainderMm } = footLetter(scale.id, group, lengthMm, mm);
    add(`width-${scale.id}`, { of: 'width', scale, mm, lengthMm, letter, beyond, remainderMm }, scale.source, !taken(foot, field));
  }
  return list;
}

/** Differences between the feet from here on are a split pair's matter, mm: a size of the barleycorn scales. */
const SPLIT_MM = BARLEYCORN;

/** Left against right: which is longer and fuller, beyond what the hand errs by. */
export function judgePair(left: Foot, right: Foot): Judgement[] {
  return (['lengthMm', 'ballGirthMm'] as const).flatMap((measure): Judgement[] => {
    const [l, r] = [left.values[measure], right.values[measure]];
    if (l.how === 'derived' || r.how === 'derived') return [];
    const apartMm = l.mm - r.mm;
    const sdMm = Math.hypot(l.sdMm, r.sdMm);
    const apart = Math.abs(apartMm);
    const state = apart < 0.05 ? 'alike' : apart <= 2 * sdMm ? 'within-error' : measure === 'lengthMm' && apart >= SPLIT_MM ? 'split' : 'larger-decides';
    return [
      {
        id: `asymmetry-${measure}`,
        side: 'both',
        finding: { of: 'pair', measure, state, larger: apartMm > 0 ? 'left' : 'right', leftMm: l.mm, rightMm: r.mm, apartMm, sdMm },
        source: 'mean difference about 2 mm, several surveys, from memory, weak',
        derived: false
      }
    ];
  });
}

/** How much a foot spreads under weight: width standing less width seated, where both were read (3 to 5 mm is usual). */
export function judgeSplay(side: Side, seatedWidthMm: number, standingWidthMm: number): Judgement {
  const splayMm = standingWidthMm - seatedWidthMm;
  const state = splayMm > 5 ? 'much' : splayMm < 3 ? 'little' : 'usual';
  return { id: 'splay', side, finding: { of: 'splay', state, splayMm }, source: 'published 3 to 5 mm, from memory', derived: false };
}
