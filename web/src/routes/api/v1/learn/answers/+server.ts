import { answeredAnswer, learnedAnswerSchema } from '$lib/api/learned-schema';
import { fitterOf, write } from '$lib/server/endpoint';
import { answerLearned } from '$lib/server/shop/learned-answers';
import { learningNow } from '$lib/server/shop/learning';

export const POST = write(
  {
    needs: 'lasts',
    summary: 'Take over, refuse or give back something that was learned of a last or of targets',
    body: learnedAnswerSchema,
    answer: answeredAnswer
  },
  async (body, event) => ({ answers: await answerLearned(body, (await learningNow()).learned, fitterOf(event)) })
);
