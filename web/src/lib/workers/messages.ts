import type { Candidate, FlagId, Fit, FitDrawing, OtherShoe, SizeGrid, SplitPair, Style, Trade, Unranked } from '@chiave/core/fit';
import type { FittingState } from '../fit-feet';

/** What a page asks the fit worker, and what comes back. */
export type Ask =
  | { kind: 'stop'; job: number }
  | { kind: 'rank'; job: number; fitting: FittingState; styles: Style[] }
  | { kind: 'open'; job: number; fitting: FittingState; styles: Style[]; styleId: string; size: number; width: string; flags: FlagId[] };

export interface Opened {
  fit: Fit;
  drawings: { side: 'left' | 'right'; drawing: FitDrawing }[];
  grid: SizeGrid;
  /** Shorter with nothing against longer and filled, and a pair over two sizes; null where the style or the feet do not ask for it. */
  trade: Trade | null;
  split: SplitPair | null;
}

export type Answer =
  | { kind: 'progress'; job: number; done: number; of: number; candidate?: Candidate; unranked?: Unranked; considered: number }
  | { kind: 'ranked'; job: number; tookMs: number }
  | { kind: 'opened'; job: number; opened: Opened }
  | { kind: 'others'; job: number; others: OtherShoe[] }
  | { kind: 'failed'; job: number; message: string };
