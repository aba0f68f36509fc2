import { bootFootMm, bootFromFoot, bootFromNumber, bootLabel, bootParts, bootRuleGroup, numberFromBoot } from './boot-rule';
import { formatSize, inRun, readLabel, roundToStep, sizeInterval } from './label';
import { PUBLISHED, cutWith, type ScaleBook } from './scale-book';
import { SCALE, fromFootMm, lengthSize, namedSchools, schoolOf, toFootMm, type AnyScale, type ScaleId, type School } from './scales';

export interface SizeReading {
  scale: string;
  school: string;
  footMm: number;
  /** Null where a rule, not a length, gives the size. */
  exact: number | null;
  size: string;
  remainderMm: number;
  source: string;
  /** Only where a half is a width: whether it is the next width at the same length. */
  wider?: boolean;
  /** Only in the boot scale: what the foot's length alone would say. */
  byLength?: { exact: number; size: string };
  /** Said when the number falls outside the scale's usual range. */
  outsideRange?: string;
}

export interface Disagreement {
  scale: string;
  schools: string[];
  spreadMm: number;
  spreadSizes: number;
  why: string;
}

export interface Conversion {
  school: string | null;
  footLength: { mm: number; lowMm: number; highMm: number };
  readings: SizeReading[];
  disagreements: Disagreement[];
}

/**
 * A label in one scale, read in others: one reading for every school that the source or the target knows.
 * The label is understood by that school (or the source's default) and written in the target by that school (or its default).
 * @param from scale, size as a number, school (the scale's default when left out)
 * @param to target scales
 * @param book scales that may be named
 * @throws RangeError when the size is outside anything the scale could mean, or a scale is not in the book
 * @example convertLabel({ scale: 'us-w', size: 7.5, school: 'label' }, ['us-m']).readings[0].size // '6'
 */
export function convertLabel(from: { scale: string; size: number; school?: string }, to: readonly string[], book: ScaleBook = PUBLISHED): Conversion {
  const source = book.get(from.scale);
  const school = schoolOf(source, from.school);
  const footLength = sizeInterval(cutWith(source, from.size) ?? source, school.id, from.size);
  if (!(footLength.mm >= 60 && footLength.mm <= 420)) {
    throw new RangeError(
      `${source.name} ${formatSize(from.size, source.step)} would be a foot of ${footLength.mm.toFixed(0)} mm; ${source.name} runs from ${source.range[0]} to ${source.range[1]}`
    );
  }
  const readings: SizeReading[] = [];
  const disagreements: Disagreement[] = [];
  for (const id of to) {
    const row = rowOf(source, from.size, school.id, book.get(id));
    for (const reading of row.readings) readings.push(reading);
    if (row.disagreement) disagreements.push(row.disagreement);
  }
  return { school: school.id, footLength, readings, disagreements };
}

/**
 * The size alone of a label in one other scale, by the label's own school where that is known there: a hundred thousand of them need no more.
 * @param school of the source; the scale's default when left out
 */
export const sizeIn = (source: AnyScale, size: number, school: string | undefined, target: AnyScale): string =>
  rowOf(source, size, schoolOf(source, school).id, target).own;

/** One label in one other scale. */
interface Row {
  readings: readonly Readonly<SizeReading>[];
  disagreement: Disagreement | null;
  /** The size by the label's own school. */
  own: string;
}
/** Tables from one scale into another, by the label's school and its size. */
const tables = new WeakMap<AnyScale, WeakMap<AnyScale, Map<string, Map<number, Row>>>>();

/** A row of the table of one scale in another. Rows of sizes that are made are kept; there are some hundred. */
function rowOf(source: AnyScale, size: number, school: string, target: AnyScale): Row {
  let into = tables.get(source);
  if (!into) tables.set(source, (into = new WeakMap()));
  let bySchool = into.get(target);
  if (!bySchool) into.set(target, (bySchool = new Map()));
  let table = bySchool.get(school);
  if (!table) bySchool.set(school, (table = new Map()));
  const found = table.get(size);
  if (found) return found;
  const ways = waysBetween(source, target, school);
  const readings = ways.map((way) => Object.freeze(readBy(way, size)));
  const own =
    readings[
      Math.max(
        0,
        ways.findIndex((w) => w.school === school)
      )
    ].size;
  const row: Row = { readings, disagreement: disagreementOf(target, readings), own };
  if (inRun(source, size) && cutWith(source, size)) table.set(size, row);
  return row;
}

/**
 * A foot length read in several scales: one reading for each school of each target.
 * @param foot length and its deviation, mm
 * @param to target scales
 */
export function convertFoot(foot: { lengthMm: number; sdMm?: number }, to: readonly string[], book: ScaleBook = PUBLISHED): Conversion {
  const sd = foot.sdMm ?? 0;
  const readings: SizeReading[] = [];
  const disagreements: Disagreement[] = [];
  for (const id of to) {
    const target = book.get(id);
    const own = target.schools.map((school) => writeIn(target, school.id, foot.lengthMm));
    readings.push(...own);
    const disagreement = target.rule ? null : disagreementOf(target, own);
    if (disagreement) disagreements.push(disagreement);
  }
  return { school: null, footLength: { mm: foot.lengthMm, lowMm: foot.lengthMm - sd, highMm: foot.lengthMm + sd }, readings, disagreements };
}

