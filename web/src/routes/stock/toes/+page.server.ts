import { benchPeople } from '$lib/server/shop/bench-people';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => benchPeople(url);
