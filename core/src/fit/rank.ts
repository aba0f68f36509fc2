import type { ScaleId } from '../size';
import { cellOf, likelier, zonesInBrief, type Cell, type ZoneBrief } from './cell';
import type { Verdict } from './judge';
import type { KindId } from './kinds';
import { doubtOf, POINTS } from './probability';
import { remediesFor, type Remedy } from './remedies';
import { onShelf, sizesOf, sizeText, type Style } from './stock';
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
  remedies: Remedy[];
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
/** How many of a style's sizes are simulated before one is chosen. */
const SIMULATED = 2;
/** A size that not one of so many points lets fit has no chance worth working out. */
const HOPELESS_AFTER = 48;

/** A style's likeliest sizes and widths, best first, before any simulation. */
interface Likely {
  style: Style;
  cells: Cell[];
}

/** Fits every size and width near these feet, without simulating. */
function likelyOf(style: Style, feet: readonly WornFoot[], wear: Wear): { likely?: Likely; unranked?: Unranked; considered: number } {
  const longest = Math.max(...feet.map((f) => f.dims.lengthMm));
  const cells: Cell[] = [];
  const base = style.last.base;
  for (const size of sizesOf(style)) {
    const insole = base.insoleMm + (size - base.size) * style.last.grade.lengthPerSizeMm;
    if (insole < longest + WORTH_FITTING[0] || insole > longest + WORTH_FITTING[1]) continue;
    for (const width of style.widths) cells.push(cellOf(style, size, width, feet, wear));
  }
  if (cells.length === 0) {
    const sizes = sizesOf(style);
    const short = base.insoleMm + (sizes[sizes.length - 1] - base.size) * style.last.grade.lengthPerSizeMm < longest;
    const why = `its run, ${sizeText(style, style.from)} to ${sizeText(style, style.to)}, ends ${short ? 'below' : 'above'} this foot`;
    return { unranked: { styleId: style.id, name: style.name, why }, considered: 0 };
  }
  const considered = cells.length;
  cells.sort(likelier);
  // One that fits is not weighed against one that does not.
  return { likely: { style, cells: cells.slice(0, SIMULATED).filter((c) => c.fits === cells[0].fits) }, considered };
}

/** Simulates a style's likeliest cells and tells the better one. */
function candidateOf({ style, cells }: Likely, feet: readonly WornFoot[], wear: Wear): Candidate {
  let best = cells[0];
  let probability = -1;
  for (const cell of cells) {
    const p = doubtOf(feet, cell.shoe, wear, cell.targets, POINTS.ranked, HOPELESS_AFTER).probability;
    if (p > probability + 0.01) {
      probability = p;
      best = cell;
    }
  }
  return toCandidate(style, best, probability, feet, wear);
}

/**
 * The best size and width of one style for both feet.
 * @returns a candidate, or why there is none; with how many size-width pairs were fitted
 */
export function bestOfStyle(style: Style, feet: readonly WornFoot[], wear: Wear): { candidate?: Candidate; unranked?: Unranked; considered: number } {
  const { likely, unranked, considered } = likelyOf(style, feet, wear);
  return likely ? { candidate: candidateOf(likely, feet, wear), considered } : { unranked, considered };
}

function toCandidate(style: Style, cell: Cell, probability: number, feet: readonly WornFoot[], wear: Wear): Candidate {
  const helps = feet.map((foot) => remediesFor(foot.dims, cell.shoe, wear, cell.targets));
  const verdict: Verdict = cell.fits ? 'fits' : helps.every((h) => h.fitsWith !== null) ? 'fits-with-help' : 'does-not-fit';
  const fitsWith = [...new Set(helps.flatMap((h) => h.fitsWith ?? []))];
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
    sentence: sentence(verdict, cell.spoken, fitsWith),
    zones,
    remedies: uniqueByName(helps.flatMap((h) => h.remedies)),
    onShelf: onShelf(style, cell.size, cell.width),
    heelHeightMm: style.heelHeightMm
  };
}

function uniqueByName(remedies: readonly Remedy[]): Remedy[] {
  return remedies.filter((r, i) => remedies.findIndex((o) => o.name === r.name && o.zone === r.zone) === i);
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
 * Ranks a stockroom for both feet, a step at a time, so that a worker can report progress and stop. Every style is fitted first, which is
 * quick; then the likeliest are simulated first, so that what comes early is what will stand at the top.
 */
export function* rankStock(styles: readonly Style[], feet: readonly WornFoot[], wear: Wear): Generator<RankStep> {
  const ready: Likely[] = [];
  let done = 0;
  for (const style of styles) {
    const { likely, unranked, considered } = likelyOf(style, feet, wear);
    if (likely) ready.push(likely);
    else done++;
    yield { done, of: styles.length, considered, ...(unranked ? { unranked } : {}) };
  }
  ready.sort((p, q) => likelier(p.cells[0], q.cells[0]));
  for (const likely of ready) yield { done: ++done, of: styles.length, candidate: candidateOf(likely, feet, wear), considered: 0 };
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
