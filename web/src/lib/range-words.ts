import { formatLength, type LengthUnit } from '@chiave/core/measure';

/** Two lengths that a number lies between: one where both read alike. */
export function rangeWords(lowMm: number, highMm: number, unit: LengthUnit): string {
  const [low, high] = [formatLength(lowMm, unit), formatLength(highMm, unit)];
  return low === high ? low : `${low} to ${high}`;
}

/** A length and what it lies between; that alone where they read alike. */
export function aboutWords({ lowMm, centreMm, highMm }: Record<'lowMm' | 'centreMm' | 'highMm', number>, unit: LengthUnit): string {
  const [centre, range] = [formatLength(centreMm, unit), rangeWords(lowMm, highMm, unit)];
  return centre === range ? centre : `${centre} (${range})`;
}

/** Whether a foot slides forward so far that it reads as anything. */
export const slides = ({ highMm }: { highMm: number }, unit: LengthUnit): boolean => formatLength(highMm, unit) !== formatLength(0, unit);
