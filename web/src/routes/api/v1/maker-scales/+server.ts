import { idAnswer, makerScalesAnswer } from '$lib/api/answers';
import { makerScaleSchema } from '$lib/api/size-schema';
import { get, write } from '$lib/server/endpoint';
import { addMakerScale, allMakerScales } from '$lib/server/shop/maker-scales';

export const GET = get({ needs: 'look', summary: 'Scales that makers define for themselves', answer: makerScalesAnswer }, async () => ({
  scales: await allMakerScales()
}));
export const POST = write({ needs: 'stock', summary: 'Keep a maker’s own scale', body: makerScaleSchema, status: 201, answer: idAnswer }, async (body) => ({
  id: await addMakerScale(body)
}));
