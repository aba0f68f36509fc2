import { forPage } from '$lib/server/page';
import { measureOrderOfShop } from '$lib/server/shop/settings';

export const load = async () => ({ measureOrder: await forPage(measureOrderOfShop()) });
