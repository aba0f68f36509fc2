import { get } from '$lib/server/endpoint';
import { removeStyle, styleOf } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get(({ params }) => styleOf(params.id!));
export const DELETE: RequestHandler = get(async ({ params }) => {
  await removeStyle(params.id!);
  return { removed: true };
});
