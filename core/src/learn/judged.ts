import { MEASURE_IDS, SIDES, type MeasureId, type Side } from '../measure';
import { believe, type Gaussian, type Reading, type Sites, type Word, type WordJudged } from './ep';
import { OFFSETS, SIZE_IS } from './felt';
import type { KnownPair, Said, SaidWord } from './said';
import { stateAt } from './state';

/** A word is asked about when all others make it this unlikely, this far off, and rather a slip than not [model]. */
const ODD_WORD = { chance: 0.02, z: 1.6, slipped: 0.25 } as const;
/** Nothing else says so: it is asked about, never put right. That a pair is worn is no word of anybody. */
export const isOdd = (word: SaidWord, { chance, z, slipped }: WordJudged): boolean =>
  word !== 'worn' && chance < ODD_WORD.chance && z > ODD_WORD.z && slipped > ODD_WORD.slipped;
const ODD_PAIR_Z = 2.6;
/** What is told beside the estimate need be no closer than this, in deviations. */
export const SIDE_STILL = 1e-3;
/** The same when one pair may be of another size than it is written: a size more in the state, which only its own lines read. */
export function widened(prior: Gaussian, lines: readonly Word[], mine: readonly boolean[], base: number): { prior: Gaussian; lines: Word[] } {
  const d = prior.mean.length + 1;
  const wider: Gaussian = { mean: new Float64Array(d), cov: new Float64Array(d * d) };
  wider.mean.set(prior.mean);
  for (let i = 0; i < d - 1; i++) wider.cov.set(prior.cov.subarray(i * (d - 1), (i + 1) * (d - 1)), i * d);
  wider.cov[d * d - 1] = 1;
  const of = (line: Word, offset: 'length' | 'girth'): number => line.by[line.at.indexOf(base + OFFSETS.indexOf(offset))] ?? 0;
  return {
    prior: wider,
    lines: lines.map((l, i) => (mine[i] ? { ...l, at: [...l.at, d - 1], by: [...l.by, SIZE_IS.length * of(l, 'length') + SIZE_IS.girth * of(l, 'girth')] } : l)) // prettier-ignore
  };
}
/** All that was said, and what it came to. */
export interface AllSaid {
  prior: Gaussian;
  words: readonly { said: Said; line: Word }[];
  readings: readonly Reading[];
  sites: Sites;
}
/** What a pair says when it may be of another size than it is written; the others stand as they are. */
export function sizeOff(pair: KnownPair, { prior, words, readings, sites }: AllSaid, base: number): { sizesOff: number; sizesOffSd: number; odd: boolean } {
  const of = widened(prior, words.map((w) => w.line), words.map((w) => w.said.pair === pair), base); // prettier-ignore
  const { mean, cov } = believe(of.prior, of.lines, readings, { still: SIDE_STILL, from: sites });
  const last = mean.length - 1;
  const [sizesOff, sizesOffSd] = [mean[last], Math.sqrt(cov[last * mean.length + last])];
  return { sizesOff, sizesOffSd, odd: Math.abs(sizesOff) > ODD_PAIR_Z * sizesOffSd };
}
/** Taped by the wearer, a length is read this closely, mm. */
const OWN_TAPE_SD = 3;
/** What decides a size: what a further reading should make surer. */
const DECIDES: readonly MeasureId[] = ['lengthMm', 'ballGirthMm', 'instepGirthMm', 'heelWidthMm'];
/** What a tape would tell most, best first: by how much the doubt of what decides a size would shrink. */
export function needsOf(now: Gaussian, taped: (side: Side, id: MeasureId) => boolean): { measure: MeasureId; worth: number }[] {
  const d = now.mean.length;
  return MEASURE_IDS.filter((id) => !SIDES.every((side) => taped(side, id)))
    .map((measure) => {
      const at = stateAt('left', measure);
      const read = now.cov[at * d + at] + OWN_TAPE_SD ** 2;
      const shrunk = DECIDES.map((id) => {
        const i = stateAt('left', id);
        const was = now.cov[i * d + i];
        return 1 - Math.sqrt(Math.max(0, 1 - now.cov[i * d + at] ** 2 / (read * was)));
      });
      return { measure, worth: shrunk.reduce((s, n) => s + n, 0) / DECIDES.length };
    })
    .sort((a, b) => b.worth - a.worth);
}
