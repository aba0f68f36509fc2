import { extraProblem, isExtraId, takenUnit } from './extras';
import { parseLength, parseMixedNumber, type LengthUnit } from './parse-length';
import { readMeasure, type Finding } from './plausible';
import type { TakenId } from './readings';

/** What a text says of a measure, or why it cannot be taken. */
export interface ReadText {
  mm: number | null;
  findings: Finding[];
}

/** The figure a text says, mm, degrees or times, whatever it may be of; null where it says none. */
export function figureOf(id: TakenId, text: string, unit: LengthUnit): number | null {
  if (!takenUnit(id).isLength) return parseMixedNumber(text.replace(/\s*(°|×|times)$/, ''));
  const parsed = parseLength(text, unit);
  return parsed.ok ? parsed.mm : null;
}

/**
 * Reads what was typed into the field of a measure.
 * @param unit unit of a bare number
 * @param lengthMm length of the same foot, when known
 */
export function readTaken(id: TakenId, text: string, unit: LengthUnit, lengthMm?: number): ReadText {
  if (!isExtraId(id)) return readMeasure(id, text, unit, lengthMm);
  const value = figureOf(id, text, unit);
  const refuse = (message: string): ReadText => ({ mm: null, findings: [{ code: 'impossible', field: id, level: 'refuse', message }] });
  if (value === null) {
    const parsed = parseLength(text, unit);
    const { isLength, ask } = takenUnit(id);
    return refuse(!isLength || parsed.ok ? `“${text}” is not ${ask}.` : parsed.message);
  }
  const problem = extraProblem(id, value);
  return problem ? refuse(problem) : { mm: value, findings: [] };
}

/** A text and a figure further apart than this say different things, mm or degrees: half a tenth, and what sums of fractions lose. */
const SAME_WITHIN = 0.051;

/**
 * Why a figure is not what its text says, or ''. A value without text has nothing to differ from.
 * @example typedProblem('lengthMm', 248, '24.8 cm') // ''
 */
export function typedProblem(id: TakenId, mm: number, typed: string): string {
  if (typed.trim() === '') return '';
  const said = figureOf(id, typed, 'mm');
  if (said === null) return `“${typed}” is not a figure: send what was typed, or leave it out.`;
  return Math.abs(said - mm) <= SAME_WITHIN ? '' : `“${typed}” is ${Number(said.toFixed(2))}, and ${Number(mm.toFixed(2))} was sent: they must say the same.`;
}
