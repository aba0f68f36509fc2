import { compareLastsAnswer } from '$lib/api/answers';
import { compareLastsSchema } from '$lib/api/stock-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';

export const POST = take(
  { needs: 'look', summary: 'Two to four insides laid over each other, in millimetres and words', body: compareLastsSchema, answer: compareLastsAnswer },
  (body) => heavy('compareLasts', body)
);
