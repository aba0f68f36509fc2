import { savedAnswer, stripsAnswer } from '$lib/api/answers';
import { stripsSchema } from '$lib/api/size-schema';
import { get, write } from '$lib/server/endpoint';
import { keepStrips, stripsOfShop } from '$lib/server/shop/settings';

export const GET = get({ needs: 'look', summary: 'The strips along the rule, as the shop keeps them', answer: stripsAnswer }, async () => ({
  strips: await stripsOfShop()
}));
export const PUT = write({ needs: 'stock', summary: 'Keep the strips along the rule', body: stripsSchema, answer: savedAnswer }, async (body) => {
  await keepStrips(body);
  return { saved: true };
});
