import { idAnswer } from '$lib/api/answers';
import { readingSchema } from '$lib/api/stock-schema';
import { write } from '$lib/server/endpoint';
import { addReading } from '$lib/server/shop/last-evidence';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = write(
  { needs: 'stock', summary: 'Keep a measured pair or insole', body: readingSchema, status: 201, answer: idAnswer },
  (body, { params }) => addReading(params.id!, body)
);
