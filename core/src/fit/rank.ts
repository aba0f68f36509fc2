import { effectiveDrop } from '../heel';
import { insoleOf } from '../last';
import type { ScaleId } from '../size';
import { likelier, tryCell, zonesInBrief, type Cell, type ZoneBrief } from './cell';
import { prospectOf, type Prospect } from './chance';
import { insideWorn, shapeOf } from './clearances';
import type { Verdict } from './judge';
import type { KindId } from './kinds';
import { limitsOf, type Limits } from './limits';
import { atBest, mostLengthMargin, type AtBest } from './may-fit';
import { NO_AIDS } from './plain-zones';
import { fitsWithHelps, helpNames, type Help } from './helps';
import type { Shoe } from './shoe';
import { onShelf, shoeOf, sizesOf, sizeText, type Style } from './stock';
import { targetsFor, type Targets } from './targets';
import type { Wear, WornFoot } from './wear';
import { sentence } from './words';
import type { Side } from '../measure';
import type { ZoneId } from './zones';

export interface Candidate {
  styleId: string;
  name: string;
  maker: string;
  lastId: string;
  lastName: string;
  kind: KindId;
  forWhom: Style['forWhom'];
  scale: ScaleId;
  size: string;
  sizeNumber: number;
  width: string;
  verdict: Verdict;
  probability: number;
  score: number;
  tightness: number;
  character: 'snug' | 'regular' | 'generous';
  decidedBy: { side: Side; zone: ZoneId };
  sentence: string;
  zones: Record<Side, ZoneBrief[]>;
  onShelf: number;
  heelHeightMm: number;
}

/** Why a style has no candidate at all. */
export interface Unranked {
  styleId: string;
  name: string;
  why: string;
}

/** Insole beyond the longer foot within which a size is worth fitting, mm. */
const WORTH_FITTING: readonly [number, number] = [-14, 55];
/**
 * How many of a style's fitting sizes have their chance worked out before one is chosen, and by how much the second must be better; and how
 * many of its least misfits are asked whether something helps.
 */
const WEIGHED = { cells: 2, better: 0.01, misfits: 3 } as const;

/** A size and width of a style that was looked at: the best its fit can come out as, then its own. */
interface Looked extends AtBest {
  size: number;
  width: string;
  shoe?: Shoe;
}

/** What a first look at a style gives: its likeliest fitting sizes, or all of its sizes with the most each may be. */
interface StyleLook {
  style: Style;
  targets: Targets;
  looked: Looked[];
  fitting: Cell[];
}

/** The sizes of a style worth fitting on these feet. */
const worthFitting = (style: Style, longestMm: number): number[] =>
  sizesOf(style).filter((size) => {
    const over = insoleOf(style.last, size) - longestMm;
    return over >= WORTH_FITTING[0] && over <= WORTH_FITTING[1];
  });

const best: AtBest = { margin: 0, distance: 0 };

/** The best that every size and width can come out as on these feet. */
function boundsOf(style: Style, sizes: readonly number[], feet: readonly WornFoot[], wear: Wear, limits: Limits): Looked[] {
  const looked: Looked[] = [];
  const drop = effectiveDrop(style.heelHeightMm, style.platformMm);
  const shapes = feet.map((foot) => shapeOf(foot, style, wear));
  for (const size of sizes) {
    // What the length alone rules out is ruled out in every width.
    const insole = insoleOf(style.last, size);
    const byLength = Math.min(...feet.map((foot, f) => mostLengthMargin(foot.dims, shapes[f], style.kind, drop, insole, wear, limits)));
    for (const width of style.widths) {
      const at: Looked = { size, width, margin: byLength, distance: 0 };
      looked.push(at);
      if (byLength < 0) continue;
      at.shoe = shoeOf(style, size, width);
      const inside = insideWorn(at.shoe, wear.hoursWorn);
      for (let f = 0; at.margin >= 0 && f < feet.length; f++) {
        atBest(feet[f].dims, shapes[f], shapes[f].offsetMm, at.shoe, inside, wear, limits, NO_AIDS, best);
        at.margin = Math.min(at.margin, best.margin);
        at.distance += best.distance;
      }
    }
  }
  return looked;
}

