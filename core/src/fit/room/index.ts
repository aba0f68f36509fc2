export { atBest, type AtBest, blankBest, mostLengthMargin, mostLengthRoom, mostUsableRoom, plainPlanInto } from './bound';
export { type Clearances, clearancesOf, compare, type CompiledPair, compilePair, fitOnce, insideWorn, outlineOffset, shapeOf, stand } from './clearances';
export { type Edge, emptyEdge, readEdge } from './edge';
export {
  blankZones,
  forwardMm,
  frontZones,
  GRIP,
  INSERT_GIRTH,
  insideRoom,
  plainZones,
  shoeAsWorn,
  springStays,
  type ShoeAsWorn,
  TONGUE_PAD_GIRTH,
  underBallMm
} from './plain-zones';
export { depthPerToe } from './toe-depth';
export { BALL, leastUsableRoom, placeFoot, type Placement, placeNear, roomPerToe } from './toe-room';
