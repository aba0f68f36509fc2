import { duplicateSchema } from '$lib/api/stock-schema';
import { take } from '$lib/server/endpoint';
import { duplicateStyle } from '$lib/server/shop/stock-changes';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = take(
  duplicateSchema,
  ({ id, name, set, withStock }, { params }) => duplicateStyle(params.id!, id, name, set, withStock),
  201
);
