import type { ScaleId } from '../size';
import type { Side } from '../measure';
import { zonesInBrief, type Cell, type ZoneBrief } from './cell';
import type { Verdict } from './judge';
import type { KindId } from './kinds';
import { onShelf, sizeText, type Style } from './stock';
import { sentence } from './words';
import type { ZoneId } from './zones';

/** What a style has to offer two feet: its best size and width, and how it fits. */
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

/** What of a candidate a list is put in order, counted and filtered by. */
export type Listed = Pick<Candidate, 'styleId' | 'verdict' | 'probability' | 'score' | 'onShelf'>;

/** A candidate in its place; the whole of it is told when somebody looks at it. */
export interface Ranked extends Listed {
  whole: () => Candidate;
}

/** @param helps what makes it fit: nothing needed, or null where no two helps do */
export function rankedAs(style: Style, cell: Cell, probability: number, helps: string[] | null): Ranked {
  const verdict: Verdict = cell.fits ? 'fits' : helps ? 'fits-with-help' : 'does-not-fit';
  const shelved = onShelf(style, cell.size, cell.width);
  return {
    styleId: style.id,
    verdict,
    probability,
    score: cell.score,
    onShelf: shelved,
    whole: () => tell(style, cell, verdict, probability, helps, shelved)
  };
}

function tell(style: Style, cell: Cell, verdict: Verdict, probability: number, helps: string[] | null, shelved: number): Candidate {
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
    onShelf: shelved,
    heelHeightMm: style.heelHeightMm
  };
}

export const VERDICT_ORDER: Readonly<Record<Verdict, number>> = { fits: 0, 'fits-with-help': 1, 'does-not-fit': 2 };

/** Chances are told apart to a fiftieth. */
export const fiftieth = (chance: number): number => Math.round(chance * 50);

/** Order of candidates: verdict, then joint probability (to a fiftieth), then score. */
export function byRank(p: Omit<Listed, 'onShelf'>, q: Omit<Listed, 'onShelf'>): number {
  return (
    VERDICT_ORDER[p.verdict] - VERDICT_ORDER[q.verdict] ||
    fiftieth(q.probability) - fiftieth(p.probability) ||
    q.score - p.score ||
    (p.styleId < q.styleId ? -1 : p.styleId > q.styleId ? 1 : 0)
  );
}
