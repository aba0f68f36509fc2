import { readingSchema } from '$lib/api/stock-schema';
import { write } from '$lib/server/endpoint';
import { addReading } from '$lib/server/shop/last-evidence';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = write(readingSchema, (body, { params }) => addReading(params.id!, body), 201);
