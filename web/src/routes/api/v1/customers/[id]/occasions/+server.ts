import { occasionKeptAnswer, occasionsAnswer, occasionSchema } from '$lib/api/occasion-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { addOccasion, occasionsOf } from '$lib/server/shop/occasions';

export const GET = get({ needs: 'people', summary: 'Occasions kept with a person, newest first', answer: occasionsAnswer }, async (event) => ({
  occasions: await occasionsOf(idOf(event, 'id', 'person'))
}));
export const POST = write(
  { needs: 'fit', summary: 'Keep an occasion with a person', body: occasionSchema, status: 201, answer: occasionKeptAnswer },
  (body, event) => addOccasion(idOf(event, 'id', 'person'), body, fitterOf(event))
);
