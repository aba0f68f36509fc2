import type { Preference, ZoneId } from '../fit';
import { MEASURE_IDS, SIDES, type MeasureId, type Side } from '../measure';
import { believe, type Believed, type Gaussian, type Reading, type Word, type WordJudged } from './ep';
import { isOdd, needsOf, SIDE_STILL, sizeOff } from './judged';
import { clearanceAt, layoutOf, lineAt, readOf, saidOf, type KnownPair, type Said, type SaidWord } from './said';
import { slopesAt, type FootFeatures } from './slopes';
import { likingAt, MEASURES_BOTH, priorOf, stateAt } from './state';

export interface LearnAsk {
  pairs: readonly KnownPair[];
  tape: Readonly<Partial<Record<Side, Readonly<Partial<Record<MeasureId, { mm: number; sdMm: number }>>>>>>;
  preference: Preference;
  features?: Readonly<Partial<Record<Side, FootFeatures>>>;
}
export interface LearnedValue {
  mm: number;
  sdMm: number;
}
/** A word as the rest judges it. */
export interface WordTold extends WordJudged {
  pair: string;
  /** Null for a word about both feet. */
  side: Side | null;
  zone: ZoneId | 'whole';
  word: SaidWord;
  /** Nothing else says so: it is asked about, never put right. */
  odd: boolean;
}
/** A pair as the rest judges it. */
export interface PairTold {
  pair: string;
  /** What it says of the longer foot's length by itself, mm. */
  aloneMm: number;
  aloneSdMm: number;
  /** Its part in what is known of that length, 0 to 1. */
  share: number;
  /** It speaks as if it were so many sizes larger than it is written. */
  sizesOff: number;
  sizesOffSd: number;
  odd: boolean;
}
export interface LearnedFeet {
  feet: Record<Side, Record<MeasureId, LearnedValue>>;
  liking: LearnedValue;
  /** Length as liked: what a size is chosen by. */
  asLiked: Record<Side, LearnedValue>;
  words: WordTold[];
  pairs: PairTold[];
  /** Readings of the tape that the shoes contradict. */
  tape: { side: Side; measure: MeasureId; expectedMm: number; sdMm: number; z: number; odd: boolean }[];
  /** What a tape would tell most, best first: by how much the doubt of what fits would shrink. */
  needs: { measure: MeasureId; worth: number }[];
  /** How each last stands for this wearer, against what the stockroom and the tape alone would say. */
  stands: LastStands[];
  /** Share of the tape in what is known of the longer foot's length. */
  tapeShare: number;
}

/** For one wearer a last is as if it were so much longer, or had so much more girth: foot, liking and last together, which words do tell. */
export interface LastStands extends LearnedValue {
  lastId: string;
  zone: ZoneId;
  /** Pairs of it that were spoken of there. */
  pairs: number;
}
/** Where a last is told to stand off. */
const STANDS_AT: readonly ZoneId[] = ['toe-room', 'ball-girth'];
/** @param before what tape and stockroom alone say */
export function standsOf(words: Settled['words'], now: Gaussian, before: Gaussian): LastStands[] {
  const keys = new Map<string, Settled['words']>();
  for (const word of words) {
    const { pair, zone, side } = word.said;
    if (pair.lastId === null || side === null || !STANDS_AT.includes(zone as ZoneId)) continue;
    const key = `${zone} ${pair.lastId}`;
    keys.set(key, [...(keys.get(key) ?? []), word]);
  }
  return [...keys.values()].map((own) => {
    const each = own.map(({ line }) => ({ now: along(now, line.at, line.by), before: along(before, line.at, line.by).mm }));
    const mean = (of: (e: (typeof each)[number]) => number): number => each.reduce((s, e) => s + of(e), 0) / each.length;
    const { pair, zone } = own[0].said;
    return {
      lastId: pair.lastId!,
      zone: zone as ZoneId,
      pairs: new Set(own.map((w) => w.said.pair.id)).size,
      mm: mean((e) => e.now.mm - e.before),
      sdMm: mean((e) => e.now.sdMm)
    };
  });
}
const ROUNDS = 3;
/** Shoes are read again only where the foot moved further than this, mm. */
const NEAR_MM = 0.5;
const ODD_TAPE_Z = 2.6;

const deviation = ({ cov, mean }: Gaussian, i: number): number => Math.sqrt(Math.max(0, cov[i * mean.length + i]));
/** Value and doubt of a line through the state. */
export function along({ mean, cov }: Gaussian, at: readonly number[], by: readonly number[]): LearnedValue {
  let [mm, variance] = [0, 0];
  at.forEach((i, k) => {
    mm += by[k] * mean[i];
    at.forEach((j, l) => (variance += by[k] * by[l] * cov[i * mean.length + j]));
  });
  return { mm, sdMm: Math.sqrt(Math.max(0, variance)) };
}
const medianOf = (of: number[]): number => {
  const sorted = [...of].sort((a, b) => a - b);
  return (sorted[(sorted.length - 1) >> 1] + sorted[sorted.length >> 1]) / 2;
};
const FALLBACK_MM = 250;
/** The length about which feet are expected: as taped, else what the known shoes are made for. */
export function anchorOf({ tape, pairs }: Pick<LearnAsk, 'tape' | 'pairs'>): number {
  const taped = SIDES.flatMap((side) => tape[side]?.lengthMm?.mm ?? []);
  if (taped.length > 0) return taped.reduce((s, mm) => s + mm, 0) / taped.length;
  return pairs.length > 0 ? medianOf(pairs.map((p) => p.shoe.inside.madeForFootMm)) : FALLBACK_MM;
}

