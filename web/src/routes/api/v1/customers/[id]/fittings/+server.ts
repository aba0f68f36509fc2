import { fittingsAnswer, idAnswer } from '$lib/api/answers';
import { fittingOut } from '$lib/api/rows';
import { fittingsPageSchema } from '$lib/api/shop-schema';
import { act, get, idOf, queryOf } from '$lib/server/endpoint';
import { fittingsOf, openFitting } from '$lib/server/shop/fittings';

export const GET = get(
  { needs: 'people', summary: 'Fittings of a person, newest first, a page at a time', query: fittingsPageSchema, answer: fittingsAnswer },
  async (event) => {
    const { limit, after } = queryOf(event, fittingsPageSchema);
    const fittings = await fittingsOf(idOf(event, 'id', 'person'), { limit: limit + 1, after });
    return { fittings: fittings.slice(0, limit).map(fittingOut), next: fittings.length > limit ? fittings[limit - 1].id : null };
  }
);
export const POST = act({ needs: 'fit', summary: 'Open a fitting', status: 201, answer: idAnswer }, async (event) => ({
  id: await openFitting(idOf(event, 'id', 'person'))
}));
