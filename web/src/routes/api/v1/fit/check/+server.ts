import { fitCheckSchema } from '$lib/api/fit-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';

export const POST = take(fitCheckSchema, (body) => heavy('checkOne', body));
