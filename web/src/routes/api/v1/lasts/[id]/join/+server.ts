import { joinSchema } from '$lib/api/stock-schema';
import { take } from '$lib/server/endpoint';
import { joinLasts } from '$lib/server/shop/stock-changes';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = take(joinSchema, ({ other }, { params }) => joinLasts(params.id!, other));
