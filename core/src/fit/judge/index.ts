export { judge, type Judgement, scoreOf, type Verdict, VERDICTS, zoneState } from './judge';
export { allWithin, distanceOf, leastMargin, type Limits, limitsOf, marginAt } from './limits';
export { clearanceAt, type Targets, targetsFor, zonesOf } from './targets';
