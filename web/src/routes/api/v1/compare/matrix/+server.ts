import { matrixSchema } from '$lib/api/stock-schema';
import { matrixOf } from '$lib/server/compare-api';
import { take } from '$lib/server/endpoint';

export const POST = take(matrixSchema, matrixOf);
