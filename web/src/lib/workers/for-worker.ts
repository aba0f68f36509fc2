import type { FittingState } from '../fit-feet';

/** Only what the fit engine needs of a fitting: no names, no notes. */
export const forWorker = ({ sockMm, insertMm, preference, measuredAt, wornAt, breakIn, population, feet, customer }: FittingState): FittingState => ({
  sockMm,
  insertMm,
  preference,
  measuredAt,
  wornAt,
  breakIn,
  population,
  feet,
  customer: { born: customer.born }
});
