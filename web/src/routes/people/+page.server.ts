import { forPage } from '$lib/server/page';
import { peoplePage } from '$lib/server/shop/customers';

export const load = async () => ({ people: await forPage(peoplePage()) });
