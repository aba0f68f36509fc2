import { learnFootAnswer, learnFootSchema } from '$lib/api/learn-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';
import { labelsOf } from '$lib/server/learn-api';
import { bookFor } from '$lib/server/shop/maker-scales';

export const POST = take(
  {
    needs: 'look',
    summary: 'Two feet behind the shoes somebody wears, with their doubt; what is odd, what a tape would tell most',
    body: learnFootSchema,
    answer: learnFootAnswer
  },
  async (body) => heavy('learnFoot', { body, labels: labelsOf(body, await bookFor(body.shoes.flatMap((s) => s.label?.scale ?? []))) })
);
