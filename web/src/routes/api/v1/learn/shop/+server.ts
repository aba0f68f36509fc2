import { beganAnswer, removedAnswer } from '$lib/api/answers';
import { learningState } from '$lib/api/learned-schema';
import { act, get } from '$lib/server/endpoint';
import { beginLearning, learningNow, stopLearning } from '$lib/server/shop/learning';

export const GET = get(
  {
    needs: 'look',
    summary: 'What all try-ons of the shop teach of its lasts, fitters and targets, and how far a new reckoning has come',
    answer: learningState
  },
  learningNow
);
export const POST = act({ needs: 'stock', summary: 'Learn all anew from every try-on, in the background', answer: beganAnswer }, async () => ({
  began: await beginLearning()
}));
export const DELETE = act(
  { needs: 'stock', summary: 'End a reckoning that is under way; what was learned before stands', answer: removedAnswer },
  async () => ({
    removed: await stopLearning()
  })
);
