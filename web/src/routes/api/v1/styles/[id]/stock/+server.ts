import { countsSchema } from '$lib/api/stock-schema';
import { write } from '$lib/server/endpoint';
import { setCounts } from '$lib/server/shop/stock-changes';
import type { RequestHandler } from './$types';

export const PATCH: RequestHandler = write(countsSchema, (body, { params }) => setCounts(params.id!, body));
