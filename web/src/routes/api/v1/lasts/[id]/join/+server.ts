import { joinSchema } from '$lib/api/stock-schema';
import { write } from '$lib/server/endpoint';
import { joinLasts } from '$lib/server/shop/stock-changes';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = write(joinSchema, ({ other }, { params }) => joinLasts(params.id!, other));
