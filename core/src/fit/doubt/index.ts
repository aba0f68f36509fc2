export { blankBitset, countBits, fillBitset, listBits } from './bitset';
export { disturbFoot, disturbInside, FOOT_CAUSES, SHOE_CAUSES } from './error-model';
export { chanceOf, type Prospect, prospectOf } from './first-order';
export { keepBetween, type Noise, noNoise } from './noise';
export { POINTS, sampleOf } from './sample';
export { doubtOf } from './simulation';
export { keepStraight, type ZoneNoises, zoneNoisesOf } from './zone-noise';
