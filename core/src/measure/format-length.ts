import { MM_PER, type LengthUnit } from './parse-length';

const DECIMALS: Readonly<Record<LengthUnit, number>> = { mm: 1, cm: 2, in: 2 };

/** A number without needless zeros: 248 not 248.0, -0 never. */
export function trimNumber(value: number, decimals = 1): string {
  const text = value.toFixed(decimals);
  const short = text.includes('.') ? text.replace(/\.?0+$/, '') : text;
  return short === '-0' ? '0' : short;
}

/** Inches to the nearest sixteenth, as a tape reads: `9 3/4`. */
export function inchesAsFraction(mm: number): string {
  const sixteenths = Math.round((mm / 25.4) * 16);
  const whole = Math.trunc(sixteenths / 16);
  let top = Math.abs(sixteenths - whole * 16);
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return `${whole}`;
  return whole === 0 ? `${sixteenths < 0 ? '-' : ''}${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}

/** A length in the unit shown, without the unit: `248`, `24.8`, `9 3/4`. */
export const formatFigure = (mm: number, unit: LengthUnit): string => (unit === 'in' ? inchesAsFraction(mm) : trimNumber(mm / MM_PER[unit], DECIMALS[unit]));

/**
 * A length in the unit shown, with the unit.
 * @example formatLength(247.65, 'in') // '9 3/4 in'
 */
export function formatLength(mm: number, unit: LengthUnit): string {
  return `${formatFigure(mm, unit)} ${unit}`;
}

/** A number with its sign: `+3.2`, `−0.1`; `0` for what rounds to it. */
export function signedNumber(n: number, digits = 1): string {
  const text = trimNumber(Math.abs(n), digits);
  return text === '0' ? '0' : `${n > 0 ? '+' : '−'}${text}`;
}

/** A signed length in the unit shown, without the unit: `+3.2`, `−0.1`; inches in hundredths. */
export const formatSigned = (mm: number, unit: LengthUnit): string => signedNumber(mm / MM_PER[unit], unit === 'mm' ? 1 : 2);

/** The same for a column, where decimals stand under each other: `+3.0`, `−0.1`, `0.0`. */
export function formatSignedFixed(mm: number, unit: LengthUnit): string {
  const digits = unit === 'mm' ? 1 : 2;
  const text = Math.abs(mm / MM_PER[unit]).toFixed(digits);
  return Number(text) === 0 ? text : `${mm > 0 ? '+' : '−'}${text}`;
}

/** A signed difference: `+3.2 mm`, `−1 mm`, `0 mm`. */
export const formatDifference = (mm: number): string => `${signedNumber(mm)} mm`;
