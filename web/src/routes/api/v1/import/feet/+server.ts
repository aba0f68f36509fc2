import { importSchema } from '$lib/api/feet-exchange';
import { fitterOf, take } from '$lib/server/endpoint';
import { importFeet } from '$lib/server/shop/people-files';

export const POST = take(importSchema, (body, event) => importFeet(body, fitterOf(event)));
