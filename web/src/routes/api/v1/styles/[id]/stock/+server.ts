import { countsSchema } from '$lib/api/stock-schema';
import { take } from '$lib/server/endpoint';
import { setCounts } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const PUT: RequestHandler = take(countsSchema, ({ counts }, { params }) => setCounts(params.id!, counts));
