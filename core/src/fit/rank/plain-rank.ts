import { insoleOf } from '../../last';
import { chanceOf } from '../doubt';
import { fitsWithHelps, helpNames } from '../helps';
import { sizesOf, type Style, type Wear, type WornFoot } from '../shoe';
import { longestOf } from './best-of-style';
import { byRank, rankedAs, type Ranked } from './candidate';
import { cellOf, likelier, type Cell } from './cell';

/**
 * The ranking as it is meant, the long way: every size and width of every style is fitted, nothing is bounded or kept. This is the
 * specification; `rankStock` finds the same, faster.
 * @returns best first; a style with no size near these feet is left out
 */
export const rankPlainly = (styles: readonly Style[], feet: readonly WornFoot[], wear: Wear): Ranked[] =>
  styles.flatMap((style) => plainBest(style, feet, wear) ?? []).sort(byRank);

/** A style's candidate: of the two nearest to right that fit the likelier; else the first of the three least misfits that helps make fit, or the least. */
function plainBest(style: Style, feet: readonly WornFoot[], wear: Wear): Ranked | null {
  const longest = longestOf(feet);
  const near = sizesOf(style).filter((size) => insoleOf(style.last, size) >= longest - 14 && insoleOf(style.last, size) <= longest + 55);
  const cells = near.flatMap((size) => style.widths.map((width) => cellOf(style, size, width, feet, wear))).sort(likelier);
  if (cells.length === 0) return null;
  const chance = ({ shoe, targets, seen }: Cell): number => chanceOf(feet, shoe, wear, targets, seen);
  const as = (cell: Cell, helps: string[] | null): Ranked => rankedAs(style, cell, chance(cell), helps, feet, wear);
  const [first, second] = cells;
  if (first.fits) return as(second?.fits && chance(second) > chance(first) + 0.01 ? second : first, []);
  for (const cell of cells.slice(0, 3)) {
    const helps = feet.map((foot) => fitsWithHelps(foot, cell.shoe, wear, cell.targets));
    if (helps.every((h) => h !== null)) return as(cell, helpNames(helps));
  }
  return as(first, null);
}
