import { FLAG } from '@chiave/core/fit';
import type { FittingState } from '../fit-feet';

/** Only what the fit engine needs of a fitting: no names, no notes. */
export const forWorker = (fitting: FittingState): FittingState => {
  const { sockMm, insertMm, preference, measuredAt, wornAt, breakIn, population, feet } = fitting;
  const { measuredLoad, measuredSockMm, measuredWarm, wornWarm, weightKg, feetWeightKg, stateOff } = fitting;
  return {
    openedAt: fitting.openedAt,
    sockMm,
    insertMm,
    preference,
    measuredAt,
    wornAt,
    breakIn,
    roomSchool: fitting.roomSchool,
    betweenSchool: fitting.betweenSchool,
    shopTargets: fitting.shopTargets && { kinds: { ...fitting.shopTargets.kinds }, shared: { ...fitting.shopTargets.shared } },
    population,
    feet,
    measuredLoad,
    measuredSockMm,
    measuredWarm,
    wornWarm,
    weightKg,
    feetWeightKg,
    stateOff,
    shopInstruments: fitting.shopInstruments,
    outlines: fitting.outlines,
    // Of what was told only what changes the foot: swelling and pregnancy.
    customer: { born: fitting.customer.born, flags: fitting.customer.flags.filter((f) => FLAG[f]?.swells) }
  };
};
