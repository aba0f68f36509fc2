import { photoSchema } from '$lib/api/stock-schema';
import { get, take } from '$lib/server/endpoint';
import { addPhoto, photosOf } from '$lib/server/shop/style-photos';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get(async ({ params }) => ({ photos: await photosOf(params.id!) }));
export const POST: RequestHandler = take(photoSchema, (body, { params }) => addPhoto(params.id!, body), 201);
