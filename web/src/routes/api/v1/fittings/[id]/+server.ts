import { fittingPatchSchema } from '$lib/api/shop-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { fittingOf, saveFitting } from '$lib/server/shop/fittings';

export const GET = get((event) => fittingOf(idOf(event, 'id', 'fitting')));
export const PATCH = write(fittingPatchSchema, async (body, event) => ({
  saved: true,
  version: await saveFitting(idOf(event, 'id', 'fitting'), body, fitterOf(event))
}));
