import { z } from 'zod';
import { take } from '$lib/server/endpoint';
import { joinLasts } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = take(z.object({ other: z.string().max(60) }), ({ other }, { params }) => joinLasts(params.id!, other));
