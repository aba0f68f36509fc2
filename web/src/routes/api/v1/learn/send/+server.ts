import { learnSendAnswer, learnSendSchema } from '$lib/api/learn-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';
import { labelsOf } from '$lib/server/learn-api';
import { bookFor } from '$lib/server/shop/maker-scales';

export const POST = take(
  {
    needs: 'look',
    summary: 'Which one, two or three pairs of a style to send by post, and whether each more is worth its way',
    body: learnSendSchema,
    answer: learnSendAnswer
  },
  async (body) => heavy('learnSend', { body, labels: labelsOf(body, await bookFor(body.shoes.flatMap((s) => s.label?.scale ?? []))) })
);
