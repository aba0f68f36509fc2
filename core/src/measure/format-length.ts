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

/**
 * A length in the unit shown, with the unit.
 * @example formatLength(247.65, 'in') // '9 3/4 in'
 */
export function formatLength(mm: number, unit: LengthUnit): string {
  if (unit === 'in') return `${inchesAsFraction(mm)} in`;
  return `${trimNumber(mm / MM_PER[unit], DECIMALS[unit])} ${unit}`;
}

/** A signed length in the unit shown, without the unit: `+3.2`, `−0.1`; inches in hundredths. */
export function formatSigned(mm: number, unit: LengthUnit): string {
  const text = trimNumber(Math.abs(mm) / MM_PER[unit], unit === 'mm' ? 1 : 2);
  return text === '0' ? '0' : `${mm > 0 ? '+' : '−'}${text}`;
}

/** A signed difference: `+3.2 mm`, `−1 mm`, `0 mm`. */
export function formatDifference(mm: number): string {
  const text = trimNumber(Math.abs(mm));
  if (text === '0') return '0 mm';
  return `${mm > 0 ? '+' : '−'}${text} mm`;
}
