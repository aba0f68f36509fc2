import { insoleOf } from '../last';
import { byRank, fiftieth, rankedAs, VERDICT_ORDER, type Candidate, type Ranked } from './candidate';
import type { Cell } from './cell';
import { prospectOf, type Prospect } from './chance';
import { fitsWithHelps, helpNames, type Help } from './helps';
import type { Verdict } from './judge';
import { leastMisfits, lookOver, WEIGHED, worthFitting, type StyleLook } from './look-over';
import { byPromise } from './promise';
import { sizeText, type Style } from './stock';
import type { Wear, WornFoot } from './wear';

/** Why a style has no candidate at all. */
export interface Unranked {
  styleId: string;
  name: string;
  why: string;
}

/** By how much more chance the second of a style's fitting sizes must have to be chosen. */
const BETTER = 0.01;

/** A style whose verdict stands and whose chance is not worked out yet. */
interface Open {
  verdict: Verdict;
  /** No more chance than this can come of it. */
  most: number;
  settle: () => Ranked;
}

const prospect = (cell: Cell, feet: readonly WornFoot[], wear: Wear): Prospect => prospectOf(feet, cell.shoe, wear, cell.targets, cell.seen);

/** The better of a style's two likeliest fitting cells. */
function fittingStyle({ style, fitting }: StyleLook, feet: readonly WornFoot[], wear: Wear): Open {
  const [nearest, second] = fitting;
  const first = prospect(nearest, feet, wear);
  const other = second && prospect(second, feet, wear);
  return {
    verdict: 'fits',
    most: Math.max(first.most, other?.most ?? 0),
    settle: () => {
      const chance = first.chance();
      const needed = chance + BETTER;
      const better = other && other.most > needed ? other.chance(needed) : 0;
      return better > needed ? rankedAs(style, second, better, []) : rankedAs(style, nearest, chance, []);
    }
  };
}

/** Of a style's least misfits the first that at most two helps make fit, or the least. */
function misfitStyle(look: StyleLook, feet: readonly WornFoot[], wear: Wear): Open {
  const helpsOf = (cell: Cell): string[] | null => {
    const helps: Help[][] = [];
    for (const [f, foot] of feet.entries()) {
      const own = fitsWithHelps(foot, cell.shoe, wear, look.targets, cell.seen[f]);
      if (own === null) return null;
      helps.push(own);
    }
    return helpNames(helps);
  };
  const [least] = leastMisfits(look, feet, wear, 1);
  if (!look.mayHelp) return asOpen(look.style, least, null, feet, wear);
  // Mostly it is the least of them that helps make fit: the others are only looked for where it is not.
  const helps = helpsOf(least);
  if (helps) return asOpen(look.style, least, helps, feet, wear);
  for (const cell of leastMisfits(look, feet, wear, WEIGHED.misfits).slice(1)) {
    const others = helpsOf(cell);
    if (others) return asOpen(look.style, cell, others, feet, wear);
  }
  return asOpen(look.style, least, null, feet, wear);
}

function asOpen(style: Style, cell: Cell, helps: string[] | null, feet: readonly WornFoot[], wear: Wear): Open {
  const { most, chance } = prospect(cell, feet, wear);
  return { verdict: helps ? 'fits-with-help' : 'does-not-fit', most, settle: () => rankedAs(style, cell, chance(), helps) };
}

const openStyle = (look: StyleLook, feet: readonly WornFoot[], wear: Wear): Open =>
  look.fitting.length > 0 ? fittingStyle(look, feet, wear) : misfitStyle(look, feet, wear);

/**
 * The best size and width of one style for both feet.
 * @returns a candidate, or why there is none
 */
export function bestOfStyle(style: Style, feet: readonly WornFoot[], wear: Wear): { candidate?: Candidate; unranked?: Unranked } {
  const sizes = worthFitting(style, longestOf(feet));
  if (sizes.length === 0) return { unranked: whyUnranked(style, longestOf(feet)) };
  return {
    candidate: openStyle(lookOver(style, sizes, feet, wear), feet, wear)
      .settle()
      .whole()
  };
}

const longestOf = (feet: readonly WornFoot[]): number => Math.max(...feet.map((f) => f.dims.lengthMm));
function whyUnranked(style: Style, longestMm: number): Unranked {
  const short = insoleOf(style.last, style.to) < longestMm;
  const why = `its run, ${sizeText(style, style.from)} to ${sizeText(style, style.to)}, ends ${short ? 'below' : 'above'} this foot`;
  return { styleId: style.id, name: style.name, why };
}

