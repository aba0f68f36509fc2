import { makerSchema } from '$lib/api/stock-schema';
import { get, take } from '$lib/server/endpoint';
import { addMaker } from '$lib/server/shop/stock-changes';
import { allMakers } from '$lib/server/shop/stockroom';

export const GET = get(async () => ({ makers: await allMakers() }));
export const POST = take(makerSchema, addMaker, 201);
