import { AT, type UseAttributeId } from '../attributes';
import { membersOf, type UsePerson } from './person';
import { POINT_WEIGHTS } from './points';
import { chosenOf, numberOf, optionsOf, QUESTION, type Answers, type ChoiceQuestion, type NumberQuestionId, type QuestionId } from './questions';
import { gradeOf, STRENGTHS, type Axis, type Grade, type Note, type Rule, type Term, type UseDefinition } from './rule';
import { CLAIMED, type UseShoe } from './shoe';
import { SUM, type AtPoint, type InUse, type Needed, type SumId, type UseSetting } from './sums';
import { ALL_USES, USE, type AnyUseId, type UseId } from './uses';

/** How a shoe suits a use, in four classes. */
export const SUIT_CLASSES = [
  { id: 'suits', name: 'suits', least: 0.4, strongAgainst: 0 },
  { id: 'with-care', name: 'suits with care', least: 0.1, strongAgainst: 2 },
  { id: 'against', name: 'speaks against it', least: -Infinity, strongAgainst: Infinity },
  { id: 'not-for-this', name: 'not for this', least: -Infinity, strongAgainst: Infinity }
] as const;
export type SuitClass = (typeof SUIT_CLASSES)[number]['id'];
/** Schools chosen, by use and axis; what is not chosen stands in the middle. */
export type Schools = Partial<Record<AnyUseId, Readonly<Record<string, string>>>>;

/** The kind a shoe is: made for the use, will do, or neither. */
const MADE = { for: 1, willDo: 0.1, other: -0.6 } as const;
export const MADE_WEIGHT = STRENGTHS.strong;
/** A known strong rule counts as strongly against from here. */
const STRONG_AGAINST = { grade: -0.5, weight: 1.6 } as const;
/** A rule is told from this much of its being asked. */
export const TOLD_FROM = 0.3;
const MIDDLE = 0.5;

/** One rule with what of it does not hang on the shoe. */
export interface RuleHere {
  use: UseDefinition<AnyUseId>;
  rule: Rule;
  /** Strength by school. */
  weight: number;
  /** How much it is asked: answers, flags, memberships. */
  asked: number;
  /** Terms that the shoe decides. */
  gates: readonly Extract<Term, { as: 'gate' }>[];
  /** Attributes it reads. */
  reads: readonly UseAttributeId[];
  /** Columns of the attributes it reads; its own where it reads one alone, else −1. */
  columns: readonly number[];
  column: number;
  /** Of the rule, at hand. */
  grade: Grade;
  isMust: boolean;
  isLight: boolean;
  /** Everything it asks of person and answers was told: only then may it forbid. */
  certain: boolean;
  /** Null where something of the person or the answers was not taken. */
  value: ((at: AtPoint) => number | null) | null;
}
/** A use for one person and what was answered, ready to judge any shoe. */
export interface Judge {
  use: UseDefinition<AnyUseId>;
  /** The use and what lies over it. */
  uses: readonly UseDefinition<AnyUseId>[];
  setting: UseSetting;
  schools: Schools;
  rules: readonly RuleHere[];
  notes: readonly { use: UseDefinition<AnyUseId>; note: Note }[];
  answers: Answers;
}

/** Uses that lie over another for somebody with these flags. */
export const usesOver = (id: AnyUseId, { flags }: Pick<UsePerson, 'flags'>): UseDefinition<AnyUseId>[] =>
  ALL_USES.filter((u) => u.id !== id && (u.over === 'everybody' || (u.over?.some((f) => flags.includes(f)) ?? false)));

/** Whether a rule that is asked reads how the shoe fits. */
export const readsFit = ({ rules }: Pick<Judge, 'rules'>): boolean =>
  rules.some(({ rule: { reads } }) => reads in SUM && SUM[reads as SumId].needs.includes('fit'));
