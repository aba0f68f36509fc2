import { lastSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { addLast } from '$lib/server/shop/stock-changes';
import { allLasts } from '$lib/server/shop/stockroom';

export const GET = get(async () => ({ lasts: await allLasts() }));
export const POST = write(lastSchema, (body) => addLast(body), 201);
