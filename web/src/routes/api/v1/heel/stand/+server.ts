import { heelStandAnswer, heelStandSchema } from '$lib/api/heel-schema';
import { take } from '$lib/server/endpoint';
import { standFor } from '$lib/server/heel-api';

export const POST = take(
  { needs: 'look', summary: 'One foot on one heel: pose, reach, load, slide, rise, steadiness, ground, look', body: heelStandSchema, answer: heelStandAnswer },
  standFor
);
