import { PUBLISHED, type ScaleBook } from './scale-book';
import { schoolOf, type AnyScale } from './scales';

/** One measured insole: its size on the box, its length and, where taken, its widths, mm. */
export interface InsoleRow {
  size: number;
  lengthMm: number;
  ballMm?: number;
  narrowMm?: number;
}

/** A hand-traced insole errs by about this much, mm (common practice: 1 mm or worse). */
export const HAND_ERROR_MM = 1;
/** A row this far off the line is asked about: more than hand error explains. */
const FLAG_MM = 1.2;
/** Insoles stand this far under the last they belong to, mm [estimate; hand-traced British-scale insoles ran 4 to 7 under]. */
export const INSOLE_UNDER_LAST_MM = 5.5;

export interface InsoleFit {
  stepMm: number;
  /** Length at size nought on the fitted line, mm. */
  startMm: number;
  /** Mean step, last less first over the sizes between, mm. */
  meanStepMm: number;
  sdMm: number;
  rows: { row: InsoleRow; fittedMm: number; residualMm: number; flags: InsoleFlag[] }[];
  /** Against the scale it claims: step, and where the last would stand, in sizes longer (+) than the label. */
  claimed: { scale: string; stepMm: number; stepDifferenceMm: number; habitSizes: number; habitSdSizes: number } | null;
}

/**
 * Fits a straight line (least squares) to measured insoles, flags rows off by more than hand error and widths that do not
 * grow, and compares with the scale on the box.
 * @throws RangeError with fewer than three sizes
 * @example fitInsoles(rows, 'uk').stepMm // 8.65
 */
export function fitInsoles(rows: readonly InsoleRow[], claims: string | null, book: ScaleBook = PUBLISHED): InsoleFit {
  const sorted = [...rows].sort((p, q) => p.size - q.size);
  if (new Set(sorted.map((r) => r.size)).size < 3) throw new RangeError('a line needs at least three different sizes');
  const n = sorted.length;
  const meanSize = sorted.reduce((s, r) => s + r.size, 0) / n;
  const meanLength = sorted.reduce((s, r) => s + r.lengthMm, 0) / n;
  const sxx = sorted.reduce((s, r) => s + (r.size - meanSize) ** 2, 0);
  const sxy = sorted.reduce((s, r) => s + (r.size - meanSize) * (r.lengthMm - meanLength), 0);
  const stepMm = sxy / sxx;
  const startMm = meanLength - stepMm * meanSize;
  const fitted = sorted.map((row, i) => {
    const fittedMm = startMm + stepMm * row.size;
    const residualMm = row.lengthMm - fittedMm;
    return { row, fittedMm, residualMm, flags: flagsOf(sorted, i, residualMm) };
  });
  const sdMm = Math.sqrt(fitted.reduce((s, f) => s + f.residualMm ** 2, 0) / Math.max(1, n - 2));
  const meanStepMm = (sorted[n - 1].lengthMm - sorted[0].lengthMm) / (sorted[n - 1].size - sorted[0].size);
  return { stepMm, startMm, meanStepMm, sdMm, rows: fitted, claimed: claims ? against(book.get(claims), sorted, stepMm, sdMm) : null };
}

/** What is odd about a row of insoles, beside the size before it. A width that does not grow is only told; the others call for a second look. */
export type InsoleFlag =
  | { code: 'off-the-line'; byMm: number }
  | { code: 'not-longer'; before: number }
  | { code: 'narrower' | 'as-wide'; part: 'ball' | 'narrow part'; before: number };
export const callsForALook = ({ code }: InsoleFlag): boolean => code !== 'as-wide';

/** English words for what is odd about a row. */
export function insoleFlagWords(flag: InsoleFlag): string {
  switch (flag.code) {
    case 'off-the-line':
      return `length ${flag.byMm > 0 ? 'over' : 'under'} the line by ${Math.abs(flag.byMm).toFixed(1)} mm: measure again`;
    case 'not-longer':
      return `not longer than size ${flag.before}`;
    case 'narrower':
      return `${flag.part} narrower than in size ${flag.before}`;
    case 'as-wide':
      return `${flag.part} as in size ${flag.before}`;
  }
}

