import { forPage } from '$lib/server/page';
import { benchPeople } from '$lib/server/shop/bench-people';
import { pointeStock } from '$lib/server/shop/pointe';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => ({ ...(await benchPeople(url)), stock: await forPage(pointeStock()) });
