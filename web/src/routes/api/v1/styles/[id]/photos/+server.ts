import { idAnswer, photosAnswer } from '$lib/api/answers';
import { photoSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { addPhoto, photosOf } from '$lib/server/shop/style-photos';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get({ needs: 'look', summary: 'Photographs kept with a style', answer: photosAnswer }, async ({ params }) => ({
  photos: await photosOf(params.id!)
}));
export const POST: RequestHandler = write(
  { needs: 'stock', summary: 'Keep a photograph', body: photoSchema, status: 201, answer: idAnswer },
  (body, { params }) => addPhoto(params.id!, body)
);
