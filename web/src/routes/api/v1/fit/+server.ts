import { fitSchema } from '$lib/api/fit-schema';
import { take } from '$lib/server/endpoint';
import { rankForApi } from '$lib/server/fit-api';
import { allStyles } from '$lib/server/shop/stockroom';

export const POST = take(fitSchema, async (body) => rankForApi(body, await allStyles()));
