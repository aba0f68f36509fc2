import { parseMixedNumber } from '../measure';
import { fromFootMm, lengthSize, lengthStep, schoolOf, toFootMm, type AnyScale, type School } from './scales';

export interface LabelReading {
  /** Size with its remainder. */
  exact: number;
  /** The size rounded to the run. */
  size: number;
  /** The size as written. */
  label: string;
  /** Foot length beyond what the rounded size means; negative when rounded up. */
  remainderMm: number;
}

export type Rounding = 'nearest' | 'up' | 'down';

/** Reads a size as people write it: `7.5`, `7 1/2`, `42 2/3`, `255`. Null when it is not a number. */
export const parseSize = (text: string): number | null => parseMixedNumber(text);

const THIRDS: Readonly<Record<number, string>> = { 0: '', 1: ' 1/3', 2: ' 2/3' };

/** Texts of sizes that were written before, by the step of their run: a run has some hundred sizes. */
const written = new Map<number, Map<number, string>>();
const MOST_WRITTEN = 2000;

/** Writes a size the way its run does: halves as `.5`, thirds as fractions. */
export function formatSize(size: number, step: number): string {
  let own = written.get(step);
  if (!own) written.set(step, (own = new Map()));
  const found = own.get(size);
  if (found !== undefined) return found;
  const text = write(size, step);
  if (own.size < MOST_WRITTEN) own.set(size, text);
  return text;
}

function write(size: number, step: number): string {
  if (Math.abs(step - 1 / 3) < 1e-6) {
    const thirds = Math.round(size * 3);
    return `${Math.floor(thirds / 3)}${THIRDS[((thirds % 3) + 3) % 3]}`;
  }
  return `${Number(size.toFixed(2))}`;
}

/**
 * The label of a foot length in one school of a scale.
 * @param footMm foot length, mm
 * @param step the run's own step in sizes; the scale's own step of length when left out
 * @param rounding nearest by default
 */
export function readLabel(
  scale: Pick<AnyScale, 'schools' | 'step' | 'halfIsWidth'>,
  schoolId: string | undefined,
  footMm: number,
  step = lengthStep(scale),
  rounding: Rounding = 'nearest'
): LabelReading {
  const school = schoolOf(scale, schoolId);
  const exact = fromFootMm(school, footMm);
  const size = roundToStep(exact, step, rounding);
  return { exact, size, label: formatSize(size, step), remainderMm: footMm - toFootMm(school, size) };
}

/** Rounds a size to its run; values a hair off a step (1e-6) count as on it. */
export function roundToStep(exact: number, step: number, rounding: Rounding = 'nearest'): number {
  const steps = exact / step;
  const snapped = Math.round(steps);
  if (Math.abs(steps - snapped) < 1e-6) return snapped * step;
  const round = rounding === 'up' ? Math.ceil : rounding === 'down' ? Math.floor : Math.round;
  return round(steps) * step;
}

/** The interval of foot lengths a label stands for: half a step of its run either way, mm. */
export function labelInterval(school: School, size: number, step: number): { mm: number; lowMm: number; highMm: number } {
  const mm = toFootMm(school, size);
  const half = (step * school.unitMm) / 2;
  return { mm, lowMm: mm - half, highMm: mm + half };
}

/** The same for a size of a scale in one of its schools; a half that is a width has the whole's interval. */
export const sizeInterval = (scale: AnyScale, schoolId: string | undefined, size: number): ReturnType<typeof labelInterval> =>
  labelInterval(schoolOf(scale, schoolId), lengthSize(scale, size), lengthStep(scale));

/** True when a size lies within the scale's run. */
export const inRun = (scale: Pick<AnyScale, 'range'>, size: number): boolean => size >= scale.range[0] - 1e-9 && size <= scale.range[1] + 1e-9;
