import type {
  Candidate,
  FlagId,
  Fit,
  FitDrawing,
  Listed,
  NextMeasure,
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

/** What is ranked: which styles, for whose feet. */
export interface RankAsk {
  fitting: FittingState;
  styleIds: string[];
  /** The size that all are held to, if any. */
  heldSize: number | null;
  /** The stockroom's: the worker fetches it itself and keeps it under its stamp. */
  stamp: string;
}

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

/** What a ranking tells as it goes. */
export interface Progress {
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
export interface RankEnd {
  topMs: number;
  tookMs: number;
  beforehand: boolean;
}