/** Whether roll, strike or arch bear on a use. */
export const readsGait = ({ rules }: UseDefinition): boolean => rules.some((r) => r.when.some((t) => t.as === 'member'));
/** How much a rule of a school counts. */
function schoolShare(
  use: UseDefinition,
  rule: Pick<Rule, 'school'> & { strength?: Rule['strength'] },
  schools: Schools,
  rules: readonly Rule[] = use.rules
): number {
  if (!rule.school) return 1;
  const [axis, option] = rule.school;
  const chosen = schools[use.id as AnyUseId]?.[axis];
  if (chosen !== undefined) return chosen === option ? 1 : 0;
  // A must holds until somebody chooses otherwise; where no other option has a rule, nothing is weighed against it.
  if (rule.strength === 'must') return 1;
  return rules.some((r) => r.school?.[0] === axis && r.school[1] !== option) ? MIDDLE : 1;
}
/** How much a term holds beside the shoe: 1 or 0 where it is answered, its share of the options where it is not. */
function holds(term: Exclude<Term, { as: 'gate' }>, { person, answers }: UseSetting, members: ReturnType<typeof membersOf>): number {
  if (term.as === 'member') return members[term.id] ?? 0;
  if (term.as === 'flag') return term.flags.some((f) => person.flags.includes(f)) ? 1 : 0;
  if (term.as === 'number') return (numberOf(answers, term.question) ?? 0) >= term.from ? 1 : 0;
  const said = chosenOf(answers, term.question);
  if (said) return said.some((o) => term.options.includes(o)) ? 1 : 0;
  return term.options.length / optionsOf(term.question).length;
}
/** Makes a use ready. */
export function judgeFor(id: UseId, setting: UseSetting, schools: Schools = {}): Judge {
  const use = USE[id];
  const uses = [use, ...usesOver(id, setting.person)];
  const own: InUse = { ...setting, load: use.load };
  const members = membersOf(setting.person, setting.answers);
  const asked = (when: readonly Term[]): number => when.reduce((f, t) => (t.as === 'gate' ? f : f * holds(t, own, members)), 1);
  const rules = uses.flatMap((u) =>
    u.rules.flatMap((rule): RuleHere[] => {
      const weight = STRENGTHS[rule.strength] * schoolShare(u, rule, schools);
      const f = asked(rule.when);
      if (weight * f === 0) return [];
      const summed = rule.reads in SUM ? SUM[rule.reads as SumId] : null;
      const at = AT[rule.reads as UseAttributeId];
      return [
        {
          use: u,
          rule,
          weight,
          asked: f,
          gates: rule.when.filter((t) => t.as === 'gate'),
          reads: summed ? summed.reads : [rule.reads as UseAttributeId],
          column: summed ? -1 : at,
          grade: rule.grade,
          isMust: rule.strength === 'must',
          isLight: rule.strength === 'light',
          certain: f === 1 && (summed?.assumes ?? []).every((id) => setting.answers[id] !== undefined),
          columns: summed ? summed.reads.map((id) => AT[id]) : [at],
          value: summed ? summed.of(own) : ({ shoe, point }) => shoe.points[3 * at + point]
        }
      ];
    })
  );
  const notes = uses.flatMap((u) => u.notes.filter((n) => schoolShare(u, n, schools) > 0 && asked(n.when) >= TOLD_FROM).map((note) => ({ use: u, note })));
  return { use, uses, setting, schools, rules, notes, answers: setting.answers };
}

