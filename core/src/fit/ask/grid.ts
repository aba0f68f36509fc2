import { cellOf } from '../rank';
import { POINTS, doubtOf } from '../doubt';
import { onShelf, sizesOf, sizeText, type Style, type Wear, type WornFoot } from '../shoe';
import { worstWords } from '../words';
import type { ZoneId } from '../zones';
import type { Side } from '../../measure';

export interface GridCell {
  size: number;
  label: string;
  width: string;
  fits: boolean;
  probability: number;
  tightness: number;
  character: 'snug' | 'regular' | 'generous';
  decidedBy: { side: Side; zone: ZoneId };
  /** What is off, worst first, in words; empty when all is right. */
  feel: string;
  onShelf: number;
}

export interface SizeGrid {
  sizes: string[];
  widths: string[];
  /** One row a width, one cell a size. */
  rows: GridCell[][];
}

/**
 * Neighbouring lengths by widths of a style, each with its feel, not one winner.
 * @param around size in the middle
 * @param reach how many sizes either way
 */
export function sizeGrid(style: Style, around: number, feet: readonly WornFoot[], wear: Wear, reach = 2): SizeGrid {
  const all = sizesOf(style);
  const middle = Math.round((around - style.from) / style.step);
  const first = Math.max(0, Math.min(middle - reach, all.length - 1 - 2 * reach));
  const sizes = all.slice(first, first + 2 * reach + 1);
  const rows = style.widths.map((width) =>
    sizes.map((size): GridCell => {
      const cell = cellOf(style, size, width, feet, wear);
      return {
        size,
        label: sizeText(style, size),
        width,
        fits: cell.fits,
        probability: doubtOf(feet, cell.shoe, wear, cell.targets, POINTS.ranked).probability,
        tightness: cell.tightness,
        character: cell.character,
        decidedBy: cell.decidedBy,
        feel: worstWords(cell.spoken)[0] ?? '',
        onShelf: onShelf(style, size, width)
      };
    })
  );
  return { sizes: sizes.map((s) => sizeText(style, s)), widths: [...style.widths], rows };
}
