import { matrixSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { saveMatrix, savedMatrices } from '$lib/server/shop/size-matrices';

export const GET = get(async () => ({ matrices: await savedMatrices() }));
export const POST = write(matrixSchema, saveMatrix, 201);
