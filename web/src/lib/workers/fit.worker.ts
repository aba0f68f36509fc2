/** The fit engine beside the page: ranks the stockroom, opens one candidate, lays the feet in it with what is put in. */
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
  type Ranked,
  type Style,
  type Unranked
} from '@chiave/core/fit';
import { wearOf, wornFeetOf, type FittingState } from '../fit-feet';
import type { Answer, Ask, Laid, PairAsk } from './messages';

const say = (answer: Answer): void => postMessage(answer);
/** Only the newest job of a kind is carried on; an older one stops at its next breath. */
const newest = { rank: 0, open: 0, lay: 0 };

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
async function fetchStock(): Promise<ReadonlyMap<string, Style>> {
  const response = await fetch('/api/v1/styles');
  if (!response.ok) throw new Error('the stockroom could not be read from the server');
  const { styles } = (await response.json()) as { styles: Style[] };
  return new Map(styles.map((s) => [s.id, s]));
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
/** Lets what has been posted to the worker in. A channel, since a timer started again and again is held back by some milliseconds each time. */
const channel = new MessageChannel();
const breathing: (() => void)[] = [];
channel.port1.onmessage = () => breathing.shift()?.();
const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    breathing.push(resolve);
    channel.port2.postMessage(null);
  });

onmessage = async ({ data }: MessageEvent<Ask>) => {
  if (data.kind !== 'warm' && data.kind !== 'tell') newest[data.kind === 'stop' ? 'rank' : data.kind] = data.job;
  if (data.kind === 'stop') return;
  try {
    if (data.kind === 'warm') await warm(data);
    else if (data.kind === 'rank') await rank(data);
    else if (data.kind === 'tell') say({ kind: 'told', job: data.job, candidates: data.styleIds.flatMap((id) => found.get(id)?.whole() ?? []) });
    else if (data.kind === 'open') await open(data);
    else say({ kind: 'laid', job: data.job, laid: lay(data) });
  } catch (error) {
    say({ kind: 'failed', job: data.job, message: error instanceof Error ? error.message : String(error) });
  }
};

/** For running in only: feet that most shoes fit, and feet that hardly any does, which asks for helps. */
const SOME_FEET = [{ lengthMm: 250 }, { lengthMm: 232, ballWidthMm: 99, ballGirthMm: 249 }].map((values) =>
  Object.fromEntries(Object.entries(values).map(([id, mm]) => [id, { mm, how: 'device' }]))
);
const ROUNDS = 2;

/**
 * Fetches the stockroom and runs the engine in, worn as these shoes will be: what has never run runs at a third of its speed, and what has
 * run on things of another make has to be run in again. The first real question ends it.
 */
async function warm({ stamp, fitting }: Extract<Ask, { kind: 'warm' }>): Promise<void> {
  const styles = [...(await stockroom(stamp)).values()];
  let heard = performance.now();
  for (let round = 0; round < ROUNDS; round++) {
    for (const values of SOME_FEET) {
      const { left, right } = fitting.feet;
      const some = { ...fitting, feet: { left: { ...left, values }, right: { ...right, values } } } as FittingState;
      for (const step of rankStock(styles, wornFeetOf(some), wearOf(some))) {
        if (newest.rank + newest.open + newest.lay > 0) return;
        step.candidate?.whole();
        if (performance.now() - heard < BREATH_MS) continue;
        await breathe();
        heard = performance.now();
      }
    }
  }
}

async function rank({ job, fitting, styleIds, heldSize, stamp }: Extract<Ask, { kind: 'rank' }>): Promise<void> {
  const own = (found = new Map<string, Ranked>());
  const all = await stockroom(stamp);
  if (newest.rank !== job) return;
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
    say({ kind: 'progress', job, ...at, ...tell, told: many > 0 ? best(many) : [] });
    tell = nothingToTell();
    told = performance.now();
  };
  for (const { done, of, candidate, unranked, considered, topStands } of rankStock(styles, wornFeetOf(fitting), wearOf(fitting))) {
    if (newest.rank !== job) return;
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
  say({ kind: 'ranked', job, topMs, tookMs: performance.now() - started });
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

async function open(ask: Extract<Ask, { kind: 'open' }>): Promise<void> {
  const { job, stamp, fitting, style, size, width } = ask;
  const feet = wornFeetOf(fitting);
  const wear = wearOf(fitting);
  const opened = {
    ...lay(ask),
    grid: sizeGrid(style, size, feet, wear),
    trade: shorterOrLonger(style, size, feet, wear),
    split: splitPair(style, feet, wear),
    next: nextMeasures(feet, shoeOf(style, size, width), wear)
  };
  say({ kind: 'opened', job, opened });
  const others = [...(await stockroom(stamp)).values()];
  if (newest.open !== job) return;
  say({ kind: 'others', job, others: otherShoes(style, size, width, feet, wear, others) });
}
