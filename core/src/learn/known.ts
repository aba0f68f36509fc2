import { completeShoe, KIND, middleOf, shoeOf, UPPER, type KindId, type Shoe, type Style, type Wear } from '../fit';
import { asSheet, TOE_FAMILY } from '../last';
import { cutWith, formatSize, lengthSize, lengthStep, schoolOf, toFootMm, type ScaleBook } from '../size';
import type { KnownPair } from './said';

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
/**
 * A style of the stockroom as learning reads it: its last as the sheet has it, with what the shop took over as what is believed of it.
 * @throws RangeError when the width is none of the maker's
 */
export function knownStyle(style: Style, size: number, width: string): Pick<KnownPair, 'shoe' | 'lastId' | 'mark' | 'learned'> {
  const last = asSheet(style.last);
  return { shoe: shoeOf({ ...style, last }, size, width), lastId: last.id, mark: last.evidence.mark, learned: style.last.learned?.by };
}
/** How a known pair is worn; where nobody tells for how long, its upper has given half of what it gives [model]. */
export const wearOfKnown = (shoe: Shoe, wear: Wear, hours?: number): Wear => ({ ...wear, hoursWorn: hours ?? UPPER[shoe.upper].growHours * Math.LN2 });
