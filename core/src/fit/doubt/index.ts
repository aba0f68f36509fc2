export { POINTS, sampleOf, type Sample } from './sample';
export { disturbFoot, disturbInside, FOOT_CAUSES, SHOE_CAUSES } from './error-model';
export { blankBitset, countBits, fillBitset, listBits, type Bitset } from './bitset';
export { keepBetween, noNoise, type Noise } from './noise';
export { keepStraight, zoneNoisesOf, type ZoneNoises } from './zone-noise';
export { chanceOf, prospectOf, type Prospect } from './first-order';
export { doubtOf, type Doubt } from './simulation';
export { normalPoints, normalQuantile } from './normal';
