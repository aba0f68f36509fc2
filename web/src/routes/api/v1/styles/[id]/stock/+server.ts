import { countsAnswer } from '$lib/api/answers';
import { countsSchema } from '$lib/api/stock-schema';
import { write } from '$lib/server/endpoint';
import { setCounts } from '$lib/server/shop/stock-changes';
import type { RequestHandler } from './$types';

export const PATCH: RequestHandler = write(
  { needs: 'stock', summary: 'Set counts of single sizes and widths; the others stay', body: countsSchema, answer: countsAnswer },
  (body, { params }) => setCounts(params.id!, body)
);
