import { forPage } from '$lib/server/page';
import { pointeStock } from '$lib/server/shop/pointe';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ stock: await forPage(pointeStock()) });
