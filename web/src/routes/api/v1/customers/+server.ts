import { customerSchema } from '$lib/api/shop-schema';
import { get, take } from '$lib/server/endpoint';
import { addCustomer, allCustomers } from '$lib/server/shop/customers';

export const GET = get(async () => ({ customers: await allCustomers() }));
export const POST = take(customerSchema, async (body) => ({ id: await addCustomer(body) }), 201);
