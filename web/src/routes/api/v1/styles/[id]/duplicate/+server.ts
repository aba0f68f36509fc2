import { duplicateSchema } from '$lib/api/stock-schema';
import { write } from '$lib/server/endpoint';
import { duplicateStyle } from '$lib/server/shop/stock-changes';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = write(
  duplicateSchema,
  ({ id, name, set, withStock }, { params }) => duplicateStyle(params.id!, id, name, set, withStock),
  201
);
