import { measureOrderSchema } from '$lib/api/shop-schema';
import { get, write } from '$lib/server/endpoint';
import { keepMeasureOrder, measureOrderOfShop } from '$lib/server/shop/settings';

export const GET = get(async () => ({ order: await measureOrderOfShop() }));
export const PUT = write(measureOrderSchema, async (body) => {
  await keepMeasureOrder(body);
  return { saved: true };
});
