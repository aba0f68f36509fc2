export { clearanceAt, targetsFor, zonesOf, type Targets } from './targets';
export { allWithin, distanceOf, leastMargin, limitsOf, marginAt, type Limits } from './limits';
export { judge, scoreOf, zoneState, type Judgement, type Verdict } from './judge';
