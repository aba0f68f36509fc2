import type { ZoneId, ZoneState } from '../fit';
import { MEASURE_IDS, type MeasureId, type Side } from '../measure';
import { believe, type Gaussian, type Word } from './ep';
import { widened } from './judged';
import { along, settle, standsOf, type LastStands, type LearnAsk, type LearnedValue, type Settled } from './person';
import { likingAt, LIKINGS, stateAt } from './state';

/** Why a word and the fit may stand apart: a measure was read wrong, the shoe is not what its label says, or the person feels it so. */
export const WHY_APART = ['measured', 'label', 'person'] as const;
export type WhyApart = (typeof WHY_APART)[number];
/** How often each is so, beforehand [model]. */
const BEFORE: Readonly<Record<WhyApart, number>> = { measured: 0.06, label: 0.04, person: 0.08 };
export interface Contradiction {
  pair: string;
  side: Side;
  zone: ZoneId;
  word: ZoneState;
  /** What all else expects of this clearance, mm, and how surely. */
  expectedMm: number;
  expectedSdMm: number;
  /** Reasons, likeliest first, with their shares. */
  reasons: { why: WhyApart; share: number }[];
  /** The measure that bears most on this zone: what would be read again. */
  measure: MeasureId;
}
/** A word is told at once when it lies further off than what is felt and known can explain [model]. */
const APART = { z: 1.6, chance: 0.06 } as const;
/** A slip of the tape moves a reading by about this, mm; a person's own taste a zone by about this [model]. */
const SLIP_OF_TAPE_MM = 8;
const TASTE_MM = 6;
/** A measure that moves a clearance less than this, mm a mm, has nothing to do with it. */
const LEAST_SLOPE = 0.2;

/** The chance of one word when something else may be wrong as well. */
function chanceIf(why: WhyApart, w: number, { prior, words, readings, thumbs, now, baseOf }: Settled, measure: MeasureId): number {
  const { said, line } = words[w];
  const lines = words.map((x) => x.line);
  const how = { still: 1e-3, from: now.sites };
  if (why === 'label') {
    const of = widened(prior, lines, words.map((x) => x.said.pair === said.pair), baseOf(said.pair)); // prettier-ignore
    return believe(of.prior, of.lines, [...readings, ...thumbs], how).words[w].chance;
  }
  if (why === 'measured') {
    const misread = readings.map((r) => (r.side === said.side && r.measure === measure ? { ...r, sd: Math.hypot(r.sd, SLIP_OF_TAPE_MM) } : r));
    return believe(prior, lines, [...misread, ...thumbs], how).words[w].chance;
  }
  const loose: Word = { ...line, sd: Math.hypot(line.sd, TASTE_MM) };
  return believe(prior, lines.map((l, i) => (i === w ? loose : l)), [...readings, ...thumbs], how).words[w].chance; // prettier-ignore
}
/** What is heard at the chair at once: words that stand apart, and how each last stands for this wearer. */
export interface Heard {
  apart: Contradiction[];
  stands: LastStands[];
  /** How much more or less room than usual this wearer likes, and what was believed of it beforehand; by how many words. */
  liking: { now: LearnedValue; before: LearnedValue; words: number };
}
export function hear(ask: LearnAsk): Heard {
  const settled = settle(ask);
  const { words, now, prior, readings } = settled;
  const liking = (of: Gaussian): LearnedValue => along(of, [likingAt('common')], [1]);
  return {
    apart: apartIn(settled),
    stands: standsOf(words, now, believe(prior, [], readings)),
    liking: { now: liking(now), before: liking(prior), words: words.length }
  };
}
/** Words for zones that contradict feet and shoes by more than the doubt, the plainest first. */
export const contradictionsIn = (ask: LearnAsk): Contradiction[] => apartIn(settle(ask));
function apartIn(settled: Settled): Contradiction[] {
  const { words, now, readings } = settled;
  return words
    .flatMap(({ said, line }, w): (Contradiction & { chance: number })[] => {
      const judged = now.words[w];
      if (said.side === null || said.zone === 'whole' || judged.z < APART.z || judged.chance > APART.chance) return [];
      const { side, zone } = said;
      // Of what was read on this foot, the measure that bears most on this clearance; of all, where nothing of it was read.
      const slope = (id: MeasureId): number => Math.abs(line.by[line.at.indexOf(stateAt(side, id))] ?? 0);
      const read = MEASURE_IDS.filter((id) => slope(id) > LEAST_SLOPE && readings.some((r) => r.side === side && r.measure === id));
      const measure = (read.length > 0 ? read : MEASURE_IDS).reduce((a, b) => (slope(b) > slope(a) ? b : a));
      const weighed = WHY_APART.map((why) => ({ why, weight: BEFORE[why] * chanceIf(why, w, settled, measure) }));
      const sum = weighed.reduce((s, r) => s + r.weight, 0);
      const reasons = weighed.map(({ why, weight }) => ({ why, share: weight / sum })).sort((a, b) => b.share - a.share);
      // What is felt lies in liking too; a fitter looks at the clearance itself.
      const liked = LIKINGS.reduce((sum, id) => sum + (line.by[line.at.indexOf(likingAt(id))] ?? 0) * settled.prior.mean[likingAt(id)], 0);
      return [{ pair: said.pair.id, side, zone, word: said.word as ZoneState, expectedMm: judged.mm - liked, expectedSdMm: judged.sd, reasons, measure, chance: judged.chance }]; // prettier-ignore
    })
    .sort((a, b) => a.chance - b.chance)
    .map(({ chance: _, ...told }) => told);
}