/** Looks at every size and width of a style and fits those that may be among its two nearest to the middle of right. */
function lookOver(style: Style, sizes: readonly number[], feet: readonly WornFoot[], wear: Wear): StyleLook {
  const targets = targetsFor(style, wear);
  const looked = boundsOf(style, sizes, feet, wear, limitsOf(targets));
  const fitting: Cell[] = [];
  for (const at of looked.filter((l) => l.margin >= 0).sort((p, q) => p.distance - q.distance)) {
    if (fitting.length === WEIGHED.cells && at.distance > fitting[WEIGHED.cells - 1].distance) break;
    const { cell, margin } = tryCell(at.size, at.width, at.shoe!, targets, feet, wear, 0);
    at.margin = margin;
    if (!cell) continue;
    fitting.push(cell);
    fitting.sort(likelier).splice(WEIGHED.cells);
  }
  return { style, targets, looked, fitting };
}

/** A style whose verdict stands and whose chance is not worked out yet. */
interface Open {
  verdict: Verdict;
  /** No more chance than this can come of it. */
  most: number;
  settle: () => Candidate;
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
      const needed = chance + WEIGHED.better;
      const better = other && other.most > needed ? other.chance(needed) : 0;
      return better > needed ? toCandidate(style, second, better, []) : toCandidate(style, nearest, chance, []);
    }
  };
}

/** The most margin both feet can have in a size and width, where the first look stopped at the first that could not fit. */
function boundMargin(at: Looked, shoe: Shoe, feet: readonly WornFoot[], wear: Wear, limits: Limits): number {
  const inside = insideWorn(shoe, wear.hoursWorn);
  let { margin } = at;
  for (const foot of feet) {
    const shape = shapeOf(foot, shoe, wear);
    margin = Math.min(margin, atBest(foot.dims, shape, shape.offsetMm, shoe, inside, wear, limits, NO_AIDS, best).margin);
  }
  return margin;
}

/** A style's least misfits, least first. */
function leastMisfits({ style, targets, looked }: StyleLook, feet: readonly WornFoot[], wear: Wear): Cell[] {
  const limits = limitsOf(targets);
  const found: Cell[] = [];
  for (const at of looked.sort((p, q) => q.margin - p.margin)) {
    const needed = found.length < WEIGHED.misfits ? -Infinity : found[WEIGHED.misfits - 1].margin;
    if (at.margin < needed) break;
    const shoe = at.shoe ?? shoeOf(style, at.size, at.width);
    if (boundMargin(at, shoe, feet, wear, limits) < needed) continue;
    const { cell } = tryCell(at.size, at.width, shoe, targets, feet, wear, needed);
    if (!cell) continue;
    found.push(cell);
    found.sort(likelier).splice(WEIGHED.misfits);
  }
  return found;
}

/** Of a style's least misfits the first that at most two helps make fit, or the least. */
function misfitStyle(look: StyleLook, feet: readonly WornFoot[], wear: Wear): Open {
  const cells = leastMisfits(look, feet, wear);
  const helpsOf = (cell: Cell): string[] | null => {
    const helps: Help[][] = [];
    for (const [f, foot] of feet.entries()) {
      const own = fitsWithHelps(foot, cell.shoe, wear, look.targets, cell.seen[f]);
      if (own === null) return null;
      helps.push(own);
    }
    return helpNames(helps);
  };
  for (const cell of cells) {
    const helps = helpsOf(cell);
    if (helps) return asOpen(look.style, cell, helps, feet, wear);
  }
  return asOpen(look.style, cells[0], null, feet, wear);
}

function asOpen(style: Style, cell: Cell, helps: string[] | null, feet: readonly WornFoot[], wear: Wear): Open {
  const { most, chance } = prospect(cell, feet, wear);
  return { verdict: helps ? 'fits-with-help' : 'does-not-fit', most, settle: () => toCandidate(style, cell, chance(), helps) };
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
  return { candidate: openStyle(lookOver(style, sizes, feet, wear), feet, wear).settle() };
}

