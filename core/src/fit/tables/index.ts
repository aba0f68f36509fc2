export { CLOSURE, CLOSURE_IDS, type ClosureId } from './closures';
export { FLAG, FLAG_IDS, type FlagId, FLAGS, stateOfFlags } from './flags';
export { KIND, KIND_IDS, type KindId, KINDS } from './kinds';
export {
  BETWEEN_SCHOOLS,
  BETWEEN_SHIFT,
  type BetweenSchool,
  BREAK_INS,
  type BreakIn,
  type Preference,
  PREFERENCE_SHIFT,
  PREFERENCES,
  ROOM_SCHOOLS,
  ROOM_SHIFT,
  type RoomSchool,
  SCHOOLS
} from './schools';
export { CHILD_UNDER_AGE, ownTarget, type ShopTargets } from './shop-targets';
export { girthGrowthMm, UPPER, UPPER_IDS, type UpperId, UPPERS } from './uppers';
