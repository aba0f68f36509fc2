import { idAnswer, tracingsAnswer } from '$lib/api/answers';
import { MOST_PACKED, tracingSchema } from '$lib/api/shop-schema';
import { BODY_LIMIT, get, idOf, write } from '$lib/server/endpoint';
import { addTracing, tracingsOf } from '$lib/server/shop/tracings';

export const GET = get({ needs: 'people', summary: 'Outlines traced at a visit', answer: tracingsAnswer }, async (event) => ({
  tracings: await tracingsOf(idOf(event, 'id', 'fitting'))
}));
export const POST = write(
  { needs: 'fit', summary: 'Keep a traced or scanned outline', body: tracingSchema, status: 201, answer: idAnswer, limit: MOST_PACKED + BODY_LIMIT },
  async (body, event) => ({
    id: await addTracing(idOf(event, 'id', 'fitting'), body)
  })
);
