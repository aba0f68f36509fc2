import { makerScaleSchema } from '$lib/api/size-schema';
import { get, write } from '$lib/server/endpoint';
import { addMakerScale, allMakerScales } from '$lib/server/shop/maker-scales';

export const GET = get(async () => ({ scales: await allMakerScales() }));
export const POST = write(makerScaleSchema, async (body) => ({ id: await addMakerScale(body) }), 201);
