import { matrixAnswer } from '$lib/api/answers';
import { matrixSchema } from '$lib/api/stock-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';

export const POST = take({ needs: 'look', summary: 'Sizes that feel alike for a set of lasts', body: matrixSchema, answer: matrixAnswer }, (body) =>
  heavy('matrix', body)
);
