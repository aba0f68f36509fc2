import { inRun, readLabel, sizeInterval, type AnyScale } from '@chiave/core/size';
import { withFractions } from '../size-fractions';
import { COMMON, schoolsOnRule, type Strip } from './rule-strips';

/** Scales told in a sentence. */
const TOLD = 4;

/** What stands on the rule: a foot, or a size or length that was typed. */
export interface Mark {
  id: string;
  letter: string;
  name: string;
  mm: number;
  colour: string;
  dash: string;
  /** Feet are read together; anything else stands alone. */
  foot: boolean;
}

/** One size that marks read on one row: where it lies along the rule, and whose it is. */
export interface RowReading {
  label: string;
  mm: number;
  lowMm: number;
  highMm: number;
  /** None where every mark that is read reads this size. */
  mark: Mark | null;
}

export interface ReadRow {
  sizes: RowReading[];
  /** Foot beyond the size of the mark looked at, mm; none outside the scale's run. */
  overMm: number | null;
}

export interface ReadStrip {
  rows: ReadRow[];
  /** Where the schools put one and the same size, mm; none where they agree or there is one. */
  apart: { lowMm: number; highMm: number } | null;
}

/** The marks that are read while one is looked at: both feet, or the typed one alone. */
export const readMarks = (marks: readonly Mark[], active: Mark): Mark[] => (active.foot ? marks.filter((m) => m.foot) : [active]);

/**
 * What marks read on every row of a strip.
 * @param active the mark looked at: its remainder is told, and its size is compared between schools
 */
export function readStrip(scale: AnyScale, strip: Strip, marks: readonly Mark[], active: Mark): ReadStrip {
  const read = readMarks(marks, active);
  const rows = strip.rows.map(({ school }): ReadRow => {
    const sizes: RowReading[] = [];
    for (const mark of read) {
      const { label, size } = readLabel(scale, school.id, mark.mm);
      if (!inRun(scale, size)) continue;
      const text = withFractions(label);
      const same = sizes.find((s) => s.label === text);
      if (same) same.mark = null;
      else sizes.push({ label: text, ...sizeInterval(scale, school.id, size), mark: read.length > 1 ? mark : null });
    }
    const own = readLabel(scale, school.id, active.mm);
    return { sizes, overMm: inRun(scale, own.size) ? own.remainderMm : null };
  });
  const size = strip.rows.length > 1 ? readLabel(scale, strip.rows[0].school.id, active.mm).size : null;
  if (size === null || !inRun(scale, size)) return { rows, apart: null };
  const places = strip.rows.map(({ school }) => sizeInterval(scale, school.id, size).mm);
  const [lowMm, highMm] = [Math.min(...places), Math.max(...places)];
  return { rows, apart: highMm - lowMm > 0.05 ? { lowMm, highMm } : null };
}

const LISTED = new Intl.ListFormat('en-GB');
const EITHER = new Intl.ListFormat('en-GB', { type: 'disjunction' });

/** The sizes a foot takes in one scale, by every school that has a row on the rule, smallest first. */
function bySchool(scale: AnyScale, mm: number): string[] {
  const read = schoolsOnRule(scale)
    .map((school) => readLabel(scale, school.id, mm))
    .filter(({ size }) => inRun(scale, size));
  return [...new Set(read.sort((p, q) => p.size - q.size).map(({ label }) => withFractions(label)))];
}

/**
 * What feet take in the scales most often asked for; where schools put a foot into different sizes each is told.
 * @param feet one, or two with the words that tell them apart
 * @returns `US women 7 or 7½, UK 5 and continental 38 left, 38½ right (by school, where two stand)`; nothing where no scale has a size for them
 */
export function takesWords(scales: readonly AnyScale[], feet: readonly { mm: number; word: string }[]): string {
  let schoolsDiffer = false;
  const told = scales
    .filter((s) => COMMON.includes(s.id))
    .map((scale) => ({ scale, read: feet.map(({ mm, word }) => ({ sizes: bySchool(scale, mm), word })).filter(({ sizes }) => sizes.length > 0) }))
    .filter(({ read }) => read.length > 0)
    .slice(0, TOLD)
    .map(({ scale, read }) => {
      schoolsDiffer ||= read.some(({ sizes }) => sizes.length > 1);
      const words = read.map(({ sizes }) => EITHER.format(sizes));
      const alike = words.every((w) => w === words[0]);
      return `${scale.name} ${alike ? words[0] : read.map(({ word }, i) => `${words[i]} ${word}`).join(', ')}`;
    });
  return `${LISTED.format(told)}${schoolsDiffer ? ' (by school, where two stand)' : ''}`;
}

/** Where a scale that has no size in view begins or ends. */
export function outOfView(scale: AnyScale, fromMm: number): { ends: boolean; mm: number } {
  const [low, high] = scale.range.map((size) => sizeInterval(scale, undefined, size).mm);
  return high < fromMm ? { ends: true, mm: high } : { ends: false, mm: low };
}
