import { customerSchema } from '$lib/api/shop-schema';
import { fitterOf, get, take } from '$lib/server/endpoint';
import { addCustomer, allCustomers } from '$lib/server/shop/customers';

export const GET = get(async () => ({ customers: await allCustomers() }));
export const POST = take(customerSchema, async (body, event) => ({ id: await addCustomer(body, fitterOf(event)) }), 201);
