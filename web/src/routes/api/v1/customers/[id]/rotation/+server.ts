import { rotationAnswer, rotationSchema } from '$lib/api/keep-schema';
import { idOf, take } from '$lib/server/endpoint';
import { shopToday } from '$lib/server/shop/settings';
import { turnsOf } from '$lib/server/shop/turns';

export const POST = take(
  { needs: 'people', summary: 'A proposal which pair for which day, so that each rests', body: rotationSchema, answer: rotationAnswer },
  async (body, event) => turnsOf(idOf(event, 'id', 'person'), body, await shopToday())
);
