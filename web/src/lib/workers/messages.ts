import type {
  Candidate,
  FlagId,
  Fit,
  FitDrawing,
  FlexState,
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
import type { GroundId } from '@chiave/core/heel';
import type { Side } from '@chiave/core/measure';
import type { SmallPairLines } from '../drawing/above/small-pair';
import type { FigureId, FitVerdict, Schools, Suit, UseFigure, UseId, UseSentences, UseSetting, Wear, WouldChange } from '@chiave/core/use';
import type { FittingState } from '../fit-feet';
import type { OnGround } from '../heel-on-ground';

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
/** What is told of a pair beside how it lies on the feet. */
export interface Opened {
  grid: SizeGrid;
  /** Shorter with nothing against longer and filled, and a pair over two sizes; null where the style or the feet do not ask for it. */
  trade: Trade | null;
  split: SplitPair | null;
  /** What is worth measuring next, best first. */
  next: NextMeasure[];
}

/** Pairs of which only the drawing is wanted, for both feet as they are worn. */
export interface SketchAsk {
  fitting: FittingState;
  stamp: string;
  /** What the shoes are worn on, blank where it was not asked. */
  ground: GroundId | '';
  /** `rooms`: state of the toe room of either foot, which its front is coloured by. */
  pairs: { styleId: string; size: number; width: string; rooms: Partial<Record<Side, FlexState>> }[];
}
/** Candidates of the newest ranking of which only their standing on a ground is wanted. */
export interface GroundAsk {
  fitting: FittingState;
  stamp: string;
  ground: GroundId;
  styleIds: string[];
}
/** Listed candidates that are judged for a use. */
export interface SuitAsk {
  stamp: string;
  use: UseId;
  setting: UseSetting;
  schools: Schools;
  /** In the order of the fit. */
  listed: { styleId: string; verdict: FitVerdict; probability: number; worn?: Wear }[];
  /** Figures that are told of each besides. */
  figures?: FigureId[];
}
/** The order by fit and suit, how each suits, and the first three with in what they differ from the first. */
export interface Suits {
  order: string[];
  suits: Record<string, Suit & { place: number; dropMm: number; figures: Partial<Record<FigureId, UseFigure | null>> }>;
  three: { styleId: string; but: string }[];
}
/** What is told of one shoe for a use, and what would change it. */
export interface SuitTold {
  sentences: UseSentences;
  would: WouldChange[];
}
/** The lines of one pair, and how its heel stands on the ground that was asked for; none where its style is gone. */
export interface Sketch {
  styleId: string;
  feet: SmallPairLines;
  onGround: OnGround | null;
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
