import { trimNumber } from '@chiave/core/measure';

/** A difference with its sign, as `+0.5` or `−1`; nought without one. */
export const signedSizes = (n: number, digits = 2): string => `${n > 0 ? '+' : n < 0 ? '−' : ''}${trimNumber(Math.abs(n), digits)}`;
