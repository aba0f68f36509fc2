/**
 * The fit engine beside the page: ranks the stockroom, opens one candidate, lays the feet in it with what is put in. `fit.worker.ts` puts it
 * behind a door; what it is asked and answers is plain data.
 */
import { hear, learnFeet, sendPlan, type Heard, type LearnAsk, type LearnedFeet, type SendPlan } from '@chiave/core/learn';
import {
  byRank,
  checkFit,
  drawFit,
  drawSection,
  heldToSize,
  nextMeasures,
  otherShoes,
  POINTS,
  rankStock,
  shoeOf,
  shorterOrLonger,
  sizeGrid,
  splitPair,
  wornWith,
  type Candidate,
  type Listed,
  type OtherShoe,
  type Ranked,
  type RankedBefore,
  type Style,
  type Unranked,
  type Wear
} from '@chiave/core/fit';
import { smallPair } from '../drawing/above/small-pair';
import { bothMeasured, wearOf, wornFeetOf, type FittingState } from '../fit-feet';
import { heelOnGround, type OnGround } from '../heel-on-ground';
import { fetchStock } from './fetch-stock';
import type { GroundAsk, Laid, Opened, PairAsk, Progress, RankAsk, RankEnd, Sketch, SketchAsk, SuitAsk, Suits, SuitTold } from './messages';
import { suitsOf, toldOf } from './suit-engine';

/** Only the newest question of a kind is carried on; an older one stops at its next breath. */
const newest = { warm: 0, rank: 0, open: 0 };
let asked = 0;
const begin = (kind: keyof typeof newest): number => (newest[kind] = ++asked);

/** The stockroom as it stood at a stamp, fetched anew when a page names another. */
let stock: { stamp: string; styles: Promise<ReadonlyMap<string, Style>> } | undefined;
function stockroom(stamp: string): Promise<ReadonlyMap<string, Style>> {
  if (stock?.stamp !== stamp) {
    const asked = { stamp, styles: fetchStock() };
    stock = asked;
    // What failed is not kept: the next question asks again.
    asked.styles.catch(() => stock === asked && (stock = undefined));
  }
  return stock.styles;
}
/** How long the worker goes on before it listens and tells, ms; a first screenful is told at once. */
const BREATH_MS = 20;
const SCREENFUL = 12;
/** So many of the best are told whole unasked: at first, and when the first hundred stand. */
const UNASKED = { first: 4, standing: 12 } as const;
const nothingToTell = () => ({ candidates: [] as Listed[], unranked: [] as Unranked[], considered: 0, topStands: false });
const listed = ({ styleId, verdict, probability, score, onShelf }: Ranked): Listed => ({ styleId, verdict, probability, score, onShelf });
/** What the newest ranking has found. As whole candidates a thousand would take a tenth of its time, and most are never looked at. */
let found = new Map<string, Ranked>();
/** What styles came to for the feet asked about last, worn as they were: only what is not known yet is ranked. */
let before: { of: string; known: RankedBefore } = { of: '', known: new Map() };
function knownOf(fitting: FittingState, stamp: string): RankedBefore {
  const of = JSON.stringify([stamp, fitting]);
  if (before.of !== of) before = { of, known: new Map() };
  return before.known;
}
/** Lets what has been posted to the worker in. A channel, since a timer started again and again is held back by some milliseconds each time. */
const channel = new MessageChannel();
const breathing: (() => void)[] = [];
channel.port1.onmessage = () => breathing.shift()?.();
const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    breathing.push(resolve);
    channel.port2.postMessage(null);
  });

/** Fetches the stockroom and, while nothing else is asked, ranks it all for these feet, if they are measured: whichever styles are asked about then, most is known. */
async function warm(stamp: string, fitting: FittingState): Promise<void> {
  const job = begin('warm');
  const askedSince = (): boolean => asked > job;
  // A fitting may have been opened under an older stamp than a ranking has named since: nothing is fetched anew for this.
  const held = stock?.stamp ?? stamp;
  const styles = [...(await stockroom(held)).values()];
  await ranking.catch(() => {});
  if (askedSince() || !bothMeasured(fitting)) return;
  let heard = performance.now();
  for (const _ of rankStock(styles, wornFeetOf(fitting), wearOf(fitting), undefined, knownOf(fitting, held))) {
    if (askedSince()) return;
    if (performance.now() - heard < BREATH_MS) continue;
    await breathe();
    heard = performance.now();
  }
}

