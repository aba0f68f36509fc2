import { compareSizeSchema } from '$lib/api/stock-schema';
import { compareSize } from '$lib/server/compare-api';
import { take } from '$lib/server/endpoint';

export const POST = take(compareSizeSchema, compareSize);
