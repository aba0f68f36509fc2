import { lastSchema } from '$lib/api/stock-schema';
import { get, take } from '$lib/server/endpoint';
import { addLast } from '$lib/server/shop/stock-changes';
import { allLasts } from '$lib/server/shop/stockroom';

export const GET = get(async () => ({ lasts: await allLasts() }));
export const POST = take(lastSchema, (body) => addLast(body), 201);