/** The rest of the stockroom is looked at when what was asked about has been laid out for so long, ms. */
const REST_MS = 1000;
/** The ranking under way. */
let ranking: Promise<void> = Promise.resolve();

/**
 * Ranks styles, telling as it goes; the whole stockroom follows when nothing else has been asked.
 * @returns how it ended, or null where another ranking was asked for meanwhile
 */
async function rank(ask: RankAsk, tell: (progress: Progress) => void): Promise<RankEnd | null> {
  const job = begin('rank');
  const ended = rankNow(ask, job, tell);
  ranking = ended.then(
    () => {},
    () => {}
  );
  const end = await ended;
  // Should it fail, the next ranking asks anew and tells.
  if (newest.rank === job) setTimeout(() => asked === job && void warm(ask.stamp, ask.fitting).catch(() => {}), REST_MS);
  return end;
}

async function rankNow({ fitting, styleIds, heldSize, stamp }: RankAsk, job: number, say: (progress: Progress) => void): Promise<RankEnd | null> {
  const own = (found = new Map<string, Ranked>());
  const all = await stockroom(stamp);
  if (newest.rank !== job) return null;
  const started = performance.now();
  let told = started;
  let topMs = 0;
  let tell = nothingToTell();
  let screen: boolean = true;
  // What was taken away since the page was opened is no longer ranked.
  const named = styleIds.flatMap((id) => all.get(id) ?? []);
  const styles = heldSize === null ? named : named.flatMap((s) => heldToSize(s, heldSize) ?? []);
  let at = { done: 0, of: styles.length };
  const wholes = new Set<string>();
  const best = (many: number): Candidate[] =>
    [...own.values()]
      .sort(byRank)
      .slice(0, many)
      .filter(({ styleId }) => !wholes.has(styleId))
      .map(({ styleId, whole }) => wholes.add(styleId) && whole());
  const flush = (): void => {
    const many = tell.topStands ? UNASKED.standing : wholes.size === 0 ? UNASKED.first : 0;
    say({ ...at, ...tell, told: many > 0 ? best(many) : [] });
    tell = nothingToTell();
    told = performance.now();
  };
  // A style held to one size is another style.
  const known = heldSize === null ? knownOf(fitting, stamp) : undefined;
  const knew = known?.size ?? 0;
  for (const { done, of, candidate, unranked, considered, topStands } of rankStock(styles, wornFeetOf(fitting), wearOf(fitting), undefined, known)) {
    if (newest.rank !== job) return null;
    at = { done, of };
    tell.considered += considered;
    if (candidate) {
      own.set(candidate.styleId, candidate);
      tell.candidates.push(listed(candidate));
    }
    if (unranked) tell.unranked.push(unranked);
    if (topStands) {
      tell.topStands = true;
      topMs = performance.now() - started;
    }
    const screenful: boolean = screen && tell.candidates.length >= SCREENFUL;
    if (!screenful && !topStands && performance.now() - told < BREATH_MS) continue;
    if (screenful) screen = false;
    flush();
    await breathe();
  }
  flush();
  return { topMs, tookMs: performance.now() - started, beforehand: knew > 0 && known!.size === knew };
}

function lay({ fitting, style, size, width, flags, put = {} }: PairAsk): Laid {
  const feet = wornFeetOf(fitting);
  const wear = wearOf(fitting);
  const shoe = shoeOf(style, size, width);
  const drawings = feet.map((foot) => {
    const { side } = foot.foot;
    const worn = wornWith(shoe, wear, put[side]);
    return { side, drawing: drawFit(foot, shoe, worn.wear, worn.aids), section: drawSection(foot, shoe, worn.wear, worn.aids) };
  });
  return { drawings, fit: checkFit(feet, shoe, wear, flags, POINTS.opened, put) };
}

