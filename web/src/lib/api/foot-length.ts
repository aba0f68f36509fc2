import { ACCEPTED_LENGTH_MM } from '@chiave/core/measure';
import { z } from 'zod';

const [shortest, longest] = ACCEPTED_LENGTH_MM;

/** A foot length as any body takes it, mm. @param said how its message begins: `feet from 80 to 400 mm` */
export function footLength(said = 'feet from') {
  const message = `${said} ${shortest} to ${longest} mm`;
  return z.number(message).min(shortest, message).max(longest, message);
}

/** True for a length that a foot may have, mm. */
export const isFootLength = (mm: number): boolean => mm >= shortest && mm <= longest;
