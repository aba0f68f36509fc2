import { nameAnswer } from '$lib/api/answers';
import { duplicateSchema } from '$lib/api/stock-schema';
import { write } from '$lib/server/endpoint';
import { duplicateStyle } from '$lib/server/shop/stock-changes';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = write(
  { needs: 'stock', summary: 'A variant of a style', body: duplicateSchema, status: 201, answer: nameAnswer },
  ({ id, name, set, withStock }, { params }) => duplicateStyle(params.id!, id, name, set, withStock)
);
