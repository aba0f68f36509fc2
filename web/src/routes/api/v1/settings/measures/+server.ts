import { orderAnswer, savedAnswer } from '$lib/api/answers';
import { measureOrderSchema } from '$lib/api/shop-schema';
import { get, write } from '$lib/server/endpoint';
import { keepMeasureOrder, measureOrderOfShop } from '$lib/server/shop/settings';

export const GET = get({ needs: 'look', summary: 'The order in which the shop takes its measures', answer: orderAnswer }, async () => ({
  order: await measureOrderOfShop()
}));
export const PUT = write({ needs: 'stock', summary: 'Keep the order of the measures', body: measureOrderSchema, answer: savedAnswer }, async (body) => {
  await keepMeasureOrder(body);
  return { saved: true };
});
