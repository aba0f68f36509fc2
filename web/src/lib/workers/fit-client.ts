import type { Heard, LearnAsk, LearnedFeet, SendPlan } from '@chiave/core/learn';
import { proxy } from 'comlink';
import type { Candidate, OtherShoe, Style, Wear } from '@chiave/core/fit';
import type { FittingState } from '../fit-feet';
import type { FitEngine } from './fit-engine';
import type { GroundAsk, Laid, Opened, PairAsk, Progress, RankAsk, RankEnd, Sketch, SketchAsk, SuitAsk, Suits, SuitTold } from './messages';
import type { OnGround } from '../heel-on-ground';
import { Beside } from './remote';

/** The fit engine of a tab, made when it is first asked. */
let engine: Beside<FitEngine> | undefined;
const made = (): Beside<FitEngine> => (engine ??= new Beside<FitEngine>(new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' })));
/** Plain data only: reactive proxies cannot be sent. */
const plain = <T>(ask: T): T => JSON.parse(JSON.stringify(ask)) as T;

/** Ranks styles, telling as it goes. @returns how it ended; null where it was stopped or another was asked for */
export const rank = (ask: RankAsk, tell: (progress: Progress) => void): Promise<RankEnd | null> => made().ask((e) => e.rank(plain(ask), proxy(tell)));
/** The whole of candidates of the newest ranking. */
export const tellWhole = (styleIds: string[]): Promise<Candidate[]> => made().ask((e) => e.tell([...styleIds]));
/** Stops a ranking that is under way. */
export const stopRanking = (): void => void engine?.ask((e) => e.stop()).catch(() => {});
/** Both feet laid in a pair with what is put in. */
export const lay = (ask: PairAsk): Promise<Laid> => made().ask((e) => e.lay(plain(ask)));
/** Draws pairs for both feet. */
export const sketch = (ask: SketchAsk): Promise<Sketch[]> => made().ask((e) => e.sketch(plain(ask)));
/** How heels stand on one ground, by style. */
export const onGround = (ask: GroundAsk): Promise<Record<string, OnGround | null>> => made().ask((e) => e.grounds(plain(ask)));
/** What is listed, placed by fit and suit. */
export const suitsFor = (ask: SuitAsk): Promise<Suits> => made().ask((e) => e.suits(plain(ask)));
/** What is told of some of what is listed for a use. */
export const suitToldOf = (ask: SuitAsk): Promise<Record<string, SuitTold>> => made().ask((e) => e.suitTold(plain(ask)));
/** Two feet behind the shoes somebody wears. */
export const learnFrom = (ask: LearnAsk): Promise<LearnedFeet> => made().ask((e) => e.learn(plain(ask)));
/** Which sizes to send by post. */
export const planToSend = (ask: LearnAsk, styles: readonly Style[], wear: Wear): Promise<SendPlan> =>
  made().ask((e) => e.send(plain(ask), plain(styles), plain(wear)));
/** What was felt at the chair and stands apart from feet and shoes, and how each last stands for this wearer. */
export const heardAt = (ask: LearnAsk): Promise<Heard> => made().ask((e) => e.hear(plain(ask)));
/** What is told of a pair beside how it lies on the feet: neighbouring sizes, what to measure next. */
export const openPair = (ask: PairAsk): Promise<Opened> => made().ask((e) => e.open(plain(ask)));
/** Other sizes and lasts in place of a pair; null where another was opened meanwhile. */
export const othersOf = (ask: PairAsk & { stamp: string }): Promise<OtherShoe[] | null> => made().ask((e) => e.others(plain(ask)));
/** Lets the worker fetch the stockroom and rank it for these feet before anything is asked of it. */
export const warm = (stamp: string, fitting: FittingState): void =>
  void made()
    .ask((e) => e.warm(stamp, plain(fitting)))
    .catch(() => {});