/** All that was said, read at the state it came to. */
export interface Settled {
  prior: Gaussian;
  words: { said: Said; line: Word }[];
  readings: (Reading & { side: Side; measure: MeasureId })[];
  /** Clearances read by thumb or ruler. */
  thumbs: Reading[];
  now: Believed;
  baseOf: (pair: KnownPair) => number;
}
/** Joins what was said, reading the shoes anew where the feet have moved. */
export function settle(ask: LearnAsk): Settled {
  const { pairs, tape, preference, features = {} } = ask;
  const { baseOf, extra } = layoutOf(pairs);
  const prior = priorOf(anchorOf(ask), preference, extra);
  const said = pairs.flatMap(saidOf);
  const readings = SIDES.flatMap(
    (side) =>
    (Object.entries(tape[side] ?? {}) as [MeasureId, LearnedValue][]).map(([measure, { mm, sdMm }]) => ({ side, measure, at: [stateAt(side, measure)], by: [1], mm: 0, value: mm, sd: sdMm })) // prettier-ignore
  );
  let now: Believed = believe(prior, [], readings);
  let words: { said: Said; line: Word }[] = [];
  let readAt = now.mean;
  const read = pairs.flatMap(readOf);
  let thumbs: Reading[] = [];
  const zones = new Set([...said, ...read].flatMap((s) => s.parts.map((p) => p.zone)));
  for (let round = 0; round < ROUNDS && said.length + read.length > 0; round++) {
    const { mean } = now;
    if (round > 0 && MEASURES_BOTH.every((_, i) => Math.abs(mean[i] - readAt[i]) < NEAR_MM)) break;
    readAt = mean;
    const slopes = new Map(
      pairs.map((pair) => {
        const of = (side: Side) => slopesAt({ ...pair, side, mmOf: (id) => mean[stateAt(side, id)], features: features[side] ?? {}, zones });
        return [pair, { left: of('left'), right: of('right') }];
      })
    );
    words = said.flatMap((s) => {
      const line = lineAt(s, slopes.get(s.pair)!, baseOf(s.pair), mean);
      return line ? [{ said: s, line }] : [];
    });
    thumbs = read.flatMap(({ mm, sd, ...r }) => {
      const line = clearanceAt(r, slopes.get(r.pair)!, baseOf(r.pair), mean);
      return line ? [{ ...line, value: mm, sd }] : [];
    });
    now = believe(
      prior,
      words.map((w) => w.line),
      [...readings, ...thumbs],
      round > 0 ? { from: now.sites } : {}
    );
  }
  return { prior, words, readings, thumbs, now, baseOf };
}

/**
 * Two feet behind the shoes somebody wears, with or without a tape: every word is an interval over the engine's own clearance, felt with
 * noise; a small share of words are slips; lasts may be off and people like it closer or looser. Everything is worked out anew from what was
 * said, in its order: what is taken back was never there.
 */
export function learnFeet(ask: LearnAsk): LearnedFeet {
  const { pairs, tape } = ask;
  const { prior, words, readings, thumbs, now, baseOf } = settle(ask);
  const length = (side: Side): number => stateAt(side, 'lengthMm');
  const longer = now.mean[length('right')] > now.mean[length('left')] ? length('right') : length('left');
  const known = (b: Gaussian): number => Math.max(0, 1 / deviation(b, longer) ** 2 - 1 / deviation(prior, longer) ** 2);
  const alone = pairs.map((pair) => believe(prior, words.flatMap((w) => (w.said.pair === pair ? [w.line] : [])), [], { still: SIDE_STILL })); // prettier-ignore
  const taped = believe(prior, [], readings);
  const whole = alone.reduce((sum, b) => sum + known(b), known(taped));
  return {
    feet: Object.fromEntries(
      SIDES.map((side) => [side, Object.fromEntries(MEASURE_IDS.map((id) => [id, along(now, [stateAt(side, id)], [1])]))])
    ) as LearnedFeet['feet'],
    liking: along(now, [likingAt('common')], [1]),
    asLiked: Object.fromEntries(SIDES.map((side) => [side, along(now, [length(side), likingAt('common')], [1, 1])])) as LearnedFeet['asLiked'],
    words: words.map(({ said: s }, i) => {
      const judged = now.words[i];
      return { ...judged, pair: s.pair.id, side: s.side, zone: s.zone, word: s.word, odd: isOdd(s.word, judged) };
    }),
    pairs: pairs.map((pair, p) => ({ pair: pair.id, ...sizeOff(pair, { prior, words, readings: [...readings, ...thumbs], sites: now.sites }, baseOf(pair)), aloneMm: alone[p].mean[longer], aloneSdMm: deviation(alone[p], longer), share: whole > 0 ? known(alone[p]) / whole : 0 })), // prettier-ignore
    tape: readings.map((r, i) => {
      const { mm, sd, z } = now.readings[i];
      return { side: r.side, measure: r.measure, expectedMm: mm, sdMm: sd, z, odd: words.length > 0 && z > ODD_TAPE_Z };
    }),
    needs: needsOf(now, (side, id) => tape[side]?.[id] !== undefined),
    stands: standsOf(words, now, taped),
    tapeShare: whole > 0 ? known(taped) / whole : 0
  };
}
