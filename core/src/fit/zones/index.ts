export { cuts, type Cuts, FLEX_STATES, type FlexState, levelOf, middleOf, moved, stateOf, ZONE_STATES, type ZoneState } from './cuts';
export { type Aids, type Allowances, BLANK_PLAN, type FootDims, NO_AIDS, type PlainPlan } from './given';
export { KIND_ZONES, type KindZone, SHARED_TARGETS, type SharedZone, ZONE, ZONE_IDS, type ZoneId, ZONES } from './registry';
export { type CommonZone, MOST_ZONES, type OwnZone, ZONE_AT, type ZoneSet, zoneSetFor, zoneSetOf } from './set';
export { type Sum, type SumCode, type SumHead } from './sum';
export { bigToeDepth, deepToes, depthOver, littleToeDepth, springTakesMm } from './toe-box-depth';
export { throatLine } from './vamp';
export { type KindTraits } from './zone';
export { ZONE_PARTS, type ZonePart } from './zone';
