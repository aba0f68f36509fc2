import { insoleOf } from '../../last';
import { rankedAs, type Candidate, type Ranked } from './candidate';
import type { Cell } from './cell';
import { prospectOf, type Prospect } from '../doubt';
import { fitsWithHelps, helpNames, type Help } from '../helps';
import { leastMisfits, likeliestFits, boundStyle, WEIGHED, worthFitting, type StyleBounds } from './bounds';
import { sizeText, type Style, type Wear, type WornFoot } from '../shoe';

/** Why a style has no candidate at all. */
export interface Unranked {
  styleId: string;
  name: string;
  why: string;
}

/** By how much more chance the second of a style's fitting sizes must have to be chosen. */
export const BETTER = 0.01;

/** A style that only lacks its chance. */
export interface Fitted {
  /** Upper bound of its chance. */
  upperBound: number;
  /** Works the chance out. */
  next: () => Ranked;
}

const prospect = (cell: Cell, feet: readonly WornFoot[], wear: Wear): Prospect => prospectOf(feet, cell.shoe, wear, cell.targets, cell.seen);

/** The better of a style's two likeliest fitting cells. */
export function fittingStyle(style: Style, [nearest, second]: readonly Cell[], feet: readonly WornFoot[], wear: Wear): Fitted {
  const first = prospect(nearest, feet, wear);
  const other = second && prospect(second, feet, wear);
  return {
    upperBound: Math.max(first.upperBound, other?.upperBound ?? 0),
    next: () => {
      const chance = first.chance();
      const needed = chance + BETTER;
      const better = other && other.upperBound > needed ? other.chance(needed) : 0;
      return better > needed ? rankedAs(style, second, better, [], feet, wear) : rankedAs(style, nearest, chance, [], feet, wear);
    }
  };
}

/** Of a style's least misfits the first that at most two helps make fit, or the least; and which helps, null where none do. */
export function leastMisfit(bounds: StyleBounds, feet: readonly WornFoot[], wear: Wear): { cell: Cell; helps: string[] | null } {
  const helpsOf = (cell: Cell): string[] | null => {
    const helps: Help[][] = [];
    for (const [f, foot] of feet.entries()) {
      const own = fitsWithHelps(foot, cell.shoe, wear, bounds.targets, cell.seen[f]);
      if (own === null) return null;
      helps.push(own);
    }
    return helpNames(helps);
  };
  const [cell] = leastMisfits(bounds, feet, wear, 1);
  if (!bounds.mayHelp) return { cell, helps: null };
  // Mostly it is the least of them that helps make fit: the others are only looked for where it is not.
  const helps = helpsOf(cell);
  if (helps) return { cell, helps };
  for (const other of leastMisfits(bounds, feet, wear, WEIGHED.misfits).slice(1)) {
    const others = helpsOf(other);
    if (others) return { cell: other, helps: others };
  }
  return { cell, helps: null };
}

export function misfitStyle(style: Style, cell: Cell, helps: string[] | null, feet: readonly WornFoot[], wear: Wear): Fitted {
  const { upperBound, chance } = prospect(cell, feet, wear);
  return { upperBound, next: () => rankedAs(style, cell, chance(), helps, feet, wear) };
}

/**
 * The best size and width of one style for both feet.
 * @returns a candidate, or why there is none
 */
export function bestOfStyle(style: Style, feet: readonly WornFoot[], wear: Wear): { candidate?: Candidate; unranked?: Unranked } {
  const sizes = worthFitting(style, longestOf(feet));
  if (sizes.length === 0) return { unranked: whyUnranked(style, longestOf(feet)) };
  const bounds = boundStyle(style, sizes, feet, wear);
  const fitting = likeliestFits(bounds, feet, wear);
  if (fitting.length > 0) return { candidate: fittingStyle(style, fitting, feet, wear).next().whole() };
  const { cell, helps } = leastMisfit(bounds, feet, wear);
  return { candidate: misfitStyle(style, cell, helps, feet, wear).next().whole() };
}

/** Length of the longer foot as worn, mm. */
export const longestOf = (feet: readonly WornFoot[]): number => Math.max(...feet.map((f) => f.dims.lengthMm));
export function whyUnranked(style: Style, longestMm: number): Unranked {
  const short = insoleOf(style.last, style.to) < longestMm;
  const why = `its run, ${sizeText(style, style.from)} to ${sizeText(style, style.to)}, ends ${short ? 'below' : 'above'} this foot`;
  return { styleId: style.id, name: style.name, why };
}
