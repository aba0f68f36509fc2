export { checkShoe } from './check-shoe';
export { completeShoe, type InsideSd, type KeptMake, MAKING_SD, type Shoe, type ShoeInput, type ShoeMake } from './shoe';
export {
  claimedFootMm,
  heldToSize,
  makeOf,
  onShelf,
  readStyleSize,
  sdOf,
  shoeOf,
  sizeRead,
  sizesOf,
  sizeText,
  stockKey,
  type Style,
  widthSteps
} from './style';
export { BLANK_DETAILS, STRETCHES, type StyleDetails } from './style-details';
export { footAsWorn, ORDINARY_WEAR, planOf, type Wear, type WornFoot } from './wear';
