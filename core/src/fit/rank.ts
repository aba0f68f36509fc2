import { insoleOf } from '../last';
import { byRank, fiftieth, rankedAs, VERDICT_ORDER, type Candidate, type Ranked } from './candidate';
import type { Cell } from './cell';
import { prospectOf, type Prospect } from './chance';
import { fitsWithHelps, helpNames, type Help } from './helps';
import type { Verdict } from './judge';
import { leastMisfits, likeliestFits, lookOver, WEIGHED, worthFitting, type StyleLook } from './look-over';
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

/** A style on its way to its place in the order. */
interface Waiting {
  /** No more chance than this can come of it. */
  most: number;
  /** Brings it on: to its candidate, to a lesser promise, or to nothing where it has left the verdict it waited in. */
  next: () => Ranked | Waiting | null;
}

const isWaiting = (came: Ranked | Waiting): came is Waiting => 'next' in came;

const prospect = (cell: Cell, feet: readonly WornFoot[], wear: Wear): Prospect => prospectOf(feet, cell.shoe, wear, cell.targets, cell.seen);

/** The better of a style's two likeliest fitting cells. */
function fittingStyle(style: Style, [nearest, second]: readonly Cell[], feet: readonly WornFoot[], wear: Wear): Waiting {
  const first = prospect(nearest, feet, wear);
  const other = second && prospect(second, feet, wear);
  return {
    most: Math.max(first.most, other?.most ?? 0),
    next: () => {
      const chance = first.chance();
      const needed = chance + BETTER;
      const better = other && other.most > needed ? other.chance(needed) : 0;
      return better > needed ? rankedAs(style, second, better, []) : rankedAs(style, nearest, chance, []);
    }
  };
}

/** Of a style's least misfits the first that at most two helps make fit, or the least; and which helps, null where none do. */
function leastMisfit(look: StyleLook, feet: readonly WornFoot[], wear: Wear): { cell: Cell; helps: string[] | null } {
  const helpsOf = (cell: Cell): string[] | null => {
    const helps: Help[][] = [];
    for (const [f, foot] of feet.entries()) {
      const own = fitsWithHelps(foot, cell.shoe, wear, look.targets, cell.seen[f]);
      if (own === null) return null;
      helps.push(own);
    }
    return helpNames(helps);
  };
  const [cell] = leastMisfits(look, feet, wear, 1);
  if (!look.mayHelp) return { cell, helps: null };
  // Mostly it is the least of them that helps make fit: the others are only looked for where it is not.
  const helps = helpsOf(cell);
  if (helps) return { cell, helps };
  for (const other of leastMisfits(look, feet, wear, WEIGHED.misfits).slice(1)) {
    const others = helpsOf(other);
    if (others) return { cell: other, helps: others };
  }
  return { cell, helps: null };
}

function misfitStyle(style: Style, cell: Cell, helps: string[] | null, feet: readonly WornFoot[], wear: Wear): Waiting {
  const { most, chance } = prospect(cell, feet, wear);
  return { most, next: () => rankedAs(style, cell, chance(), helps) };
}

/**
 * The best size and width of one style for both feet.
 * @returns a candidate, or why there is none
 */
