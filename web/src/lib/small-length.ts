import { MM_PER, trimNumber, type LengthUnit } from '@chiave/core/measure';
import { withMinus } from './true-minus';

/** A few millimetres in the unit shown, inches in hundredths: a sixteenth says too little of a sink. */
export const smallFigure = (mm: number, unit: LengthUnit): string => withMinus(trimNumber(mm / MM_PER[unit], unit === 'mm' ? 1 : 2));
export const smallLength = (mm: number, unit: LengthUnit): string => `${smallFigure(mm, unit)} ${unit}`;
