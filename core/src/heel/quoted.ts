import { MM_PER } from '../measure';

/** A height quoted in two units, as makers do. */
export interface QuotedPair {
  mm: number;
  inches: number;
  /** How far apart the two are, mm. */
  offMm: number;
}
/** A quoted pair may be off by its rounding, mm. */
export const QUOTED_LIMIT_MM = 3;
const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const PAIR = new RegExp(String.raw`${NUMBER}\s*(mm|cm)\b.*?${NUMBER}(?:\s*|-)(?:in\b|inch(?:es)?\b|["”″])`, 'i');

/** Reads `70 mm, 3.5 in` and tells how far apart the two are; none where no pair is quoted. */
export function quotedPair(text: string): QuotedPair | null {
  const found = PAIR.exec(text);
  if (!found) return null;
  const number = (digits: string): number => Number(digits.replace(',', '.'));
  const mm = number(found[1]) * (found[2].toLowerCase() === 'cm' ? 10 : 1);
  const inches = number(found[3]);
  return { mm, inches, offMm: Math.abs(mm - inches * MM_PER.in) };
}
/** True where the two units cannot mean one height. */
export const isSlip = (pair: QuotedPair): boolean => pair.offMm > QUOTED_LIMIT_MM;
/** What is said of a text that quotes a height in two units that cannot both be; none of any other. */
export function slipWords(text: string): string | null {
  const pair = quotedPair(text);
  if (!pair || !isSlip(pair)) return null;
  const { mm, inches, offMm } = pair;
  return `${mm} mm and ${inches} in are ${offMm.toFixed(1)} mm apart: ${inches} in is ${(inches * MM_PER.in).toFixed(0)} mm. Measure it, or type the one that is right`;
}
