import { customerSchema, peoplePageSchema } from '$lib/api/shop-schema';
import { fitterOf, get, queryOf, write } from '$lib/server/endpoint';
import { addCustomer, peoplePage } from '$lib/server/shop/customers';

export const GET = get((event) => peoplePage(queryOf(event, peoplePageSchema)));
export const POST = write(customerSchema, async (body, event) => ({ id: await addCustomer(body, fitterOf(event)) }), 201);
