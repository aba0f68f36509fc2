import { attributeWords, USE_ATTRIBUTE, type UseAttributeId } from '../attributes';
import { confidenceOf } from './gait';
import { asFarAsSeen, SUIT_CLASSES, unseenOf, type Judged, type RuleRead, type Suit, type SuitClass } from './judge';
import type { Wanted } from './first';
import { QUESTION, type NumberQuestion, type QuestionId } from './questions';
import { WHOM, type Grade, type Note, type Rule, type Whom } from './rule';
import type { UseShoe } from './shoe';
import { SUM, type Needed, type SumId } from './sums';

/** Every sentence of a use: whole, kind, with the figure it speaks of. */
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const trim = (n: number, digits: number): string => String(Number(n.toFixed(digits))).replace(/^-/, '−');
const isSum = (reads: string): reads is SumId => reads in SUM;

/** Figures of a reading and the unit behind them, apart: a range names its unit once. */
function partsOf(reads: Rule['reads'], value: number): [figures: string, unit: string] {
  if (isSum(reads)) {
    const { unit, digits, told } = SUM[reads];
    return [trim(told ? told(value) : value, digits), unit === '°' ? '°' : unit && ` ${unit}`];
  }
  const a = USE_ATTRIBUTE[reads];
  if (a.as === 'figure') return [trim(value, a.unit === 'µ' ? 2 : 1), a.unit === 'µ' ? '' : a.unit === '°' ? '°' : ` ${a.unit}`];
  return [trim(value, 1), ' of 5'];
}
const figure = (reads: Rule['reads'], value: number): string => (isSum(reads) ? partsOf(reads, value).join('') : attributeWords(USE_ATTRIBUTE[reads], value));
const range = (reads: Rule['reads'], low: number, high: number): string => {
  const [a, b] = [partsOf(reads, low), partsOf(reads, high)];
  return a[0] === b[0] ? a.join('') : `${a[0]} to ${b.join('')}`;
};
const nameOf = (reads: Rule['reads']): string => (isSum(reads) ? SUM[reads].name : USE_ATTRIBUTE[reads].name);
/** What is read and what it is: `Sole: rubber`, `Effective drop: 90 mm, by the maker’s word`. */
const valueWords = ({ here: { rule }, value, claimed }: RuleRead): string =>
  capital(`${nameOf(rule.reads)}: ${figure(rule.reads, value)}${claimed ? ', by the maker’s word' : ''}`);