/** One rule on one shoe. */
export interface RuleRead {
  here: RuleHere;
  /** Grade over the three points, −1 to 1. */
  s: number;
  best: number;
  worst: number;
  known: boolean;
  /** Known by the maker's word alone, in part at least. */
  claimed: boolean;
  /** How much it is asked of this shoe. */
  f: number;
  /** Weight times how much it is asked. */
  wf: number;
  forbids: boolean;
  /** It counts in the sum: a must counts only where it fails. */
  counts: boolean;
  /** The middle value, as it is told. */
  value: number;
}
function gateShare(gates: RuleHere['gates'], shoe: UseShoe): number {
  let f = 1;
  for (const { attribute, from, below } of gates) {
    let share = 0;
    for (let i = 0; i < 3; i++) {
      const v = shoe.points[3 * AT[attribute] + i];
      if (v >= from && v < below) share += POINT_WEIGHTS[i];
    }
    f *= share;
  }
  return f;
}
/** What working a rule out leaves behind, in figures: written over by the next, since a stockroom asks for tens of thousands. */
const OUT = new Float64Array(6);
const S = 0;
const BEST = 1;
const WORST = 2;
const VALUE = 3;
const ASKED = 4;
const KNOWN = 5;
/** Works a rule out on a shoe. @returns false where it is not asked of this shoe or something was not taken */
function workOut(here: RuleHere, at: AtPoint): boolean {
  const { value, columns, column, grade } = here;
  if (value === null) return false;
  const { points, sure, known } = at.shoe;
  const f = here.gates.length === 0 ? here.asked : here.asked * gateShare(here.gates, at.shoe);
  if (f === 0) return false;
  let isSure = 1;
  let isKnown = 1;
  for (let i = 0; i < columns.length; i++) {
    const c = columns[i];
    isSure &= sure[c];
    if (known[c] === 0) isKnown = 0;
  }
  OUT[KNOWN] = isKnown;
  OUT[ASKED] = f;
  if (isSure === 1) {
    // What stands on sure ground is worked out once: its three points are one.
    at.point = 1;
    const v = column >= 0 ? points[3 * column + 1] : value(at);
    if (v === null) return false;
    const g = gradeOf(grade, v);
    OUT[S] = g;
    OUT[BEST] = g;
    OUT[WORST] = g;
    OUT[VALUE] = v;
    return true;
  }
  let s = 0;
  let best = -1;
  let worst = 1;
  for (let i = 0; i < 3; i++) {
    at.point = i;
    const v = column >= 0 ? points[3 * column + i] : value(at);
    if (v === null) return false;
    const g = gradeOf(grade, v);
    s += POINT_WEIGHTS[i] * g;
    if (g > best) best = g;
    if (g < worst) worst = g;
    if (i === 1) OUT[VALUE] = v;
  }
  OUT[S] = s;
  OUT[BEST] = best;
  OUT[WORST] = worst;
  return true;
}
const isClaimed = ({ columns }: RuleHere, { known }: UseShoe): boolean => columns.some((c) => known[c] === CLAIMED);
const madeOf = ({ madeFor, willDo }: UseDefinition, { kind }: Pick<UseShoe, 'kind'>): number =>
  madeFor.includes(kind) ? MADE.for : willDo.includes(kind) ? MADE.willDo : MADE.other;

/** Under this share of what was weighed it is said that it is told as far as it was seen. */
const HALF_SEEN = 0.5;
export const asFarAsSeen = ({ seen }: Pick<Suit, 'seen'>): boolean => seen < HALF_SEEN;
export interface Suit {
  suit: number;
  class: SuitClass;
  /** Share of what was weighed that was seen or told; under a half it is said as far as seen. */
  seen: number;
  forbidden: boolean;
}
const classFor = (suit: number, strong: number, forbidden: boolean): SuitClass =>
  forbidden ? 'not-for-this' : (SUIT_CLASSES.find((c) => suit >= c.least && strong <= c.strongAgainst)?.id ?? 'against');
/** Sums and class of a shoe; every rule that was read goes to `each`. @param roomMm in front of the toes in the size that is judged */
export function suitOf(judge: Judge, shoe: UseShoe, roomMm: number | null = null, each?: (read: RuleRead) => void): Suit {
  const at: AtPoint = { shoe, point: 0, roomMm };
  const made = madeOf(judge.use, shoe);
  let sum = MADE_WEIGHT * made;
  let weight: number = MADE_WEIGHT;
  let seen: number = MADE_WEIGHT;
  let strong = made <= STRONG_AGAINST.grade ? 1 : 0;
  let forbidden = false;
  const { rules } = judge;
  for (let n = 0; n < rules.length; n++) {
    const here = rules[n];
    if (!workOut(here, at)) continue;
    const s = OUT[S];
    const f = OUT[ASKED];
    const known = OUT[KNOWN] === 1;
    const wf = here.weight * f;
    const forbids = here.isMust && here.certain && known && f === 1 && OUT[BEST] === -1;
    const counts = !here.isMust || s < 0;
    if (each) each({ here, s, best: OUT[BEST], worst: OUT[WORST], known, claimed: known && isClaimed(here, shoe), f, wf, forbids, counts, value: OUT[VALUE] });
    if (!counts) continue;
    if (forbids) forbidden = true;
    sum += wf * s;
    weight += wf;
    if (!known) continue;
    seen += wf;
    if (!here.isLight && s <= STRONG_AGAINST.grade && wf > STRONG_AGAINST.weight) strong++;
  }
  const suit = sum / weight;
  return { suit, class: classFor(suit, strong, forbidden), seen: seen / weight, forbidden };
}

