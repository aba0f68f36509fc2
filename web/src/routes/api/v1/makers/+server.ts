import { makerSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { addMaker } from '$lib/server/shop/stock-changes';
import { allMakers } from '$lib/server/shop/stockroom';

export const GET = get(async () => ({ makers: await allMakers() }));
export const POST = write(makerSchema, addMaker, 201);
