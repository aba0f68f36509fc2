export { agreementOf, biasByHand, correctionOf, MOST_BIAS_MM, ownSdOf, type Agreement, type Correction, type Difference } from './agreement';
export { CALLS_AT, driftOf, type Drift } from './drift';
export { comparisonsOf, repeatsOf, type Comparison, type InstrumentReading } from './pairs';
