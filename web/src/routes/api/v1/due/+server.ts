import { dayNumber } from '@chiave/core/keep';
import { savedAnswer } from '$lib/api/answers';
import { dueAnswer, dueAnswerSchema, dueQuery } from '$lib/api/keep-schema';
import { fitterOf, get, queryOf, write } from '$lib/server/endpoint';
import { answerDue, dueList, rowsOf } from '$lib/server/shop/due';
import { shopToday } from '$lib/server/shop/settings';

export const GET = get(
  {
    needs: 'people',
    summary: 'What is due, of everybody or of one person: each with its band of days, why, by which rule and what to do',
    query: dueQuery,
    answer: dueAnswer
  },
  async (event) => {
    const { on, ahead, person, quiet } = queryOf(event, dueQuery);
    const today = on ?? (await shopToday());
    const list = await dueList(today, { ahead, person, quiet: quiet === 'yes' });
    const day = dayNumber(today);
    return { today, people: list.length, items: list.flatMap((p) => rowsOf(p, day)) };
  }
);
export const POST = write(
  {
    needs: 'fit',
    summary: 'Answer what is due: done, later, or not wanted. “Done” of what belongs on a pair’s life line is noted there',
    body: dueAnswerSchema,
    answer: savedAnswer
  },
  async (body, event) => {
    await answerDue(body, fitterOf(event), await shopToday());
    return { saved: true };
  }
);
