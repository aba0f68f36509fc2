import { get, idOf } from '$lib/server/endpoint';
import { fittingsOf, openFitting } from '$lib/server/shop/fittings';

export const GET = get(async (event) => ({ fittings: await fittingsOf(idOf(event, 'id', 'person')) }));
export const POST = get(async (event) => {
  const id = await openFitting(idOf(event, 'id', 'person'));
  return Response.json({ id }, { status: 201 });
});
