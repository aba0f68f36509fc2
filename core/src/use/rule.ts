import type { FlagId, KindId } from '../fit';
import { USE_ATTRIBUTE, type UseAttributeId } from '../attributes';
import type { MembershipId } from './person';
import { optionsOf, type ChoiceQuestionId, type NumberQuestionId, type QuestionId } from './questions';
import type { SumId } from './sums';

/** How much a rule weighs: a must counts only where it fails, and may forbid. */
export const STRENGTHS = { must: 6, strong: 3, light: 1 } as const;
export type Strength = keyof typeof STRENGTHS;
/** How a value is graded, from −1 to 1, straight between the cuts. */
export type Grade =
  | { as: 'ge'; a: number; b: number }
  | { as: 'le'; a: number; b: number }
  | { as: 'in'; a: number; b: number; c: number; d: number }
  /** One grade a level. */
  | { as: 'levels'; of: readonly number[] };
export const ge = (a: number, b: number): Grade => ({ as: 'ge', a, b });
export const le = (a: number, b: number): Grade => ({ as: 'le', a, b });
export const inside = (a: number, b: number, c: number, d: number): Grade => ({ as: 'in', a, b, c, d });
export const levels = (...of: number[]): Grade => ({ as: 'levels', of });
/** These levels will not do, every other does; which they are is said where the rule says what it reads. */
interface Not {
  as: 'not';
  bad: readonly string[];
}
export const no = (...bad: string[]): Not => ({ as: 'not', bad });
/** A grade that fits what it reads. @throws RangeError where levels are missing or none of it: a definition is wrong */
function fitted(reads: UseAttributeId | SumId, grade: Grade | Not): Grade {
  if (grade.as !== 'not' && grade.as !== 'levels') return grade;
  const a = USE_ATTRIBUTE[reads as UseAttributeId];
  if (a?.as !== 'levels') throw new RangeError(`${reads} has no levels`);
  const of = grade.as === 'levels' ? grade.of : a.ids.map((id) => (grade.bad.includes(id) ? -1 : 1));
  if (of.length !== a.ids.length || (grade.as === 'not' && !grade.bad.every((id) => a.ids.includes(id)))) throw new RangeError(`levels of ${reads}: ${a.ids.join(', ')}`); // prettier-ignore
  return { as: 'levels', of };
}
const straight = (v: number, a: number, b: number): number => Math.min(1, Math.max(-1, (2 * (v - a)) / (b - a) - 1));
export function gradeOf(grade: Grade, value: number): number {
  if (grade.as === 'ge') return straight(value, grade.a, grade.b);
  if (grade.as === 'le') return -straight(value, grade.a, grade.b);
  if (grade.as === 'in') return Math.min(straight(value, grade.a, grade.b), -straight(value, grade.c, grade.d));
  return grade.of[Math.min(grade.of.length - 1, Math.max(0, Math.round(value)))];
}

/** When a rule holds: terms multiply. */
export type Term =
  | { as: 'answer'; question: ChoiceQuestionId; options: readonly string[] }
  | { as: 'number'; question: NumberQuestionId; from: number }
  | { as: 'member'; id: MembershipId }
  | { as: 'flag'; flags: readonly FlagId[] }
  | { as: 'gate'; attribute: UseAttributeId; from: number; below: number };
export const is = (question: ChoiceQuestionId, ...options: string[]): Term => ({ as: 'answer', question, options });
export const below = (question: ChoiceQuestionId, option: string): Term => {
  const all = optionsOf(question);
  return { as: 'answer', question, options: all.slice(0, all.indexOf(option)) };
};
export const past = (question: ChoiceQuestionId, option: string): Term => {
  const all = optionsOf(question);
  return { as: 'answer', question, options: all.slice(all.indexOf(option) + 1) };
};
export const atLeast = (question: NumberQuestionId, from: number): Term => ({ as: 'number', question, from });
export const member = (id: MembershipId): Term => ({ as: 'member', id });
export const flagged = (...flags: FlagId[]): Term => ({ as: 'flag', flags });
export const under = (attribute: UseAttributeId, value: number): Term => ({ as: 'gate', attribute, from: -Infinity, below: value });
export const from = (attribute: UseAttributeId, value: number): Term => ({ as: 'gate', attribute, from: value, below: Infinity });

