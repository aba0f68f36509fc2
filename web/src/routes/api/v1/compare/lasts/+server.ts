import { compareLastsSchema } from '$lib/api/stock-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';

export const POST = take(compareLastsSchema, (body) => heavy('compareLasts', body));
