import { BALL_AT, toeShapeOf, type FitsAs, type Foot, type Side } from '../measure';
import { footLetter, fromFootMm, SCALE, schoolOf, WIDTH_SCALES, type ScaleId } from '../size';

/** What the measures say of a foot, each with its sum and source. */
export interface Judgement {
  id: string;
  side: Side | 'both';
  what: string;
  verdict: string;
  sum: string;
  source: string;
  /** True where it rests on something filled in rather than taken. */
  derived: boolean;
}

const n = (mm: number, digits = 1): string => `${Number(mm.toFixed(digits))}`;
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
const RATIO_BANDS = [
  { above: 1.58, words: 'wide in front of a narrow heel: look for a combination last, not another size' },
  { above: 1.38, words: 'forefoot and heel go together' },
  { above: 0, words: 'wide behind for its forefoot: a straight last, or a wider heel seat' }
] as const;

const taken = (foot: Foot, ...ids: (keyof Foot['values'])[]): boolean => ids.every((id) => foot.values[id].how !== 'derived');

/** Judges one foot. @param group whose letters widths are read in */
export function judgeFoot(foot: Foot, group: FitsAs): Judgement[] {
  const { side, values: v } = foot;
  const list: Judgement[] = [];
  const add = (id: string, what: string, verdict: string, sum: string, source: string, derived: boolean): void => {
    list.push({ id, side, what, verdict, sum, source, derived });
  };
  if (foot.toeTipsMm) {
    const names = { egyptian: 'tapered, big toe longest', greek: 'second toe longest', square: 'square, the first three nearly level' };
    add(
      'toes',
      'toe shape',
      names[toeShapeOf(foot.toeTipsMm)],
      `tips ${foot.toeTipsMm.map((t) => n(t)).join(', ')} mm behind the longest; square within 3`,
      'practice',
      false
    );
  }
  const ratio = v.ballWidthMm.mm / v.heelWidthMm.mm;
  add(
    'forefoot',
    'forefoot against heel',
    RATIO_BANDS.find((b) => ratio > b.above)!.words,
    `${n(v.ballWidthMm.mm)} / ${n(v.heelWidthMm.mm)} = ${ratio.toFixed(2)}`,
    'practice; limits: estimate',
    !taken(foot, 'ballWidthMm', 'heelWidthMm')
  );
  const sizes = twoSizes(foot);
  add(
    'two-sizes',
    'arch length against length',
    sizes.rules === 'both'
      ? 'they agree: length decides'
      : sizes.rules === 'arch length'
        ? `the arch is longer, by ${n(sizes.differenceSizes)} sizes: the larger decides, so that the ball lies at the flex line`
        : `the toes are longer, by ${n(-sizes.differenceSizes)} sizes: length decides`,
    `ball ${n(v.ballLengthMm.mm)} / ${BALL_AT} = ${n(sizes.archLengthMm)} against ${n(v.lengthMm.mm)} mm`,
    'practice: the larger of the two; Rossi and Tennant 1984, from memory',
    !taken(foot, 'ballLengthMm')
  );
  for (const { id, name, measures } of WIDTH_SCALES) {
    const field = measures === 'ball width' ? 'ballWidthMm' : 'ballGirthMm';
    const read = footLetter(id, group, v.lengthMm.mm, v[field].mm);
    add(
      `width-${id}`,
      `width, ${name}`,
      `${read.letter}${read.beyond ? ' or beyond' : ''}`,
      `${measures} ${n(v[field].mm)} at ${n(v.lengthMm.mm)} mm, ${read.remainderMm < 0 ? '−' : '+'}${n(Math.abs(read.remainderMm))} mm`,
      WIDTH_SCALES.find((s) => s.id === id)!.source,
      !taken(foot, field)
    );
  }
  return list;
}

/** Differences between the feet beyond this are a split pair's matter, mm: a size of the barleycorn scales. */
const SPLIT_MM = 8.47;
/** Feet differ this much on the mean (published, weak). */
const USUAL_MM = 2;

/** Left against right: which is longer and fuller, beyond what the hand errs by. */
export function judgePair(left: Foot, right: Foot): Judgement[] {
  const list: Judgement[] = [];
  for (const [id, name] of [
    ['lengthMm', 'length'],
    ['ballGirthMm', 'ball girth']
  ] as const) {
    const [l, r] = [left.values[id], right.values[id]];
    if (l.how === 'derived' || r.how === 'derived') continue;
    const apart = l.mm - r.mm;
    const sd = Math.hypot(l.sdMm, r.sdMm);
    const larger = apart > 0 ? 'left' : 'right';
    const clear = Math.abs(apart) > 2 * sd;
    const verdict =
      Math.abs(apart) < 0.05
        ? 'alike'
        : !clear
          ? `the ${larger} by ${n(Math.abs(apart))} mm: within what the hand errs by`
          : id === 'lengthMm' && Math.abs(apart) >= SPLIT_MM
            ? `the ${larger} by ${n(Math.abs(apart))} mm: a size; think of a split pair`
            : `the ${larger} by ${n(Math.abs(apart))} mm: it decides, the other is filled`;
    list.push({
      id: `asymmetry-${id}`,
      side: 'both',
      what: `${name}, left against right`,
      verdict,
      sum: `${n(l.mm)} - ${n(r.mm)} = ${n(apart)} ± ${n(sd)} mm; about ${USUAL_MM} is usual in length`,
      source: 'mean difference about 2 mm, several surveys, from memory, weak',
      derived: false
    });
  }
  return list;
}

/** How much a foot spreads under weight: width standing less width seated, where both were read. */
export function splayOf(seatedWidthMm: number, standingWidthMm: number): { splayMm: number; words: string; source: string } {
  const splayMm = standingWidthMm - seatedWidthMm;
  const words = splayMm > 5 ? 'spreads more than most: fit standing' : splayMm < 3 ? 'spreads little' : 'spreads as most do';
  return { splayMm, words, source: 'published 3 to 5 mm, from memory' };
}