/** Who is asked where a rule fails or a note calls for it. */
export const WHOM = {
  teacher: 'the teacher',
  'riding-teacher': 'the riding teacher',
  orthotist: 'the orthotist',
  clinician: 'the clinician'
} as const;
export type Whom = keyof typeof WHOM;
/** Where a figure comes from: the trade, a published source told from memory, or this project's own estimate. */
export const RULE_MARKS = { practice: 'practice', published: 'published, from memory', model: 'our estimate' } as const;
export type RuleMark = keyof typeof RULE_MARKS;
interface Said {
  id: string;
  /** A school it belongs to: counts where that option is chosen. */
  school?: readonly [axis: string, option: string];
  when: readonly Term[];
  /** Why, as a clause that begins small and ends without a stop. */
  why: string;
  whom?: Whom;
  mark: RuleMark;
}
export interface Rule extends Said {
  strength: Strength;
  reads: UseAttributeId | SumId;
  grade: Grade;
}
/** Something to say, which judges nothing. */
export type Note = Said;
/** A school: something on which those who know differ. */
export interface Axis {
  id: string;
  name: string;
  options: readonly { id: string; name: string }[];
}
export interface UseDefinition<Id extends string = string> {
  id: Id;
  name: string;
  /** Kinds made for it, and those that will do. */
  madeFor: readonly KindId[];
  willDo: readonly KindId[];
  questions: readonly QuestionId[];
  axes: readonly Axis[];
  load: { times: number; mm2: number } | null;
  /** Lies over every use: of everybody, or of those with one of these flags; null for a use by itself. */
  over: 'everybody' | readonly FlagId[] | null;
  rules: readonly Rule[];
  notes: readonly Note[];
}

interface Own {
  when?: readonly Term[] | Term;
  school?: readonly [axis: string, option: string];
  whom?: Whom;
  mark?: RuleMark;
}
const termsOf = (when: Own['when']): readonly Term[] => (when === undefined ? [] : 'as' in when ? [when] : when);
const said = (id: string, why: string, { when, school, whom, mark = 'practice' }: Own): Said => ({ id, why, when: termsOf(when), mark, ...(school ? { school } : {}), ...(whom ? { whom } : {}) }); // prettier-ignore
const rule =
  (strength: Strength) =>
  (id: string, reads: Rule['reads'], grade: Grade | Not, why: string, own: Own = {}): Rule => ({
    ...said(id, why, own),
    strength,
    reads,
    grade: fitted(reads, grade)
  });
export const must = rule('must');
export const strong = rule('strong');
export const light = rule('light');
export const note = (id: string, why: string, own: Own = {}): Note => said(id, why, own);
const axis = (id: string, name: string, options: Readonly<Record<string, string>>): Axis => ({ id, name, options: Object.entries(options).map(([key, words]) => ({ id: key, name: words })) }); // prettier-ignore
export { axis };
type Mine = Omit<UseDefinition, 'id' | 'name' | 'rules' | 'notes' | 'axes' | 'load' | 'over' | 'questions' | 'willDo'> &
  Partial<UseDefinition> & { says: readonly (Rule | Note)[] };
/** A use, with what is left out taken as usual. */
export const use = <const Id extends string>(id: Id, name: string, { says, madeFor, willDo = [], questions = [], axes = [], load = null, over = null }: Mine): UseDefinition<Id> => ({
  id, name, madeFor, willDo, questions, axes, load, over,
  rules: says.filter((s): s is Rule => 'reads' in s),
  notes: says.filter((s): s is Note => !('reads' in s))
}); // prettier-ignore
