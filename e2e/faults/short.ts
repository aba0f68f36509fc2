/** The suite runs short within `npm test` and long by `npm test -- faults`. */
export const LONG = process.env.FAULTS === 'long';
export const often = (long: number, short: number): number => (LONG ? long : short);
