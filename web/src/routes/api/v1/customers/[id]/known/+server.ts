import { savedAnswer } from '$lib/api/answers';
import { knownShoesSchema } from '$lib/api/known-schema';
import { get, idOf, write } from '$lib/server/endpoint';
import { keepKnown, knownOf } from '$lib/server/shop/known-shoes';

export const GET = get({ needs: 'people', summary: 'The shoes a person wears, as they told them', answer: knownShoesSchema }, async (event) => ({
  shoes: await knownOf(idOf(event, 'id', 'person'))
}));
export const PUT = write({ needs: 'fit', summary: 'Keep the shoes a person wears', body: knownShoesSchema, answer: savedAnswer }, async ({ shoes }, event) => {
  await keepKnown(idOf(event, 'id', 'person'), shoes);
  return { saved: true };
});