/** How a label of one scale is read in another by one school. */
interface Way {
  source: AnyScale;
  target: AnyScale;
  school: string;
  /** The source's school and the target's of that name, or their defaults. */
  by: School;
  into: School;
  /** Whose rule turns the number on the box into a boot or back; null where the length decides. */
  rule: 'to-boot' | 'from-boot' | 'between-boots' | null;
  group: ReturnType<typeof bootRuleGroup>;
}

/** The ways from one scale into another: by every school that either of them leaves a choice of, the label's own first. */
function waysBetween(source: AnyScale, target: AnyScale, schoolId: string): Way[] {
  const schools = union(
    [schoolId].filter((s) => namedSchools(source).includes(s)),
    namedSchools(source),
    namedSchools(target)
  );
  const group = bootRuleGroup(target.rule ? source : target);
  const rule = source.rule && target.rule ? 'between-boots' : !group ? null : target.rule ? 'to-boot' : source.rule ? 'from-boot' : null;
  return (schools.length > 0 ? schools : ['standard']).map((school): Way => ({
    source,
    target,
    school,
    by: schoolOf(source, school),
    into: schoolOf(target, school),
    rule,
    group
  }));
}

function readBy(way: Way, size: number): SizeReading {
  const { source, target, school, by, into, rule, group } = way;
  if (rule === 'to-boot') {
    const boot = bootFromNumber(group!, size, school);
    const footMm = toFootMm(by, size);
    const length = bootFromFoot(footMm);
    return {
      scale: target.id,
      school,
      footMm,
      exact: null,
      size: bootLabel(boot),
      wider: boot.wider,
      remainderMm: footMm - bootFootMm(boot),
      byLength: { exact: length.exact, size: bootLabel(length) },
      source: into.source,
      ...rangeNote(target, boot.whole)
    };
  }
  if (rule === 'from-boot') {
    const number = numberFromBoot(group!, bootParts(size), school);
    const footMm = bootFootMm(bootParts(size));
    const rounded = roundToStep(number, target.step);
    return {
      scale: target.id,
      school,
      footMm,
      exact: null,
      size: formatSize(rounded, target.step),
      remainderMm: footMm - toFootMm(into, rounded),
      source: by.source,
      ...rangeNote(target, rounded)
    };
  }
  // A boot's half is a width: its length is that of the whole.
  const footMm = toFootMm(by, lengthSize(source, size));
  if (rule === 'between-boots') {
    const reading = writeIn(target, school, footMm);
    return { ...reading, size: bootLabel(bootParts(size)), wider: bootParts(size).wider, remainderMm: 0 };
  }
  return { ...writeIn(target, school, footMm), school };
}

function writeIn(target: AnyScale, schoolId: string, footMm: number): SizeReading {
  const school = schoolOf(target, schoolId);
  if (target.rule) {
    const boot = bootFromFoot(footMm);
    return {
      scale: target.id,
      school: school.id,
      footMm,
      exact: boot.exact,
      size: bootLabel(boot),
      wider: false,
      remainderMm: footMm - bootFootMm(boot),
      byLength: { exact: boot.exact, size: bootLabel(boot) },
      source: school.source,
      ...rangeNote(target, boot.whole)
    };
  }
  const { exact, size, label, remainderMm } = readLabel(target, school.id, footMm);
  return {
    scale: target.id,
    school: school.id,
    footMm,
    exact,
    size: label,
    remainderMm,
    source: school.source,
    ...(target.halfIsWidth ? { wider: false } : {}),
    ...rangeNote(target, size)
  };
}

function rangeNote(scale: AnyScale, size: number): { outsideRange?: string } {
  return inRun(scale, size) ? {} : { outsideRange: `${scale.name} is made from ${scale.range[0]} to ${scale.range[1]}` };
}

function disagreementOf(target: AnyScale, readings: readonly SizeReading[]): Disagreement | null {
  const lengths = readings.map((r) => r.footMm);
  const numbers = readings.flatMap((r) => [
    r.exact ?? Number(r.size),
    // In the boot scale the rule is also held against the foot's own length.
    ...(r.exact === null && r.byLength ? [r.byLength.exact] : [])
  ]);
  const spreadMm = Math.max(...lengths) - Math.min(...lengths);
  const spreadSizes = Math.max(...numbers) - Math.min(...numbers);
  if (spreadSizes < 1e-6 && spreadMm < 1e-6) return null;
  return { scale: target.id, schools: readings.map((r) => r.school), spreadMm, spreadSizes, why: target.disagree ?? WHY_DEFAULT };
}

const WHY_DEFAULT = 'the schools put size nought, or the room a last has over the foot, at different lengths';
function union(...lists: (readonly string[])[]): string[] {
  return [...new Set(lists.flat())];
}

/** Exact size of a foot in a scale's default or named school; a short door for the rule's strips. */
export const exactSize = (scale: ScaleId, footMm: number, school?: string): number => fromFootMm(schoolOf(SCALE[scale], school), footMm);
