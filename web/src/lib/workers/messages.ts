import type {
  Candidate,
  FlagId,
  Fit,
  FitDrawing,
  Listed,
  NextMeasure,
  OtherShoe,
  PairPutIn,
  SectionDrawing,
  SizeGrid,
  SplitPair,
  Style,
  Trade,
  Unranked
} from '@chiave/core/fit';
import type { FittingState } from '../fit-feet';

/** One size and width of a style, with what is put into either shoe of the pair. */
export interface PairAsk {
  fitting: FittingState;
  style: Style;
  size: number;
  width: string;
  flags: FlagId[];
  put?: PairPutIn;
}

/**
 * What a page asks the fit worker. The worker fetches the stockroom itself and keeps it under its stamp; a ranking names which styles of it.
 */
export type Ask =
  /** Ahead of the first ranking: fetches the stockroom and ranks it all for these feet. */
  | { kind: 'warm'; job: number; stamp: string; fitting: FittingState }
  | { kind: 'stop'; job: number }
  | {
      kind: 'rank';
      job: number;
      fitting: FittingState;
      styleIds: string[];
      /** The size that all are held to, if any. */
      heldSize: number | null;
      stamp: string;
    }
  /** Asks for the whole of what the newest ranking has listed. */
  | { kind: 'tell'; job: number; styleIds: string[] }
  | ({ kind: 'open'; job: number; stamp: string } & PairAsk)
  | ({ kind: 'lay'; job: number } & PairAsk);

/** Both feet laid in a pair: fit and drawings. */
export interface Laid {
  fit: Fit;
  drawings: { side: 'left' | 'right'; drawing: FitDrawing; section: SectionDrawing }[];
}
export interface Opened extends Laid {
  grid: SizeGrid;
  /** Shorter with nothing against longer and filled, and a pair over two sizes; null where the style or the feet do not ask for it. */
  trade: Trade | null;
  split: SplitPair | null;
  /** What is worth measuring next, best first. */
  next: NextMeasure[];
}

export type Answer =
  | {
      kind: 'progress';
      job: number;
      done: number;
      of: number;
      candidates: Listed[];
      /** The whole of the best: what a page shows without having to ask. */
      told: Candidate[];
      unranked: Unranked[];
      considered: number;
      /** True once: with these the first hundred, in their order, can no longer change. */
      topStands: boolean;
    }
  /** All is told; the first hundred stood after `topMs`. Beforehand: every style was known of these feet before it was asked about. */
  | { kind: 'ranked'; job: number; topMs: number; tookMs: number; beforehand: boolean }
  | { kind: 'told'; job: number; candidates: Candidate[] }
  | { kind: 'opened'; job: number; opened: Opened }
  | { kind: 'laid'; job: number; laid: Laid }
  | { kind: 'others'; job: number; others: OtherShoe[] }
  | { kind: 'failed'; job: number; message: string };
