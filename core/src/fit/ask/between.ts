import { cellOf } from '../rank';
import { POINTS, doubtOf } from '../doubt';
import { sizesOf, sizeText, type Style, footAsWorn, type Wear } from '../shoe';
import { feelWords, findingsOf, SENTENCE } from '../words';
import { completeFoot, SIDES, type FootInput, type Side } from '../../measure';

/** How a shoe that is worn feels as a whole. */
export const FEELS = [
  { id: 'tight', name: 'tight' },
  { id: 'half-tight', name: 'half tight' },
  { id: 'comfortable', name: 'comfortable' },
  { id: 'half-loose', name: 'half loose' },
  { id: 'loose', name: 'loose' }
] as const;
export type FeelId = (typeof FEELS)[number]['id'];

export interface SizeThere {
  size: string;
  sizeNumber: number;
  width: string;
  fits: boolean;
  /** Chance over the spread of both feet that every zone sits within its limits. */
  probability: number;
  feel: string;
}
/** Sizes made for feet further off than this are not asked, mm. */
const NEAR_MM = 16;
const MOST = 6;

/**
 * Which size of another style goes with feet that are known with some doubt: every size near them with its chance, best first.
 * @param feet both, with their deviations
 * @param width the wearer's usual width in that style; all when left out
 */
export function sizesThere(feet: Readonly<Record<Side, Omit<FootInput, 'side'>>>, style: Style, wear: Wear, width?: string): SizeThere[] {
  const worn = SIDES.map((side) => footAsWorn(completeFoot({ ...feet[side], side }), wear));
  const longerMm = Math.max(...worn.map((f) => f.dims.lengthMm));
  const widths = width ? [width] : style.widths;
  return sizesOf(style)
    .flatMap((size) => widths.map((w) => ({ size, cell: cellOf(style, size, w, worn, wear) })))
    .filter(({ cell }) => Math.abs(cell.shoe.inside.madeForFootMm - longerMm) < NEAR_MM)
    .map(({ size, cell }) => {
      const [worst] = cell.spoken.flatMap((foot) => findingsOf(foot).slice(0, 1));
      return {
        size: sizeText(style, size),
        sizeNumber: size,
        width: cell.width,
        fits: cell.fits,
        probability: doubtOf(worn, cell.shoe, wear, cell.targets, POINTS.ranked).probability,
        feel: worst ? feelWords(worst) : SENTENCE.rightAllRound
      };
    })
    .sort((p, q) => q.probability - p.probability || Number(q.fits) - Number(p.fits))
    .slice(0, MOST);
}
