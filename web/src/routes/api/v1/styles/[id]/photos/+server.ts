import { photoSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { addPhoto, photosOf } from '$lib/server/shop/style-photos';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get(async ({ params }) => ({ photos: await photosOf(params.id!) }));
export const POST: RequestHandler = write(photoSchema, (body, { params }) => addPhoto(params.id!, body), 201);
