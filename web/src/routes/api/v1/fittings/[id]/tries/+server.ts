import { trySchema } from '$lib/api/shop-schema';
import { idOf, take } from '$lib/server/endpoint';
import { addTry } from '$lib/server/shop/tries';

export const POST = take(trySchema, async (body, event) => ({ id: await addTry(idOf(event, 'id', 'fitting'), body) }), 201);
