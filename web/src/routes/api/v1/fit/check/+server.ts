import { fitCheckSchema } from '$lib/api/fit-schema';
import { take } from '$lib/server/endpoint';
import { checkOne } from '$lib/server/fit-api';

export const POST = take(fitCheckSchema, checkOne);
