import { occasionKeptAnswer } from '$lib/api/occasion-schema';
import { pointePairSchema } from '$lib/api/pointe-schema';
import { fitterOf, idOf, write } from '$lib/server/endpoint';
import { addPair } from '$lib/server/shop/pointe';

export const POST = write(
  { needs: 'fit', summary: 'Keep a pair of pointe shoes with a dancer', body: pointePairSchema, status: 201, answer: occasionKeptAnswer },
  (body, event) => addPair(idOf(event, 'id', 'person'), body, fitterOf(event))
);
