import { stripsSchema } from '$lib/api/size-schema';
import { get, write } from '$lib/server/endpoint';
import { keepStrips, stripsOfShop } from '$lib/server/shop/settings';

export const GET = get(async () => ({ strips: await stripsOfShop() }));
export const PUT = write(stripsSchema, async (body) => {
  await keepStrips(body);
  return { saved: true };
});
