import { forPage } from '$lib/server/page';
import { stripsOfShop } from '$lib/server/shop/settings';

export const load = async () => ({ strips: await forPage(stripsOfShop()) });
