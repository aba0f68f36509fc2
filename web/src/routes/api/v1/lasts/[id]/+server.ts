import { lastChangeSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { estimateOf, readingsOf } from '$lib/server/shop/last-evidence';
import { changeLast } from '$lib/server/shop/stock-changes';
import { lastById } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get(async ({ params }) => {
  const last = await lastById(params.id!);
  const readings = await readingsOf(last.id);
  return { last, readings, estimate: await estimateOf(last, readings) };
});
export const PUT: RequestHandler = write(lastChangeSchema, (body, { params }) => changeLast(params.id!, body));
