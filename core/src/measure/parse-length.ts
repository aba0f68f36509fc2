/**
 * Lengths as people say them: `9 3/4 in`, `24,8 cm`, `248`, `9.75"`.
 * What was typed is parsed and echoed, never silently changed.
 */

export type LengthUnit = 'mm' | 'cm' | 'in';

/** Millimetres in one unit. The inch is 25.4 mm exactly (international yard agreement, 1959). */
export const MM_PER: Readonly<Record<LengthUnit, number>> = { mm: 1, cm: 10, in: 25.4 };

export interface ParsedLength {
  ok: true;
  mm: number;
  unit: LengthUnit;
  /** False when no unit was typed and the default was taken. */
  unitTyped: boolean;
}
export interface UnreadableLength {
  ok: false;
  message: string;
}

const UNIT_WORDS: Readonly<Record<string, LengthUnit>> = {
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '”': 'in',
  '″': 'in',
  "''": 'in'
};

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8'
};

/** What most people type. */
const PLAIN = /^\d+(?:\.\d+)?$/;

/**
 * Reads a plain or mixed number: `9`, `9.75`, `9,75`, `9 3/4`, `9¾`, `3/4`, `7-1/2`.
 * @returns the number, or null when the text is not one.
 */
export function parseMixedNumber(text: string): number | null {
  let t = text.trim();
  if (PLAIN.test(t)) return Number(t);
  for (const [glyph, fraction] of Object.entries(VULGAR)) t = t.replace(glyph, ` ${fraction}`);
  // A minus sign as we write it ourselves is read too.
  t = t.trim().replace('−', '-').replace(/\s+/g, ' ');
  const mixed = /^(-?\d+)[ -](\d+)\/(\d+)$/.exec(t);
  if (mixed) {
    const denominator = Number(mixed[3]);
    if (denominator === 0) return null;
    const whole = Number(mixed[1]);
    const part = Number(mixed[2]) / denominator;
    return whole < 0 ? whole - part : whole + part;
  }
  const fraction = /^(\d+)\/(\d+)$/.exec(t);
  if (fraction) return Number(fraction[2]) === 0 ? null : Number(fraction[1]) / Number(fraction[2]);
  if (/^-?(\d+([.,]\d*)?|[.,]\d+)$/.test(t)) return Number(t.replace(',', '.'));
  return null;
}

/**
 * Reads a length in the unit typed, or in `defaultUnit` when none was.
 * @param text what was typed
 * @param defaultUnit unit of a bare number
 * @returns millimetres and the unit understood, or a message that says how to write it
 * @example parseLength('9 3/4 in', 'mm') // { ok: true, mm: 247.65, unit: 'in', unitTyped: true }
 */
export function parseLength(text: string, defaultUnit: LengthUnit): ParsedLength | UnreadableLength {
  const match = /^(.*?)\s*(mm|millimetres?|cm|centimetres?|inches|inch|in|"|”|″|'')?\.?$/i.exec(text.trim());
  const number = match ? parseMixedNumber(match[1]) : null;
  if (!match || number === null) {
    return {
      ok: false,
      message: `“${text.trim()}” is not a length. Write it as 243, 24.3 cm or 9 1/2 in.`
    };
  }
  const word = match[2]?.toLowerCase();
  const unit = word ? UNIT_WORDS[word] : defaultUnit;
  return { ok: true, mm: number * MM_PER[unit], unit, unitTyped: Boolean(word) };
}

/**
 * The lengths the same figures would be in the other units, where they fall inside a range.
 * Used to offer (“did you mean 9.75 in?”), never to change.
 * @param lowMm,highMm the range in which a reading would be believable, mm
 */
export function otherReadings(text: string, understood: LengthUnit, lowMm: number, highMm: number): { unit: LengthUnit; mm: number }[] {
  const bare = text.trim().replace(/\s*(mm|cm|inches|inch|in|"|”|″|'')\.?$/i, '');
  const number = parseMixedNumber(bare);
  if (number === null) return [];
  return (Object.keys(MM_PER) as LengthUnit[])
    .filter((unit) => unit !== understood)
    .map((unit) => ({ unit, mm: number * MM_PER[unit] }))
    .filter(({ mm }) => mm >= lowMm && mm <= highMm);
}
