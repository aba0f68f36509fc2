import { judgeFor, suitOf, type Judge, type SuitClass } from './judge';
import { QUESTION, type Answers, type ChoiceQuestion } from './questions';
import type { UseShoe } from './shoe';
import type { UseId } from './uses';

/** One answer or school that would change the class of a shoe. */
export interface WouldChange {
  of: 'answer' | 'school';
  /** Question or axis, and the option. */
  name: string;
  option: string;
  class: SuitClass;
}
const RANK: Readonly<Record<SuitClass, number>> = { suits: 0, 'with-care': 1, against: 2, 'not-for-this': 3 };
/** What would make a shoe suit better: every other answer and every other school is tried, the best change first. */
export function whatWouldChange(judge: Judge, shoe: UseShoe, roomMm: number | null = null): WouldChange[] {
  const now = suitOf(judge, shoe, roomMm);
  const id = judge.use.id as UseId;
  const found: (WouldChange & { suit: number })[] = [];
  const attempt = (change: Omit<WouldChange, 'class'>, answers: Answers, schools = judge.schools): void => {
    const then = suitOf(judgeFor(id, { ...judge.setting, answers }, schools), shoe, roomMm);
    if (RANK[then.class] < RANK[now.class]) found.push({ ...change, class: then.class, suit: then.suit });
  };
  for (const use of judge.uses) {
    for (const q of use.questions) {
      const question = QUESTION[q];
      if (question.as !== 'choice') continue;
      for (const o of question.options) {
        const same = [judge.answers[question.id as never]].flat().includes(o.id as never);
        if (!same)
          attempt(
            { of: 'answer', name: question.name, option: o.name },
            { ...judge.answers, [question.id]: (question as ChoiceQuestion).several ? [o.id] : o.id }
          );
      }
    }
    for (const axis of use.axes)
      for (const o of axis.options)
        if (judge.schools[use.id]?.[axis.id] !== o.id)
          attempt({ of: 'school', name: axis.name, option: o.name }, judge.answers, {
            ...judge.schools,
            [use.id]: { ...judge.schools[use.id], [axis.id]: o.id }
          });
  }
  return found.sort((a, b) => RANK[a.class] - RANK[b.class] || b.suit - a.suit).map(({ suit: _suit, ...rest }) => rest);
}
