export {
  type Cuts,
  KIND_ZONES,
  NO_AIDS,
  SHARED_TARGETS,
  type SharedZone,
  stateOf,
  ZONE,
  ZONE_AT,
  ZONE_IDS,
  ZONE_STATES,
  type ZoneId,
  ZONES,
  zoneSetFor,
  type ZoneState
} from './zones';
export {
  BETWEEN_SCHOOLS,
  type BetweenSchool,
  CLOSURE_IDS,
  type ClosureId,
  FLAG,
  FLAG_IDS,
  type FlagId,
  FLAGS,
  KIND,
  KIND_IDS,
  type KindId,
  KINDS,
  ownTarget,
  ROOM_SCHOOLS,
  ROOM_SHIFT,
  type RoomSchool,
  type ShopTargets,
  UPPER,
  UPPER_IDS,
  type UpperId,
  UPPERS
} from './tables';
export {
  BLANK_DETAILS,
  checkShoe,
  claimedFootMm,
  completeShoe,
  footAsWorn,
  heldToSize,
  MAKING_SD,
  onShelf,
  ORDINARY_WEAR,
  planOf,
  readStyleSize,
  type Shoe,
  type ShoeInput,
  shoeOf,
  sizesOf,
  sizeText,
  stockKey,
  type Style,
  type StyleDetails,
  type ToeStructure,
  type Wear,
  widthSteps,
  type WornFoot
} from './shoe';
export { clearanceAt, targetsFor, zoneState } from './judge';
export { compare, compilePair, fitOnce, placeFoot, shoeAsWorn } from './room';
export { cautionsFor } from './words';
export {
  HELP_IDS,
  type HelpId,
  helpsFor,
  MOST_PUT_IN,
  nothingIn,
  type PairPutIn,
  type PutIn,
  putInName,
  type Remedy,
  sockPutIn,
  stillGoesIn,
  wornWith
} from './helps';
export { POINTS } from './doubt';
export {
  bestOfStyle,
  byRank,
  type Candidate,
  cellOf,
  type Listed,
  onSameLast,
  rankAll,
  type Ranked,
  type RankedBefore,
  rankStock,
  type Unranked,
  type ZoneBrief
} from './rank';
export {
  type FeelId,
  FEELS,
  guessFoot,
  type KnownShoe,
  type NextMeasure,
  nextMeasures,
  type OtherShoe,
  otherShoes,
  shorterOrLonger,
  sizeGrid,
  type SizeGrid,
  sizesThere,
  splitPair,
  type SplitPair,
  type Trade
} from './ask';
export {
  checkFit,
  drawFit,
  drawSection,
  type EdgePoint,
  feetAt,
  type Fit,
  type FitDrawing,
  type FootFit,
  forecast,
  FORECAST_HOURS,
  type HeelFit,
  LATER_HOURS,
  type SectionDrawing,
  suspectsOf,
  SYMPTOM,
  type SymptomId,
  SYMPTOMS,
  type ZoneFit
} from './open';
export { ENGINE_VERSION } from './version';
