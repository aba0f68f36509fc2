import { chanceOf } from '../doubt';
import { fitsWithHelps, helpNames } from '../helps';
import type { Style, Wear, WornFoot } from '../shoe';
import { BETTER, longestOf } from './best-of-style';
import { WEIGHED, worthFitting } from './bounds';
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
  const cells = worthFitting(style, longestOf(feet))
    .flatMap((size) => style.widths.map((width) => cellOf(style, size, width, feet, wear)))
    .sort(likelier);
  if (cells.length === 0) return null;
  const chance = ({ shoe, targets, seen }: Cell): number => chanceOf(feet, shoe, wear, targets, seen);
  const as = (cell: Cell, helps: string[] | null): Ranked => rankedAs(style, cell, chance(cell), helps, feet, wear);
  const [first, second] = cells;
  if (first.fits) return as(second?.fits && chance(second) > chance(first) + BETTER ? second : first, []);
  for (const cell of cells.slice(0, WEIGHED.misfits)) {
    const helps = feet.map((foot) => fitsWithHelps(foot, cell.shoe, wear, cell.targets));
    if (helps.every((h) => h !== null)) return as(cell, helpNames(helps));
  }
  return as(first, null);
}
