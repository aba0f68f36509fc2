import type { ScaleId } from '../../size';
import type { Side } from '../../measure';
import { reasonFor, sentence } from '../words';
import { zonesInBrief, type Cell, type ZoneBrief } from './cell';
import type { Verdict } from '../judge';
import type { KindId } from '../tables';
import { onShelf, sizeText, type Style, type Wear, type WornFoot } from '../shoe';
import type { ZoneId } from '../zones';
import { notTheLabel } from './label-size';

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
  /** What stands behind the verdict, without it. */
  reason: string;
  /** Why it is another size than the label alone would say, in one line; null where it is not. */
  notTheLabel: string | null;
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

/**
 * A cell as the candidate of its style.
 * @param helps what makes it fit: nothing needed, or null where no two helps do
 */
export function rankedAs(style: Style, cell: Cell, probability: number, helps: string[] | null, feet: readonly WornFoot[], wear: Wear): Ranked {
  const verdict: Verdict = cell.fits ? 'fits' : helps ? 'fits-with-help' : 'does-not-fit';
  // Only what is told is held on to: of thousands of cells the rest would weigh more.
  const { size, width, score, tightness, character, decidedBy, spoken } = cell;
  const shelved = onShelf(style, size, width);
  const whole = (): Candidate => {
    const zones = { left: [], right: [] } as Record<Side, ZoneBrief[]>;
    for (const foot of spoken) zones[foot.side] = zonesInBrief(foot);
    const reason = reasonFor(verdict, spoken, decidedBy);
    return {
      styleId: style.id,
      name: style.name,
      maker: style.maker.name,
      lastId: style.last.id,
      lastName: style.last.name,
      kind: style.kind,
      forWhom: style.forWhom,
      scale: style.scale,
      size: sizeText(style, size),
      sizeNumber: size,
      width,
      verdict,
      probability,
      score,
      tightness,
      character,
      decidedBy,
      sentence: sentence(verdict, reason, helps),
      reason,
      notTheLabel: notTheLabel(style, size, width, feet, wear),
      zones,
      onShelf: shelved,
      heelHeightMm: style.heelHeightMm
    };
  };
  return { styleId: style.id, verdict, probability, score, onShelf: shelved, whole };
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
