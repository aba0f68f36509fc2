import { idAnswer, matricesAnswer } from '$lib/api/answers';
import { matrixSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { saveMatrix, savedMatrices } from '$lib/server/shop/size-matrices';

export const GET = get({ needs: 'look', summary: 'Matrices the shop keeps', answer: matricesAnswer }, async () => ({ matrices: await savedMatrices() }));
export const POST = write({ needs: 'stock', summary: 'Keep a matrix', body: matrixSchema, status: 201, answer: idAnswer }, saveMatrix);
