import { tracingSchema } from '$lib/api/shop-schema';
import { get, idOf, take } from '$lib/server/endpoint';
import { addTracing, tracingsOf } from '$lib/server/shop/tracings';

export const GET = get(async (event) => ({ tracings: await tracingsOf(idOf(event, 'id', 'fitting')) }));
export const POST = take(tracingSchema, async (body, event) => ({ id: await addTracing(idOf(event, 'id', 'fitting'), body) }), 201);
