import { compareLastsSchema } from '$lib/api/stock-schema';
import { compareLasts } from '$lib/server/compare-api';
import { take } from '$lib/server/endpoint';

export const POST = take(compareLastsSchema, compareLasts);