/** All that is told of a pair by itself, beside how it lies on the feet. */
function open({ fitting, style, size, width }: PairAsk): Opened {
  begin('open');
  const feet = wornFeetOf(fitting);
  const wear = wearOf(fitting);
  return {
    grid: sizeGrid(style, size, feet, wear),
    trade: shorterOrLonger(style, size, feet, wear),
    split: splitPair(style, feet, wear),
    next: nextMeasures(feet, shoeOf(style, size, width), wear)
  };
}

/** Other sizes and lasts in place of a pair; null where another pair was opened meanwhile. */
async function others({ stamp, fitting, style, size, width }: PairAsk & { stamp: string }): Promise<OtherShoe[] | null> {
  const job = newest.open;
  const all = await stockroom(stamp);
  return newest.open === job ? otherShoes(style, size, width, wornFeetOf(fitting), wearOf(fitting), [...all.values()]) : null;
}

/** Draws pairs and judges nothing. */
async function sketch({ fitting, stamp, ground, pairs }: SketchAsk): Promise<Sketch[]> {
  const all = await stockroom(stamp);
  const feet = wornFeetOf(fitting);
  const wear = wearOf(fitting);
  return pairs.flatMap(({ styleId, size, width, rooms }) => {
    const style = all.get(styleId);
    if (!style) return [];
    const shoe = shoeOf(style, size, width);
    return {
      styleId,
      feet: smallPair(
        feet.map((foot) => ({ side: foot.foot.side, drawing: drawFit(foot, shoe, wear) })),
        rooms
      ),
      // One foot tells for both: they differ by less than the ground does.
      onGround: ground === '' ? null : heelOnGround(feet[0].foot, shoe, ground, fitting.weightKg)
    };
  });
}

/** How the heels of candidates stand on a ground, by style; null for a shoe without one, nothing for a style that is gone. */
async function grounds({ fitting, stamp, ground, styleIds }: GroundAsk): Promise<Record<string, OnGround | null>> {
  const all = await stockroom(stamp);
  const [{ foot }] = wornFeetOf(fitting);
  return Object.fromEntries(
    styleIds.flatMap((id) => {
      const [style, pair] = [all.get(id), found.get(id)?.whole()];
      return style && pair ? [[id, heelOnGround(foot, shoeOf(style, pair.sizeNumber, pair.width), ground, fitting.weightKg)]] : [];
    })
  );
}

const wholeOf = (id: string): Candidate | undefined => found.get(id)?.whole();
/** What is listed, in the order of fit and suit. */
const suits = async (ask: SuitAsk): Promise<Suits> => suitsOf(ask, await stockroom(ask.stamp), wholeOf);
/** What is told of some of them for the use. */
const suitTold = async (ask: SuitAsk): Promise<Record<string, SuitTold>> => toldOf(ask, await stockroom(ask.stamp), wholeOf);

/** What the page may ask of the fit engine. */
export const fitEngine = {
  warm,
  rank,
  /** Stops a ranking that is under way. */
  stop: (): void => void begin('rank'),
  /** The whole of what the newest ranking has listed. */
  tell: (styleIds: readonly string[]): Candidate[] => styleIds.flatMap((id) => found.get(id)?.whole() ?? []),
  lay,
  sketch,
  grounds,
  suits,
  suitTold,
  /** Two feet behind the shoes somebody wears. */
  learn: (ask: LearnAsk): LearnedFeet => learnFeet(ask),
  /** Which sizes to send by post. */
  send: (ask: LearnAsk, styles: readonly Style[], wear: Wear): SendPlan => sendPlan(ask, styles, wear),
  /** What was felt at the chair and stands apart from feet and shoes. */
  hear: (ask: LearnAsk): Heard => hear(ask),
  open,
  others
};
export type FitEngine = typeof fitEngine;
