import { FEELS, ZONE } from '../fit';
import { MEASURE } from '../measure';
import type { Contradiction, WhyApart } from './contradiction';
import type { LearnedFeet, PairTold, WordTold } from './person';

/** Words for zones are their codes, written out. */
const wordName = (word: WordTold['word']): string => FEELS.find((f) => f.id === word)?.name ?? word.replace('-', ' ');
const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
/** A word that nothing else supports, as a question. @param nameOf a pair as it is called */
export const oddWordWords = ({ pair, side, zone, word }: WordTold, nameOf: (pair: string) => string): string =>
  zone === 'whole'
    ? `${nameOf(pair)} as a whole ${wordName(word)}: nothing else says so. Another size, or a pair that has stretched?`
    : `${capital(ZONE[zone].name)}${side ? ` ${side}` : ''}, ${wordName(word)} in ${nameOf(pair)}: nothing else says so. The other foot, or another size?`;
/** A pair that speaks as another size would. */
export function oddPairWords({ pair, sizesOff, sizesOffSd }: PairTold, nameOf: (pair: string) => string): string {
  const sizes = Math.abs(sizesOff);
  return `${nameOf(pair)} speaks like a shoe ${sizes.toFixed(1)} sizes ${sizesOff > 0 ? 'larger' : 'smaller'}, give or take ${sizesOffSd.toFixed(1)}: was it another size?`;
}
/** A reading of the tape that the shoes contradict. @param figure writes a length in the unit shown */
export const oddTapeWords = ({ side, measure, expectedMm, sdMm }: LearnedFeet['tape'][number], figure: (mm: number) => string): string =>
  `The tape’s ${MEASURE[measure].name}, ${side}: the shoes say ${figure(expectedMm)}, give or take ${figure(sdMm)}. Read it again.`;
/** Everything that should be asked about, the pair before its words. */
export function questionsOf({ words, pairs, tape }: LearnedFeet, nameOf: (pair: string) => string, figure: (mm: number) => string): string[] {
  const oddPairs = pairs.filter((p) => p.odd);
  const named = oddPairs.map((p) => p.pair);
  return [
    ...oddPairs.map((p) => oddPairWords(p, nameOf)),
    ...words.filter((w) => w.odd && !named.includes(w.pair)).map((w) => oddWordWords(w, nameOf)),
    ...tape.filter((t) => t.odd).map((t) => oddTapeWords(t, figure))
  ];
}
/** Each reason in words, and the one check that would tell. */
const REASON: Readonly<Record<WhyApart, (c: Contradiction) => { words: string; check: string }>> = {
  measured: ({ measure, side }) => ({
    words: `the ${MEASURE[measure].name} was read wrong`,
    check: `Take the ${MEASURE[measure].name} of the ${side} foot again.`
  }),
  label: () => ({ words: 'the shoe is not what its label says', check: 'Lay its insole on one of the size beside it, or try the next pair of that size.' }),
  person: ({ side }) => ({
    words: 'it is felt so',
    check: `Ask the ${side === 'left' ? 'right' : 'left'} foot the same, then swap the shoes: what both feet say is liking.`
  })
};
/** A contradiction told at the chair: what was felt against what was expected, the likeliest reasons, and the check for the first. */
export function contradictionWords(c: Contradiction, figure: (mm: number) => string): { head: string; reasons: string[]; check: string } {
  const { zone, side, word, expectedMm, expectedSdMm, reasons } = c;
  return {
    head: `${capital(ZONE[zone].name)} ${side} felt ${wordName(word)}; ${figure(expectedMm)} was expected, give or take ${figure(expectedSdMm)}: more than the doubt.`,
    reasons: reasons.map((r) => `${REASON[r.why](c).words} (${Math.round(100 * r.share)} of 100)`),
    check: REASON[reasons[0].why](c).check
  };
}