function flagsOf(rows: readonly InsoleRow[], i: number, residualMm: number): InsoleFlag[] {
  const flags: InsoleFlag[] = [];
  if (Math.abs(residualMm) > FLAG_MM) flags.push({ code: 'off-the-line', byMm: residualMm });
  const before = rows[i - 1];
  if (!before) return flags;
  if (rows[i].lengthMm <= before.lengthMm) flags.push({ code: 'not-longer', before: before.size });
  for (const [key, part] of [
    ['ballMm', 'ball'],
    ['narrowMm', 'narrow part']
  ] as const) {
    const [now, then] = [rows[i][key], before[key]];
    if (now === undefined || then === undefined || now > then) continue;
    flags.push({ code: now < then ? 'narrower' : 'as-wide', part, before: before.size });
  }
  return flags;
}

function against(scale: AnyScale, rows: readonly InsoleRow[], stepMm: number, sdMm: number): InsoleFit['claimed'] {
  const school = schoolOf(scale);
  // The last a label means: the foot's length and the allowance the scale itself gives; a foot scale's last stands two thirds of an inch over.
  const over = school.basis === 'last' ? 0 : (2 / 3) * 25.4;
  const offsets = rows.map((r) => (r.lengthMm + INSOLE_UNDER_LAST_MM - (school.zeroMm + r.size * school.unitMm + over)) / school.unitMm);
  const habitSizes = offsets.reduce((s, o) => s + o, 0) / offsets.length;
  return {
    scale: scale.id,
    stepMm: school.unitMm,
    stepDifferenceMm: stepMm - school.unitMm,
    habitSizes,
    habitSdSizes: Math.hypot(sdMm / Math.sqrt(rows.length), 1.5) / school.unitMm
  };
}

/** Reads rows as typed or pasted: `size, length, ball, narrow` with cm or mm by magnitude; each broken row says why. */
export function readInsoleRows(cells: readonly (readonly string[])[]): { rows: InsoleRow[]; problems: { line: number; message: string }[] } {
  const rows: InsoleRow[] = [];
  const problems: { line: number; message: string }[] = [];
  cells.forEach((line, i) => {
    const text = line.map((c) => c.trim().replace(',', '.'));
    if (text.every((c) => c === '')) return;
    if (i === 0 && text.every((c) => c !== '' && Number.isNaN(Number(c)))) return;
    const [size, length, ball, narrow] = text.map((c) => (c === '' ? undefined : Number(c)));
    const asMm = (v: number | undefined): number | undefined => (v === undefined ? undefined : v < 45 ? v * 10 : v);
    const lengthMm = asMm(length);
    if (size === undefined || Number.isNaN(size)) problems.push({ line: i + 1, message: `“${line[0] ?? ''}” is not a size.` });
    else if (lengthMm === undefined || Number.isNaN(lengthMm)) problems.push({ line: i + 1, message: `“${line[1] ?? ''}” is not a length.` });
    else if (lengthMm < 80 || lengthMm > 450) problems.push({ line: i + 1, message: `An insole of ${lengthMm} mm cannot be: 80 to 450 mm are taken.` });
    else if (text.slice(2, 4).some((c) => Number.isNaN(Number(c)))) problems.push({ line: i + 1, message: 'A width is not a number.' });
    // A width is never as short as 4.5 cm is long: under 20 it was typed in centimetres.
    else rows.push({ size, lengthMm, ballMm: widthMm(ball), narrowMm: widthMm(narrow) });
  });
  return { rows, problems };
}
const widthMm = (v: number | undefined): number | undefined => (v === undefined ? undefined : v < 20 ? v * 10 : v);
