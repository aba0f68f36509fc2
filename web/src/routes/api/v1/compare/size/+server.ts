import { compareSizeAnswer } from '$lib/api/answers';
import { compareSizeSchema } from '$lib/api/stock-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';

export const POST = take(
  { needs: 'look', summary: 'Which size of others feels like a size of one', body: compareSizeSchema, answer: compareSizeAnswer },
  (body) => heavy('compareSize', body)
);