export function bestOfStyle(style: Style, feet: readonly WornFoot[], wear: Wear): { candidate?: Candidate; unranked?: Unranked } {
  const sizes = worthFitting(style, longestOf(feet));
  if (sizes.length === 0) return { unranked: whyUnranked(style, longestOf(feet)) };
  const look = lookOver(style, sizes, feet, wear);
  const fitting = likeliestFits(look, feet, wear);
  let came: Ranked | Waiting | null;
  if (fitting.length > 0) came = fittingStyle(style, fitting, feet, wear);
  else {
    const { cell, helps } = leastMisfit(look, feet, wear);
    came = misfitStyle(style, cell, helps, feet, wear);
  }
  while (isWaiting(came)) came = came.next()!;
  return { candidate: came.whole() };
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

/**
 * Ranks a stockroom for both feet, a style at a time, so that a worker can report progress and stop. Sizes and widths are left out only by
 * a bound (`atBest`). What may fit is fitted, and its chance worked out, in the order of a bound on that chance, until the first candidates
 * stand, then for the rest: the order is that of fitting every size and width and working out every chance.
 * @param top how many candidates have to stand before it is said that they do
 */
export function* rankStock(styles: readonly Style[], feet: readonly WornFoot[], wear: Wear, top = TOP): Generator<RankStep> {
  const longest = longestOf(feet);
  const of = styles.length;
  const found: Ranked[] = [];
  const misfits: StyleLook[] = [];
  let done = 0;
  let stands = false;
  const settled = (candidate: Ranked): RankStep => {
    found.push(candidate);
    return { done: ++done, of, candidate, considered: 0 };
  };
  const onTheWay = (considered: number): RankStep => ({ done, of, considered });
  const topStands = (): RankStep => {
    stands = true;
    return { done, of, considered: 0, topStands: true };
  };
  /** How many candidates stand before whatever is still to come: all of a better verdict, and those of this one with at least this much chance. */
  const standing = (verdict: Verdict, level: number): number =>
    found.reduce((n, c) => n + (VERDICT_ORDER[c.verdict] < VERDICT_ORDER[verdict] || fiftieth(c.probability) >= level ? 1 : 0), 0);
  /** Brings on what waits in one verdict, the most promising first. Chances are told apart to a fiftieth, so what shares one comes together. */
  function* bringOn(waiting: readonly Waiting[], verdict: Verdict): Generator<RankStep> {
    const levels: Waiting[][] = Array.from({ length: fiftieth(1) + 1 }, () => []);
    const waitAt = (w: Waiting, highest: number): unknown => levels[Math.min(highest, fiftieth(w.most))].push(w);
    waiting.forEach((w) => waitAt(w, fiftieth(1)));
    for (let level = fiftieth(1); level >= 0; level--) {
      for (let w = levels[level].pop(); w; w = levels[level].pop()) {
        const came = w.next();
        if (came && isWaiting(came)) waitAt(came, level);
        yield came && !isWaiting(came) ? settled(came) : onTheWay(0);
      }
      if (!stands && found.length >= top && standing(verdict, level) >= top) yield topStands();
    }
  }

  const { worth, none } = byPromise(styles, feet);
  for (const style of none) yield { done: ++done, of, unranked: whyUnranked(style, longest), considered: 0 };
  const mayFit: Waiting[] = [];
  for (const { style, sizes } of worth) {
    const considered = sizes.length * style.widths.length;
    const look = lookOver(style, sizes, feet, wear);
    const tryOut = (): Waiting | null => {
      const fitting = likeliestFits(look, feet, wear);
      if (fitting.length > 0) return fittingStyle(style, fitting, feet, wear);
      misfits.push(look);
      return null;
    };
    if (look.mostChance < 0) misfits.push(look);
    else if (found.length < AT_ONCE) {
      const candidate = tryOut()?.next();
      if (candidate && !isWaiting(candidate)) {
        yield { ...settled(candidate), considered };
        continue;
      }
    } else mayFit.push({ most: look.mostChance, next: tryOut });
    yield onTheWay(considered);
  }
  yield* bringOn(mayFit, 'fits');

  // Nothing that does not fit as it is stands above what does, and nothing that is beyond help above what is not.
  const helped: Waiting[] = [];
  const unhelped: Waiting[] = [];
  for (const look of misfits) {
    if (!look.mayHelp) continue;
    const { cell, helps } = leastMisfit(look, feet, wear);
    (helps ? helped : unhelped).push(misfitStyle(look.style, cell, helps, feet, wear));
    yield onTheWay(0);
  }
  yield* bringOn(helped, 'fits-with-help');
  for (const look of misfits) {
    if (look.mayHelp) continue;
    unhelped.push({ most: 1, next: () => misfitStyle(look.style, leastMisfit(look, feet, wear).cell, null, feet, wear) });
  }
  yield* bringOn(unhelped, 'does-not-fit');
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