const longestOf = (feet: readonly WornFoot[]): number => Math.max(...feet.map((f) => f.dims.lengthMm));
function whyUnranked(style: Style, longestMm: number): Unranked {
  const short = insoleOf(style.last, style.to) < longestMm;
  const why = `its run, ${sizeText(style, style.from)} to ${sizeText(style, style.to)}, ends ${short ? 'below' : 'above'} this foot`;
  return { styleId: style.id, name: style.name, why };
}

/** @param helps what makes it fit: nothing needed, or null where no two helps do */
function toCandidate(style: Style, cell: Cell, probability: number, helps: string[] | null): Candidate {
  const verdict: Verdict = cell.fits ? 'fits' : helps ? 'fits-with-help' : 'does-not-fit';
  const zones = { left: [], right: [] } as Record<Side, ZoneBrief[]>;
  for (const foot of cell.spoken) zones[foot.side] = zonesInBrief(foot);
  return {
    styleId: style.id,
    name: style.name,
    maker: style.maker.name,
    lastId: style.last.id,
    lastName: style.last.name,
    kind: style.kind,
    forWhom: style.forWhom,
    scale: style.scale,
    size: sizeText(style, cell.size),
    sizeNumber: cell.size,
    width: cell.width,
    verdict,
    probability,
    score: cell.score,
    tightness: cell.tightness,
    character: cell.character,
    decidedBy: cell.decidedBy,
    sentence: sentence(verdict, cell.spoken, helps ?? []),
    zones,
    onShelf: onShelf(style, cell.size, cell.width),
    heelHeightMm: style.heelHeightMm
  };
}

/** What of a candidate its place hangs on. */
type Placed = Pick<Candidate, 'verdict' | 'probability' | 'score' | 'styleId'>;

const VERDICT_ORDER: Readonly<Record<Verdict, number>> = { fits: 0, 'fits-with-help': 1, 'does-not-fit': 2 };

/** Chances are told apart to a fiftieth. */
const fiftieth = (chance: number): number => Math.round(chance * 50);

/** Order of candidates: verdict, then joint probability (to a fiftieth), then score. */
export function byRank(p: Placed, q: Placed): number {
  return (
    VERDICT_ORDER[p.verdict] - VERDICT_ORDER[q.verdict] ||
    fiftieth(q.probability) - fiftieth(p.probability) ||
    q.score - p.score ||
    p.styleId.localeCompare(q.styleId)
  );
}

export interface RankStep {
  /** Styles that are settled, of all. */
  done: number;
  of: number;
  candidate?: Candidate;
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
const againstAtBest = (open: Open, candidate: Candidate): number =>
  VERDICT_ORDER[open.verdict] - VERDICT_ORDER[candidate.verdict] || fiftieth(candidate.probability) - fiftieth(open.most);
const byPromise = (p: Open, q: Open): number => VERDICT_ORDER[p.verdict] - VERDICT_ORDER[q.verdict] || q.most - p.most;

/**
 * Ranks a stockroom for both feet, a style at a time, so that a worker can report progress and stop. Sizes and widths are left out only by
 * a bound (`atBest`), and chances are worked out in the order of theirs (`prospectOf`) until the first candidates stand, then for the
 * rest: the order is that of fitting every size and width and working out every chance.
 * @param top how many candidates have to stand before it is said that they do
 */
export function* rankStock(styles: readonly Style[], feet: readonly WornFoot[], wear: Wear, top = TOP): Generator<RankStep> {
  const longest = longestOf(feet);
  const of = styles.length;
  const found: Candidate[] = [];
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
    for (const next of open.sort(byPromise)) {
      if (!stands && found.length >= top && againstAtBest(next, found.sort(byRank)[top - 1]) > 0) yield topStands();
      yield settle(next);
    }
  }
  for (const style of styles) {
    const sizes = worthFitting(style, longest);
    const considered = sizes.length * style.widths.length;
    if (sizes.length === 0) {
      yield { done: ++done, of, unranked: whyUnranked(style, longest), considered };
      continue;
    }
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
  const candidates: Candidate[] = [];
  const unranked: Unranked[] = [];
  let considered = 0;
  for (const step of rankStock(styles, feet, wear)) {
    if (step.candidate) candidates.push(step.candidate);
    if (step.unranked) unranked.push(step.unranked);
    considered += step.considered;
  }
  return { candidates: candidates.sort(byRank).slice(0, limit), unranked, considered };
}
