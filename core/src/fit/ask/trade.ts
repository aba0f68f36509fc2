import type { Side } from '../../measure';
import { cellOf, likelier, type Cell } from '../rank';
import { helpNames, remediesFor } from '../helps';
import { onShelf, sizesOf, sizeText, type Style, type Wear, type WornFoot } from '../shoe';
import { worstWords } from '../words';

/** One way of wearing a style: a size as it is, or longer with something in it. */
export interface TradeSide {
  label: string;
  width: string;
  /** What is put in; nothing for the shorter. */
  filled: string[];
  /** What it gives up, worst first, in words. */
  givesUp: string[];
  onShelf: number;
}
export interface Trade {
  shorter: TradeSide;
  longer: TradeSide;
}

/**
 * *Shorter and nothing added* against *longer and filled*: the shortest size that fits with nothing, and the next longer length that fits
 * with at most two helps. Too loose can be filled; length cannot be added.
 * @returns null when the style does not offer both
 */
export function shorterOrLonger(style: Style, around: number, feet: readonly WornFoot[], wear: Wear): Trade | null {
  const near = sizesOf(style).filter((size) => Math.abs(size - around) <= 2 * style.step + 1e-9);
  const cells = near.flatMap((size) => style.widths.map((width) => cellOf(style, size, width, feet, wear)));
  const plain = cells.filter((c) => c.fits).sort((p, q) => p.size - q.size || p.distance - q.distance)[0];
  if (!plain) return null;
  const side = (cell: Cell, filled: string[]): TradeSide => ({
    label: sizeText(style, cell.size),
    width: cell.width,
    filled,
    givesUp: worstWords(cell.spoken, 2),
    onShelf: onShelf(style, cell.size, cell.width)
  });
  for (const cell of cells.filter((c) => c.size > plain.size + 1e-9).sort((p, q) => p.size - q.size || p.distance - q.distance)) {
    const helps = feet.map((foot) => remediesFor(foot, cell.shoe, wear, cell.targets));
    const adds = [
      ...new Set(
        helps.flatMap((h) =>
          h.remedies
            .filter((r) => r.effectMm < 0 && r.makesFit)
            .slice(0, 1)
            .map((r) => r.name)
        )
      )
    ];
    const needed = helpNames(helps.map((h) => h.fitsWith));
    if (helps.every((h) => h.fitsWith !== null)) return { shorter: side(plain, []), longer: side(cell, needed.length > 0 ? needed : adds) };
  }
  return null;
}

/** A pair split over two sizes, one a foot. */
export interface SplitPair {
  /** Sizes between the feet's own best, longer less shorter. */
  apart: number;
  sizes: Record<Side, { label: string; width: string; fits: boolean }>;
  /** What the shorter foot needs in the longer one's size, when it can be made to fit; null when it cannot. */
  shorterNeeds: string[] | null;
  shorter: Side;
}

/**
 * Feet that differ by a size or more ask for a split pair; otherwise the longer rules and the shorter is filled.
 * @returns null for feet within half a size of each other in this style
 */
export function splitPair(style: Style, feet: readonly WornFoot[], wear: Wear): SplitPair | null {
  if (feet.length < 2) return null;
  const best = feet.map((foot) => {
    const cells = sizesOf(style).flatMap((size) => style.widths.map((width) => cellOf(style, size, width, [foot], wear)));
    return cells.sort(likelier)[0];
  });
  const apart = Math.abs(best[0].size - best[1].size);
  if (apart < 1 - 1e-9) return null;
  const [short, long] = best[0].size < best[1].size ? [0, 1] : [1, 0];
  const help = remediesFor(feet[short], best[long].shoe, wear, best[long].targets);
  const told = (i: number) => ({ label: sizeText(style, best[i].size), width: best[i].width, fits: best[i].fits });
  return {
    apart,
    sizes: { [feet[0].foot.side]: told(0), [feet[1].foot.side]: told(1) } as SplitPair['sizes'],
    shorterNeeds: help.fitsWith && helpNames([help.fitsWith]),
    shorter: feet[short].foot.side
  };
}
