export { type FeelId, FEELS, feltIn } from './between';
export { sizeGrid, type SizeGrid } from './grid';
export { type NextMeasure, nextMeasures } from './next-measure';
export { type OtherShoe, otherShoes } from './other-shoes';
export { shorterOrLonger, splitPair, type SplitPair, type Trade } from './trade';
