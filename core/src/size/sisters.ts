import { footLetter, letterMm, widthScaleOf } from './widths';
import { SCALE, schoolOf, toFootMm, type ScaleId } from './scales';
import { formatSize } from './label';

export interface Sister {
  size: number;
  label: string;
  letter: string;
  footMm: number;
  /** Girth (or width, as the scale measures) the letter means at that size, mm, and against the size asked about. */
  mm: number;
  differenceMm: number;
}

/** Sisters hold about the same girth: within half a letter. */
const HALF_LETTER = 0.55;

/**
 * Sister sizes: shorter and wider, or longer and narrower, that hold about the same girth.
 * @throws RangeError for a letter the width scale does not have
 * @example sisterSizes('us-m', 'us-letter', 'men', 9, 'D').find((s) => s.label === '8').letter // 'E'
 */
export function sisterSizes(lengthScale: ScaleId, widthScale: string, group: 'men' | 'women', size: number, letter: string, school?: string): Sister[] {
  const scale = SCALE[lengthScale];
  const own = schoolOf(scale, school);
  const widths = widthScaleOf(widthScale);
  const girth = letterMm(widthScale, group, letter, toFootMm(own, size));
  if (!widths) throw new RangeError(`no width scale “${widthScale}”`);
  const out: Sister[] = [];
  for (let other = size - 2; other <= size + 2 + 1e-9; other += scale.step) {
    if (other < scale.range[0] - 1e-9 || other > scale.range[1] + 1e-9) continue;
    const footMm = toFootMm(own, other);
    for (const candidate of widths.letters) {
      const mm = letterMm(widthScale, group, candidate, footMm);
      if (Math.abs(mm - girth) > HALF_LETTER * widths.stepMm) continue;
      out.push({ size: other, label: formatSize(other, scale.step), letter: candidate, footMm, mm, differenceMm: mm - girth });
    }
  }
  return out;
}

/** Proportions by which a heel and a waist are read as the ball girth they would go with (US survey of 1988 and estimates, from memory). */
const AS_BALL_GIRTH = { waist: 1 / 0.96, heelWidth: 1 / (0.676 * 0.405) } as const;

export interface PartLetter {
  part: 'ball' | 'waist' | 'heel';
  mm: number;
  letter: string;
  beyond: boolean;
}

/**
 * The letters of a foot, or of the foot a last goes with, at ball, waist and heel: a combination has different ones.
 * @param parts ball girth, waist girth and heel width, mm
 */
export function partLetters(
  widthScale: string,
  group: 'men' | 'women',
  footMm: number,
  parts: { ballGirthMm: number; waistGirthMm: number; heelWidthMm: number }
): PartLetter[] {
  const rows = [
    { part: 'ball' as const, mm: parts.ballGirthMm, girth: parts.ballGirthMm },
    { part: 'waist' as const, mm: parts.waistGirthMm, girth: parts.waistGirthMm * AS_BALL_GIRTH.waist },
    { part: 'heel' as const, mm: parts.heelWidthMm, girth: parts.heelWidthMm * AS_BALL_GIRTH.heelWidth }
  ];
  return rows.map(({ part, mm, girth }) => {
    const { letter, beyond } = footLetter(widthScale, group, footMm, girth);
    return { part, mm, letter, beyond };
  });
}

/** Mondopoint writes length and width of the foot together: `250/98`. */
export const mondopoint = (footMm: number, ballWidthMm: number): string => `${Math.round(footMm / 5) * 5}/${Math.round(ballWidthMm)}`;
