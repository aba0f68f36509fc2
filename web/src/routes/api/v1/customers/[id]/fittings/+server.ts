import { fittingsPageSchema } from '$lib/api/shop-schema';
import { act, get, idOf, queryOf } from '$lib/server/endpoint';
import { fittingsOf, openFitting } from '$lib/server/shop/fittings';

export const GET = get(async (event) => {
  const { limit, after } = queryOf(event, fittingsPageSchema);
  const fittings = await fittingsOf(idOf(event, 'id', 'person'), { limit: limit + 1, after });
  return { fittings: fittings.slice(0, limit), next: fittings.length > limit ? fittings[limit - 1].id : null };
});
export const POST = act(async (event) => ({ id: await openFitting(idOf(event, 'id', 'person')) }), 201);
