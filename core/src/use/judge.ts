import { AT, type UseAttributeId } from '../attributes';
import { membersOf, type UsePerson } from './person';
import { POINT_WEIGHTS } from './points';
import { chosenOf, numberOf, optionsOf, QUESTION, type Answers, type ChoiceQuestion, type QuestionId } from './questions';
import { gradeOf, STRENGTHS, type Axis, type Note, type Rule, type Term, type UseDefinition } from './rule';
import type { UseShoe } from './shoe';
import { SUM, type AtPoint, type Needed, type SumId, type UseSetting } from './sums';
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
  value: (at: AtPoint, setting: UseSetting) => number | null;
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
  const own: UseSetting = { ...setting, load: use.load ?? setting.load };
  const members = membersOf(setting.person);
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
          value: summed ? summed.value : ({ shoe, point }) => shoe.points[3 * at + point]
        }
      ];
    })
  );
  const notes = uses.flatMap((u) => u.notes.filter((n) => schoolShare(u, n, schools) > 0 && asked(n.when) >= TOLD_FROM).map((note) => ({ use: u, note })));
  return { use, uses, setting: own, schools, rules, notes, answers: setting.answers };
}

/** One rule on one shoe. */
export interface RuleRead {
  here: RuleHere;
  /** Grade over the three points, −1 to 1. */
  s: number;
  best: number;
  worst: number;
  known: boolean;
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
/** Reads a rule on a shoe. @returns null where it is not asked of this shoe or something was not taken */
function readRule(here: RuleHere, shoe: UseShoe, setting: UseSetting, at: { shoe: UseShoe; point: number }): RuleRead | null {
  const f = here.gates.length === 0 ? here.asked : here.asked * gateShare(here.gates, shoe);
  if (f === 0) return null;
  at.shoe = shoe;
  let [s, best, worst, value] = [0, -1, 1, 0];
  for (let i = 0; i < 3; i++) {
    at.point = i;
    const v = here.value(at, setting);
    if (v === null) return null;
    const g = gradeOf(here.rule.grade, v);
    s += POINT_WEIGHTS[i] * g;
    best = Math.max(best, g);
    worst = Math.min(worst, g);
    if (i === 1) value = v;
  }
  let known = true;
  for (const id of here.reads) known &&= shoe.known[AT[id]] > 0;
  const isMust = here.rule.strength === 'must';
  return { here, s, best, worst, known, f, wf: here.weight * f, forbids: isMust && known && f === 1 && best === -1, counts: !isMust || s < 0, value };
}
const madeOf = ({ madeFor, willDo }: UseDefinition, { kind }: Pick<UseShoe, 'kind'>): number =>
  madeFor.includes(kind) ? MADE.for : willDo.includes(kind) ? MADE.willDo : MADE.other;

export interface Suit {
  suit: number;
  class: SuitClass;
  /** Share of what was weighed that was seen or told; under a half it is said as far as seen. */
  seen: number;
  forbidden: boolean;
}
const classFor = (suit: number, strong: number, forbidden: boolean): SuitClass =>
  forbidden ? 'not-for-this' : (SUIT_CLASSES.find((c) => suit >= c.least && strong <= c.strongAgainst)?.id ?? 'against');
/** Sums and class of a shoe; every rule that was read goes to `each`. */
export function suitOf(judge: Judge, shoe: UseShoe, each?: (read: RuleRead) => void): Suit {
  const at = { shoe, point: 0 };
  const made = madeOf(judge.use, shoe);
  let [sum, weight, seen, strong, forbidden] = [MADE_WEIGHT * made, MADE_WEIGHT, MADE_WEIGHT, 0, false];
  if (made <= STRONG_AGAINST.grade) strong++;
  for (const here of judge.rules) {
    const read = readRule(here, shoe, judge.setting, at);
    if (!read) continue;
    each?.(read);
    if (!read.counts) continue;
    forbidden ||= read.forbids;
    sum += read.wf * read.s;
    weight += read.wf;
    if (read.known) seen += read.wf;
    if (read.known && read.here.rule.strength !== 'light' && read.s <= STRONG_AGAINST.grade && read.wf > STRONG_AGAINST.weight) strong++;
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
function conflictsOf(judge: Judge, shoe: UseShoe): Conflict[] {
  return judge.uses.flatMap((use) =>
    use.axes.flatMap((axis): Conflict[] => {
      const graded = axis.options.flatMap(({ id }) => {
        const chosen = judgeFor(judge.use.id as UseId, judge.setting, { ...judge.schools, [use.id]: { ...judge.schools[use.id], [axis.id]: id } });
        let [sum, weight] = [0, 0];
        const suit = suitOf(chosen, shoe, (r) => {
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
}
/** What of a rule's reads nobody looked at. */
export const unseenOf = (read: RuleRead, shoe: UseShoe): UseAttributeId[] => read.here.reads.filter((id) => shoe.known[AT[id]] === 0);
/** Grades between which a rule speaks neither for nor against. */
const SPEAKS = 0.1;
export function judgeUse(judge: Judge, shoe: UseShoe): Judged {
  const reads: RuleRead[] = [];
  const suit = suitOf(judge, shoe, (r) => reads.push(r));
  const told = reads.filter((r) => r.f >= TOLD_FROM);
  const by = (of: (r: RuleRead) => number) => (a: RuleRead, b: RuleRead) => of(b) - of(a);
  const amount = (r: RuleRead): number => Math.abs(r.s) * r.wf;
  const needs = judge.rules.filter((h) => !reads.some((r) => r.here === h) && h.asked >= TOLD_FROM && h.rule.reads in SUM).flatMap((h) => SUM[h.rule.reads as SumId].needs.filter((n) => missing(n, judge.setting))); // prettier-ignore
  return {
    ...suit,
    judge,
    made: madeOf(judge.use, shoe),
    forbiddenBy: reads.filter((r) => r.forbids),
    for: told.filter((r) => r.counts && r.s > SPEAKS && r.known).sort(by(amount)),
    against: told.filter((r) => r.counts && r.s < -SPEAKS && r.known).sort(by(amount)),
    look: told.filter((r) => !r.known && r.best - r.worst > 0).sort(by((r) => (r.best - r.worst) * r.wf)),
    conflicts: conflictsOf(judge, shoe),
    needs: [...new Set(needs)]
  };
}
function missing(need: Needed, { person, answers, insideRoomMm }: UseSetting): boolean {
  if (need === 'fit') return insideRoomMm === null;
  if (need in QUESTION) {
    const q = QUESTION[need as QuestionId];
    return q.as === 'number' ? numberOf(answers, q.id) === null : chosenOf(answers, (q as ChoiceQuestion & { id: never }).id) === null;
  }
  return person[need as 'weightKg' | 'ankleReachDeg' | 'toeHeightMm'] === null;
}