const list = (names: readonly string[], last: 'or' | 'and' = 'or'): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} ${last} ${names[names.length - 1]}`;
/** How far below the best a level is still wanted. */
const NEAR_BEST = 0.2;
/** What a rule wishes for: the top of its grade, levels within a little of the best. */
export function wantWords(reads: Rule['reads'], grade: Grade): string {
  if (grade.as === 'levels') {
    const a = USE_ATTRIBUTE[reads as UseAttributeId];
    const best = Math.max(...grade.of);
    const good = grade.of.flatMap((g, i) => (g >= best - NEAR_BEST ? [i] : []));
    const bad = grade.of.flatMap((g, i) => (g < best - NEAR_BEST ? [i] : []));
    const name = (i: number): string => attributeWords(a, i);
    return bad.length < good.length ? `not ${list(bad.map(name))}` : list(good.map(name));
  }
  if (grade.as === 'ge') return `${figure(reads, grade.b)} or more`;
  if (grade.as === 'le') return grade.a === 0 ? 'none' : `${figure(reads, grade.a)} or less`;
  return range(reads, grade.b, grade.c);
}
export const askWords = (whom: Whom): string => `Ask ${WHOM[whom]}.`;
/** From this grade on a value is told as right, under it as one that will do. */
const RIGHT = 0.75;
export function forWords(read: RuleRead): string {
  const { rule } = read.here;
  const said = valueWords(read);
  return read.s >= RIGHT ? `${said}. ${capital(rule.why)}.` : `${said} will do; better: ${wantWords(rule.reads, rule.grade)}. ${capital(rule.why)}.`;
}
export function againstWords(read: RuleRead): string {
  const { rule } = read.here;
  return `${valueWords(read)}; wanted: ${wantWords(rule.reads, rule.grade)}. ${capital(rule.why)}.${rule.whom ? ` ${askWords(rule.whom)}` : ''}`;
}
export function lookWords(read: RuleRead, shoe: UseShoe): string {
  const { rule } = read.here;
  const names = unseenOf(read, shoe).map((id) => USE_ATTRIBUTE[id].name);
  return `Look at the ${list(names.length > 0 ? names : [nameOf(rule.reads)], 'and')}. Wanted${isSum(rule.reads) ? `, ${nameOf(rule.reads)}` : ''}: ${wantWords(rule.reads, rule.grade)}. ${capital(rule.why)}.`;
}
export const noteWords = ({ why, whom }: Note): string => `${capital(why)}.${whom ? ` ${askWords(whom)}` : ''}`;
export const classWords = (id: SuitClass): string => SUIT_CLASSES.find((c) => c.id === id)!.name;
const ASKED = {
  weightKg: 'what they weigh',
  ankleReachDeg: 'the ankle’s reach',
  toeHeightMm: 'the height of the toes',
  fit: 'the fit'
} as const satisfies Record<Exclude<Needed, QuestionId>, string>;
export const neededWords = (need: Needed): string => (need in QUESTION ? QUESTION[need as QuestionId].name.toLowerCase() : ASKED[need as keyof typeof ASKED]);
/** The class, and as far as it was seen. */
export const suitWords = (suit: Pick<Suit, 'class' | 'seen'>): string => `${classWords(suit.class)}${asFarAsSeen(suit) ? ', as far as seen' : ''}`;
/** The answer in one line. */
export const headWords = (judged: Pick<Judged, 'class' | 'seen' | 'judge'>): string => `${capital(judged.judge.use.name)}: ${suitWords(judged)}`;
/** Whether its kind is made for the use; nothing where it will merely do. */
export const madeWords = ({ made, judge }: Pick<Judged, 'made' | 'judge'>): string =>
  made === 1 ? `Made for ${judge.use.name}.` : made < 0 ? `Not a kind that is made for ${judge.use.name}.` : '';
export interface UseSentences {
  head: string;
  made: string;
  forbidden: string[];
  for: string[];
  against: string[];
  look: string[];
  conflicts: string[];
  notes: string[];
  /** What is still to be taken or asked. */
  needs: string;
  /** What was taken for granted. */
  assumed: string;
  whom: Whom[];
}
/** Everything that is told of a shoe for a use. */
export function useSentences(j: Judged, shoe: UseShoe): UseSentences {
  const whom = new Set([...j.forbiddenBy, ...j.against].flatMap((r) => r.here.rule.whom ?? []).concat(j.judge.notes.flatMap(({ note }) => note.whom ?? [])));
  return {
    head: headWords(j),
    forbidden: j.forbiddenBy.map(againstWords),
    made: madeWords(j),
    for: j.for.map(forWords),
    against: j.against.filter((r) => !r.forbids).map(againstWords),
    look: j.look.map((r) => lookWords(r, shoe)),
    // Options that come to the same class are no news to whoever buys.
    conflicts: j.conflicts
      .filter(({ options }) => options.some((o) => o.class !== options[0].class))
      .map(
        ({ axis, options }) =>
          `Those who know differ. ${axis.name}: ${options.map((o) => `${axis.options.find((a) => a.id === o.option)!.name} – ${classWords(o.class)}`).join('; ')}.`
      ),
    notes: j.judge.notes.map(({ note }) => noteWords(note)),
    needs: j.needs.length === 0 ? '' : `Still to take or ask: ${list(j.needs.map(neededWords), 'and')}.`,
    assumed: assumedWords(j),
    whom: [...whom]
  };
}
function assumedWords({ assumed }: Judged): string {
  if (assumed.length === 0) return '';
  const each = assumed.map((id) => {
    const q = QUESTION[id] as NumberQuestion;
    return `${q.name.charAt(0).toLowerCase()}${q.name.slice(1)} ${q.usual} ${q.unit}`.replace(' °', '°');
  });
  return `Taken for granted until it is told: ${each.join(', ')}.`;
}
/** A class of gait with how sure it is: `rolls in, clear`. */
export const gaitWords = (name: string, confidence: number): string => `${name}, ${confidenceOf(confidence).name}`;

/** What is wanted of a first pair, in words: `sole: smooth`, `effective drop: 88 to 102 mm`. */
export function wantedWords({ reads, low, high, levels }: Wanted): string {
  const name = nameOf(reads);
  if (levels.length > 0) return `${name}: ${list(levels.map((l) => attributeWords(USE_ATTRIBUTE[reads as UseAttributeId], l)))}`;
  return `${name}: ${range(reads, low, high)}`;
}
