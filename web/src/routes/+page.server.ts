import { forPage } from '$lib/server/page';
import { allCustomers } from '$lib/server/shop/customers';

export const load = async () => ({ customers: await forPage(allCustomers()) });
