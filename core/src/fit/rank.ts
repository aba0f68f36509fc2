import { effectiveDrop } from '../heel';
import { insoleOf } from '../last';
import type { ScaleId } from '../size';
import { fitCell, likelier, zonesInBrief, type Cell, type ZoneBrief } from './cell';
import { chanceOf } from './chance';
import { insideWorn, shapeOf } from './clearances';
import { POINTS } from './error-model';
import type { Verdict } from './judge';
import type { KindId } from './kinds';
import { limitsOf, type Limits } from './limits';
import { atBest, mostLengthMargin, type AtBest } from './may-fit';
import { NO_AIDS } from './plain-zones';
import { fitsWithHelps, helpNames } from './helps';
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
    const cell = fitCell(at.size, at.width, at.shoe!, targets, feet, wear);
    at.margin = cell.margin;
    if (!cell.fits) continue;
    fitting.push(cell);
    fitting.sort(likelier).splice(WEIGHED.cells);
  }
  return { style, targets, looked, fitting };
}

/** The better of a style's two likeliest fitting cells, as a candidate. */
function fittingCandidate({ style, fitting }: StyleLook, feet: readonly WornFoot[], wear: Wear): Candidate {
  const [nearest, second] = fitting;
  const chance = chanceOf(feet, nearest.shoe, wear, nearest.targets, nearest.seen);
  if (!second) return toCandidate(style, nearest, chance, []);
  const needed = chance + WEIGHED.better;
  const other = chanceOf(feet, second.shoe, wear, second.targets, second.seen, POINTS.ranked, needed);
  return other > needed ? toCandidate(style, second, other, []) : toCandidate(style, nearest, chance, []);
}

/** A style's least misfits, least first. */
function leastMisfits({ style, targets, looked }: StyleLook, feet: readonly WornFoot[], wear: Wear): Cell[] {
  const found: Cell[] = [];
  for (const { size, width, margin, shoe } of [...looked].sort((p, q) => q.margin - p.margin)) {
    if (found.length === WEIGHED.misfits && margin < found[WEIGHED.misfits - 1].margin) break;
    found.push(fitCell(size, width, shoe ?? shoeOf(style, size, width), targets, feet, wear));
    found.sort(likelier).splice(WEIGHED.misfits);
  }
  return found;
}

/** Of a style's least misfits the first that at most two helps make fit, or the least. */
function misfitCandidate(look: StyleLook, feet: readonly WornFoot[], wear: Wear): Candidate {
  const cells = leastMisfits(look, feet, wear);
  const helpsOf = (cell: Cell): string[] | null => {
    const helps = feet.map((foot) => fitsWithHelps(foot.dims, cell.shoe, wear, look.targets));
    return helps.includes(null) ? null : helpNames(helps);
  };
  for (const cell of cells) {
    const helps = helpsOf(cell);
    if (helps) return toCandidate(look.style, cell, chanceOf(feet, cell.shoe, wear, look.targets, cell.seen), helps);
  }
  return toCandidate(look.style, cells[0], chanceOf(feet, cells[0].shoe, wear, look.targets, cells[0].seen), null);
}

/**
 * The best size and width of one style for both feet.
 * @returns a candidate, or why there is none
 */
export function bestOfStyle(style: Style, feet: readonly WornFoot[], wear: Wear): { candidate?: Candidate; unranked?: Unranked } {
  const sizes = worthFitting(style, longestOf(feet));
  if (sizes.length === 0) return { unranked: whyUnranked(style, longestOf(feet)) };
  const look = lookOver(style, sizes, feet, wear);
  return { candidate: look.fitting.length > 0 ? fittingCandidate(look, feet, wear) : misfitCandidate(look, feet, wear) };
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

const VERDICT_ORDER: Readonly<Record<Verdict, number>> = { fits: 0, 'fits-with-help': 1, 'does-not-fit': 2 };

/** Order of candidates: verdict, then joint probability (to a fiftieth), then score. */
export function byRank(p: Candidate, q: Candidate): number {
  return (
    VERDICT_ORDER[p.verdict] - VERDICT_ORDER[q.verdict] ||
    Math.round(q.probability * 50) - Math.round(p.probability * 50) ||
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
  /** Size-width pairs fitted in this step. */
  considered: number;
}

/**
 * Ranks a stockroom for both feet, a style at a time, so that a worker can report progress and stop. What fits as it is comes first,
 * since nothing else can stand above it; then what does not, the least misfit first, with the helps that would make it fit.
 * Sizes and widths are left out only by a bound (`atBest`): the order is that of fitting every one of them.
 */
export function* rankStock(styles: readonly Style[], feet: readonly WornFoot[], wear: Wear): Generator<RankStep> {
  const longest = longestOf(feet);
  const misfits: StyleLook[] = [];
  let done = 0;
  for (const style of styles) {
    const sizes = worthFitting(style, longest);
    const considered = sizes.length * style.widths.length;
    if (sizes.length === 0) {
      yield { done: ++done, of: styles.length, unranked: whyUnranked(style, longest), considered };
      continue;
    }
    const look = lookOver(style, sizes, feet, wear);
    if (look.fitting.length > 0) yield { done: ++done, of: styles.length, candidate: fittingCandidate(look, feet, wear), considered };
    else {
      misfits.push(look);
      yield { done, of: styles.length, considered };
    }
  }
  const most = ({ looked }: StyleLook): number => looked.reduce((m, l) => Math.max(m, l.margin), -Infinity);
  for (const look of misfits.sort((p, q) => most(q) - most(p)))
    yield { done: ++done, of: styles.length, candidate: misfitCandidate(look, feet, wear), considered: 0 };
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
