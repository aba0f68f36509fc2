import { SCALE, schoolOf } from '../../size';
import { claimedFootMm, sizeRead, sizesOf, sizeText, type Style, type Wear, type WornFoot } from '../shoe';
import { LABEL_WORDS, worstWords } from '../words';
import { cellOf } from './cell';

/** From this many sizes on the two are told apart: half a size, less what rounding to a run may do. */
const APART = 0.5 - 1e-6;

/**
 * Why the size that was picked is not the one that the label alone would say for the longer foot, in one line: what would be off in that
 * size, or how far the last runs off its label.
 * @returns null where the two are less than half a size apart
 */
export function notTheLabel(style: Style, size: number, width: string, feet: readonly WornFoot[], wear: Wear): string | null {
  const longestMm = Math.max(...feet.map((f) => f.foot.values.lengthMm.mm));
  const labelled = sizeRead(style, longestMm).size;
  if (Math.abs(size - labelled) < APART) return null;
  const name = sizeText(style, labelled);
  const made = sizesOf(style).find((s) => Math.abs(s - labelled) < 1e-6);
  if (made === undefined) return LABEL_WORDS.notMade(name);
  const cell = cellOf(style, made, width, feet, wear);
  const [worst] = worstWords(cell.spoken);
  if (worst) return LABEL_WORDS.off(name, worst);
  const runsOffMm = cell.shoe.inside.madeForFootMm - claimedFootMm(style, made);
  return LABEL_WORDS.nearer(name, runsOffMm / schoolOf(SCALE[style.scale], style.school).unitMm);
}
