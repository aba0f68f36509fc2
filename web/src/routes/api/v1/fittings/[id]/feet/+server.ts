import { feetSchema } from '$lib/api/shop-schema';
import { idOf, take } from '$lib/server/endpoint';
import { saveFeet } from '$lib/server/shop/fittings';

export const PUT = take(feetSchema, async (body, event) => {
  await saveFeet(idOf(event, 'id', 'fitting'), body);
  return { saved: true };
});
