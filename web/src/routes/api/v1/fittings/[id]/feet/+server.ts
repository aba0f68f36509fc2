import { savedVersionAnswer } from '$lib/api/answers';
import { feetSchema } from '$lib/api/shop-schema';
import { fitterOf, idOf, write } from '$lib/server/endpoint';
import { saveFeet } from '$lib/server/shop/fittings';

export const PUT = write({ needs: 'fit', summary: 'Save both feet as measured', body: feetSchema, answer: savedVersionAnswer }, async (body, event) => ({
  saved: true,
  version: await saveFeet(idOf(event, 'id', 'fitting'), body, fitterOf(event))
}));
