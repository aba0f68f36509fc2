import { formatSize, fromFootMm, lengthStep, SCALES, toFootMm, type AnyScale, type ScaleId, type School } from '@chiave/core/size';
import { withFractions } from '../size-fractions';

/** The strips laid along the rule in the Sizes step, in order. */
export const STRIPS: readonly ScaleId[] = SCALES.filter((s) => s.onRule).map((s) => s.id);

/** The scales most often asked for. */
export const COMMON: readonly string[] = SCALES.filter((s) => s.inQuickBox).map((s) => s.id);

export interface Tick {
  mm: number;
  size: number;
  label: string;
  whole: boolean;
}
export interface Strip {
  scale: string;
  /** Sizes from tick to tick. */
  step: number;
  rows: { school: School; ticks: Tick[] }[];
}

/** The schools that have a row each; a scale that converts by rule has one for all. */
export const schoolsOnRule = (scale: AnyScale): readonly School[] => (scale.rule ? scale.schools.slice(0, 1) : scale.schools);

/**
 * The ticks of a scale between two foot lengths, one row a school.
 * @param fromMm,toMm the part of the rule shown
 */
export function stripOf(scale: AnyScale, fromMm: number, toMm: number): Strip {
  // Where a half is a width the strip has whole lengths only.
  const step = lengthStep(scale);
  const [low, high] = scale.range;
  const rows = schoolsOnRule(scale).map((school) => {
    const ticks: Tick[] = [];
    const first = Math.max(low, Math.ceil(fromFootMm(school, fromMm) / step) * step);
    const last = Math.min(high, fromFootMm(school, toMm));
    for (let i = 0; first + i * step <= last + 1e-9; i++) {
      const size = first + i * step;
      const whole = step >= 1 || Math.abs(size - Math.round(size)) < 1e-6;
      ticks.push({ mm: toFootMm(school, size), size, label: withFractions(formatSize(size, step)), whole });
    }
    return { school, ticks };
  });
  return { scale: scale.id, step, rows };
}

/** True when a tick's word is written: all of them where there is room, else every n-th whole size. */
export const isWritten = (tick: Tick, every: number, step: number): boolean =>
  every === 1 || (tick.whole && Math.round(tick.size) % Math.max(1, Math.round(every * step)) === 0);
