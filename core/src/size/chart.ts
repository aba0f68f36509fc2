import { inRun, readLabel } from './label';
import { PUBLISHED, type ScaleBook } from './scale-book';
import { lengthStep, schoolOf, toFootMm } from './scales';

export interface ChartColumn {
  scale: string;
  school?: string;
}
export interface Chart {
  columns: { scale: string; name: string; school: string; source: string }[];
  /** One row a step: the foot, then a label a column with its remainder; empty where a scale has ended. */
  rows: { footMm: number; cells: { label: string; remainderMm: number }[] }[];
}

/** Most rows a chart has. */
const MOST_ROWS = 200;

/**
 * Any set of scales over a range of feet.
 * @param by rows every `stepMm`, or one row a size of a scale
 * @throws RangeError when the range is empty, the chart would be endless or a scale is not in the book
 */
export function chartOf(
  columns: readonly ChartColumn[],
  fromMm: number,
  toMm: number,
  by: { stepMm: number } | ChartColumn,
  book: ScaleBook = PUBLISHED
): Chart {
  if (!(toMm > fromMm)) throw new RangeError('the range runs from a shorter to a longer foot');
  if (columns.length === 0) throw new RangeError('choose at least one scale');
  const feet = 'stepMm' in by ? everyMm(fromMm, toMm, by.stepMm) : everySize(fromMm, toMm, by, book);
  if (feet.length > MOST_ROWS) throw new RangeError(`that is ${feet.length} rows; at most ${MOST_ROWS}: take a larger step or a shorter range`);
  return {
    columns: columns.map(({ scale, school }) => ({
      scale,
      name: book.get(scale).name,
      school: schoolOf(book.get(scale), school).name,
      source: schoolOf(book.get(scale), school).source
    })),
    rows: feet.map((footMm) => ({ footMm, cells: columns.map((column) => cell(column, footMm, book)) }))
  };
}

function everyMm(fromMm: number, toMm: number, stepMm: number): number[] {
  if (!(stepMm > 0)) throw new RangeError('the step is a length above nought');
  return Array.from({ length: Math.floor((toMm - fromMm) / stepMm + 1e-9) + 1 }, (_, i) => fromMm + i * stepMm);
}

function everySize(fromMm: number, toMm: number, { scale: id, school }: ChartColumn, book: ScaleBook): number[] {
  const scale = book.get(id);
  const own = schoolOf(scale, school);
  const step = lengthStep(scale);
  const feet: number[] = [];
  for (let size = scale.range[0]; size <= scale.range[1] + 1e-9; size += step) {
    const mm = toFootMm(own, size);
    if (mm >= fromMm - 1e-9 && mm <= toMm + 1e-9) feet.push(mm);
  }
  return feet;
}

function cell({ scale: id, school }: ChartColumn, footMm: number, book: ScaleBook): { label: string; remainderMm: number } {
  const scale = book.get(id);
  const read = readLabel(scale, school, footMm);
  return inRun(scale, read.size) ? { label: read.label, remainderMm: read.remainderMm } : { label: '', remainderMm: 0 };
}