export interface RankStep {
  /** Styles that are settled, of all. */
  done: number;
  of: number;
  candidate?: Ranked;
  unranked?: Unranked;
  /** Size-width pairs looked at in this step. */
  considered: number;
  /** True from where the first candidates, in their order, can no longer change. */
  topStands?: boolean;
}

/** So many candidates stand at the top: as many as anybody looks through. */
export const TOP = 100;
/** So many styles that fit are settled as they are found, so that there is something to look at. */
const AT_ONCE = 12;

/** What can still come of an open style at best, against a candidate: below nought it may stand above it. */
const againstAtBest = (open: Open, candidate: Ranked): number =>
  VERDICT_ORDER[open.verdict] - VERDICT_ORDER[candidate.verdict] || fiftieth(candidate.probability) - fiftieth(open.most);
const mostFirst = (p: Open, q: Open): number => VERDICT_ORDER[p.verdict] - VERDICT_ORDER[q.verdict] || q.most - p.most;

/**
 * Ranks a stockroom for both feet, a style at a time, so that a worker can report progress and stop. Sizes and widths are left out only by
 * a bound (`atBest`), and chances are worked out in the order of theirs (`prospectOf`) until the first candidates stand, then for the
 * rest: the order is that of fitting every size and width and working out every chance.
 * @param top how many candidates have to stand before it is said that they do
 */
export function* rankStock(styles: readonly Style[], feet: readonly WornFoot[], wear: Wear, top = TOP): Generator<RankStep> {
  const longest = longestOf(feet);
  const of = styles.length;
  const found: Ranked[] = [];
  const fits: Open[] = [];
  const misfits: StyleLook[] = [];
  let done = 0;
  let stands = false;
  const settle = (open: Open): RankStep => {
    const candidate = open.settle();
    found.push(candidate);
    return { done: ++done, of, candidate, considered: 0 };
  };
  const topStands = (): RankStep => {
    stands = true;
    return { done, of, considered: 0, topStands: true };
  };
  function* settleAll(open: Open[]): Generator<RankStep> {
    let before: Open | undefined;
    for (const next of open.sort(mostFirst)) {
      // What promises as much as the one before is held back by no more candidates than that one was.
      const less = !before || next.verdict !== before.verdict || fiftieth(next.most) !== fiftieth(before.most);
      if (!stands && less && found.length >= top && againstAtBest(next, found.sort(byRank)[top - 1]) > 0) yield topStands();
      before = next;
      yield settle(next);
    }
  }
  const { worth, none } = byPromise(styles, feet);
  for (const style of none) yield { done: ++done, of, unranked: whyUnranked(style, longest), considered: 0 };
  for (const { style, sizes } of worth) {
    const considered = sizes.length * style.widths.length;
    const look = lookOver(style, sizes, feet, wear);
    if (look.fitting.length === 0) misfits.push(look);
    else if (found.length < AT_ONCE) {
      yield { ...settle(fittingStyle(look, feet, wear)), considered };
      continue;
    } else fits.push(fittingStyle(look, feet, wear));
    yield { done, of, considered };
  }
  yield* settleAll(fits);
  // Nothing that does not fit as it is stands above what does.
  if (!stands && found.length >= top) yield topStands();
  const helped: Open[] = [];
  for (const look of misfits) {
    helped.push(misfitStyle(look, feet, wear));
    yield { done, of, considered: 0 };
  }
  yield* settleAll(helped);
  if (!stands) yield topStands();
}

/**
 * Ranks at once.
 * @param limit how many candidates
 * @returns best first, with how many size-width pairs were fitted
 */
export function rankAll(
  styles: readonly Style[],
  feet: readonly WornFoot[],
  wear: Wear,
  limit = Infinity
): { candidates: Candidate[]; unranked: Unranked[]; considered: number } {
  const candidates: Ranked[] = [];
  const unranked: Unranked[] = [];
  let considered = 0;
  for (const step of rankStock(styles, feet, wear)) {
    if (step.candidate) candidates.push(step.candidate);
    if (step.unranked) unranked.push(step.unranked);
    considered += step.considered;
  }
  return {
    candidates: candidates
      .sort(byRank)
      .slice(0, limit)
      .map((c) => c.whole()),
    unranked,
    considered
  };
}