/** Options of one axis that judge this shoe far apart. */
export interface Conflict {
  use: UseDefinition<AnyUseId>;
  axis: Axis;
  options: { option: string; class: SuitClass; suit: number }[];
}
const APART = 0.8;
function conflictsOf(judge: Judge, shoe: UseShoe, roomMm: number | null): Conflict[] {
  return judge.uses.flatMap((use) =>
    use.axes.flatMap((axis): Conflict[] => {
      const graded = axis.options.flatMap(({ id }) => {
        const chosen = judgeFor(judge.use.id as UseId, judge.setting, { ...judge.schools, [use.id]: { ...judge.schools[use.id], [axis.id]: id } });
        let [sum, weight] = [0, 0];
        const suit = suitOf(chosen, shoe, roomMm, (r) => {
          if (r.here.use !== use || r.here.rule.school?.[0] !== axis.id || !r.counts) return;
          sum += r.wf * r.s;
          weight += r.wf;
        });
        return weight === 0 ? [] : [{ option: id, own: sum / weight, ...suit }];
      });
      if (graded.length < 2 || Math.max(...graded.map((g) => g.own)) - Math.min(...graded.map((g) => g.own)) < APART) return [];
      return [{ use, axis, options: graded.map(({ option, class: cls, suit }) => ({ option, class: cls, suit })) }];
    })
  );
}
/** All that is told of a shoe for a use. */
export interface Judged extends Suit {
  judge: Judge;
  made: number;
  forbiddenBy: readonly RuleRead[];
  for: readonly RuleRead[];
  against: readonly RuleRead[];
  /** What would tell most before the sale. */
  look: readonly RuleRead[];
  conflicts: readonly Conflict[];
  /** What was not taken or answered although rules read it. */
  needs: readonly Needed[];
  /** Numbers that were taken for granted because nobody told them. */
  assumed: readonly NumberQuestionId[];
}
/** What of a rule's reads nobody looked at. */
export const unseenOf = (read: RuleRead, shoe: UseShoe): UseAttributeId[] => read.here.reads.filter((id) => shoe.known[AT[id]] === 0);
/** Grades between which a rule speaks neither for nor against. */
const SPEAKS = 0.1;
export function judgeUse(judge: Judge, shoe: UseShoe, roomMm: number | null = null): Judged {
  const reads: RuleRead[] = [];
  const suit = suitOf(judge, shoe, roomMm, (r) => reads.push(r));
  const told = reads.filter((r) => r.f >= TOLD_FROM);
  const by = (of: (r: RuleRead) => number) => (a: RuleRead, b: RuleRead) => of(b) - of(a);
  const amount = (r: RuleRead): number => Math.abs(r.s) * r.wf;
  const needs = judge.rules.filter((h) => !reads.some((r) => r.here === h) && h.asked >= TOLD_FROM && h.rule.reads in SUM).flatMap((h) => SUM[h.rule.reads as SumId].needs.filter((n) => missing(n, judge.setting, roomMm))); // prettier-ignore
  return {
    ...suit,
    judge,
    made: madeOf(judge.use, shoe),
    forbiddenBy: reads.filter((r) => r.forbids),
    for: told.filter((r) => r.counts && r.s > SPEAKS && r.known).sort(by(amount)),
    against: told.filter((r) => r.counts && r.s < -SPEAKS && r.known).sort(by(amount)),
    look: told.filter((r) => !r.known && r.best - r.worst > 0).sort(by((r) => (r.best - r.worst) * r.wf)),
    conflicts: conflictsOf(judge, shoe, roomMm),
    needs: [...new Set(needs)],
    assumed: assumedIn(judge)
  };
}
/** Numbers with a usual value that a rule reads and nobody told. */
function assumedIn({ uses, rules, answers }: Judge): NumberQuestionId[] {
  const reading = new Set(rules.flatMap(({ rule: { reads } }) => (reads in SUM ? (SUM[reads as SumId].assumes ?? []) : [])));
  return [...new Set(uses.flatMap((u) => u.questions))].filter(
    (id): id is NumberQuestionId => reading.has(id as NumberQuestionId) && answers[id as NumberQuestionId] === undefined
  );
}
function missing(need: Needed, { person, answers }: UseSetting, roomMm: number | null): boolean {
  if (need === 'fit') return roomMm === null;
  if (need in QUESTION) {
    const q = QUESTION[need as QuestionId];
    return q.as === 'number' ? numberOf(answers, q.id) === null : chosenOf(answers, (q as ChoiceQuestion & { id: never }).id) === null;
  }
  return person[need as 'weightKg' | 'ankleReachDeg' | 'toeHeightMm'] === null;
}
