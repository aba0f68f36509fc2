import { importSchema } from '$lib/api/feet-exchange';
import { fitterOf, write } from '$lib/server/endpoint';
import { importFeet } from '$lib/server/shop/people-files';

export const POST = write(importSchema, (body, event) => importFeet(body, fitterOf(event)));
