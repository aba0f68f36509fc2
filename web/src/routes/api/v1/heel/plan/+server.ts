import { heelPlanAnswer, heelPlanSchema } from '$lib/api/heel-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';

export const POST = take(
  { needs: 'look', summary: 'Which one pair, or which two, for the parts of an occasion', body: heelPlanSchema, answer: heelPlanAnswer },
  (body) => heavy('planHeels', body)
);
