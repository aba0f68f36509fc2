import { barreAnswer, barreSchema } from '$lib/api/pointe-schema';
import { fitterOf, idOf, write } from '$lib/server/endpoint';
import { keepBarre } from '$lib/server/shop/pointe';

export const POST = write(
  { needs: 'fit', summary: 'Keep what was seen at the barre; the model’s believed girth learns from it', body: barreSchema, status: 201, answer: barreAnswer },
  (body, event) => keepBarre(idOf(event, 'id', 'person'), body, fitterOf(event))
);
