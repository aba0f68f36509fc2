import { act, get } from '$lib/server/endpoint';
import { removeStyle } from '$lib/server/shop/stock-changes';
import { styleOf } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get(({ params }) => styleOf(params.id!));
export const DELETE: RequestHandler = act(({ params }) => removeStyle(params.id!));
