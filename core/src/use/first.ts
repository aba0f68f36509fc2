import { attributeLimits, USE_ATTRIBUTE, type UseAttributeId } from '../attributes';
import { judgeFor, type Judge, type Schools } from './judge';
import { MEMBERSHIP } from './person';
import { chosenOf, numberOf, QUESTION, type Answers, type QuestionId } from './questions';
import { gradeOf, STRENGTHS, type Rule } from './rule';
import { SUM, type SumId, type UseSetting } from './sums';
import type { UseId } from './uses';

/** A first pair: what is asked, at most so many, and none that changes no rule. */
const MOST_QUESTIONS = 6;
/** Whether an answer would change what is judged: some rule or note asks for it, or a sum that a rule reads needs it. */
export function bears(judge: Judge, id: QuestionId): boolean {
  return judge.uses.some(
    (u) =>
      [...u.rules, ...u.notes].some((r) =>
        r.when.some((t) => (t.as === 'member' ? MEMBERSHIP[t.id].asks === id : (t.as === 'answer' || t.as === 'number') && t.question === id))
      ) || u.rules.some((r) => r.reads in SUM && SUM[r.reads as SumId].needs.includes(id))
  );
}
/** Questions still open, in the use's own order. */
export const openQuestions = (judge: Judge, answers: Answers = judge.answers): QuestionId[] => {
  const ids = [...new Set(judge.uses.flatMap((u) => u.questions))];
  return ids
    .filter((id) => bears(judge, id) && (QUESTION[id].as === 'choice' ? chosenOf(answers, id as never) === null : numberOf(answers, id as never) === null))
    .slice(0, MOST_QUESTIONS);
};

/** What is wanted of one attribute or sum: the stretch within a little of its rules' best. */
export interface Wanted {
  reads: Rule['reads'];
  low: number;
  high: number;
  /** Levels, where it is one. */
  levels: readonly number[];
  /** How sure the rules are, with the reasons, heaviest first. */
  weight: number;
  must: boolean;
  why: readonly string[];
}
const NEAR_BEST = 0.15;
const STEPS = 400;
/**
 * What is wanted of a first pair, number by number: musts first, then by weight.
 * @param least rules asked for less than this are left out
 */
export function firstPair(id: UseId, setting: UseSetting, schools: Schools = {}, least = 0.3): { judge: Judge; wanted: Wanted[] } {
  const judge = judgeFor(id, setting, schools);
  const by = new Map<Rule['reads'], { rule: Rule; wf: number }[]>();
  for (const here of judge.rules) {
    if (here.asked < least || here.gates.length > 0) continue;
    const all = by.get(here.rule.reads) ?? [];
    all.push({ rule: here.rule, wf: here.weight * here.asked });
    by.set(here.rule.reads, all);
  }
  const wanted = [...by].flatMap(([reads, rules]): Wanted[] => {
    const range = reads in SUM ? SUM[reads as SumId].range : attributeLimits(USE_ATTRIBUTE[reads as UseAttributeId]);
    if (!range) return [];
    const levels = rules.some((r) => r.rule.grade.as === 'levels');
    const n = levels ? range[1] - range[0] : STEPS;
    const score = (v: number): number => rules.reduce((s, { rule, wf }) => s + wf * (rule.strength === 'must' ? Math.min(0, gradeOf(rule.grade, v)) : gradeOf(rule.grade, v)), 0); // prettier-ignore
    const at = Array.from({ length: n + 1 }, (_, i) => range[0] + ((range[1] - range[0]) * i) / n);
    const scores = at.map(score);
    const weight = rules.reduce((w, r) => w + r.wf, 0);
    const best = Math.max(...scores);
    const good = at.filter((_, i) => scores[i] >= best - NEAR_BEST * weight);
    const heaviest = [...rules].sort((a, b) => STRENGTHS[b.rule.strength] * b.wf - STRENGTHS[a.rule.strength] * a.wf);
    return [{ reads, low: good[0], high: good[good.length - 1], levels: levels ? good : [], weight, must: rules.some((r) => r.rule.strength === 'must'), why: heaviest.map((r) => r.rule.why) }]; // prettier-ignore
  });
  return { judge, wanted: wanted.sort((a, b) => Number(b.must) - Number(a.must) || b.weight - a.weight) };
}
