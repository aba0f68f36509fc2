import { completeShoe, KIND, middleOf, UPPER, type KindId, type Shoe, type Wear } from '../fit';
import { TOE_FAMILY } from '../last';
import { cutWith, formatSize, lengthSize, lengthStep, schoolOf, toFootMm, type ScaleBook } from '../size';

/** What a label says: the foot it is for, the step of its sizes, mm, and its name. */
export interface LabelSays {
  footMm: number;
  stepMm: number;
  name: string;
}
/** @throws RangeError for a scale that is not in the book */
export function labelSays(book: ScaleBook, scaleId: string, size: number, school?: string): LabelSays {
  const named = book.get(scaleId);
  const scale = cutWith(named, size) ?? named;
  const read = schoolOf(scale, school);
  return {
    footMm: toFootMm(read, lengthSize(scale, size)),
    stepMm: lengthStep(scale) * read.unitMm,
    name: `${named.name} ${formatSize(size, scale.step)}`
  };
}
/** A shoe of a kind of which only the label is known: made so that the foot it is for lies in the middle of right. */
export function labelShoe(kind: KindId, footMm: number): Shoe {
  const { cuts, basis, usual } = KIND[kind];
  const tip = basis === 'usable' ? TOE_FAMILY[usual.toe].nominalTipMm : 0;
  return completeShoe({ kind, insoleLengthMm: footMm + middleOf(cuts['toe-room']) + tip });
}
/** How a known pair is worn; where nobody tells for how long, its upper has given half of what it gives [model]. */
export const wearOfKnown = (shoe: Shoe, wear: Wear, hours?: number): Wear => ({ ...wear, hoursWorn: hours ?? UPPER[shoe.upper].growHours * Math.LN2 });
