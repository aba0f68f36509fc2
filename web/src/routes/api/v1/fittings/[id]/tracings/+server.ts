import { tracingSchema } from '$lib/api/shop-schema';
import { get, idOf, write } from '$lib/server/endpoint';
import { addTracing, tracingsOf } from '$lib/server/shop/tracings';

export const GET = get(async (event) => ({ tracings: await tracingsOf(idOf(event, 'id', 'fitting')) }));
export const POST = write(tracingSchema, async (body, event) => ({ id: await addTracing(idOf(event, 'id', 'fitting'), body) }), 201);
