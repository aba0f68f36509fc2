import { forPage } from '$lib/server/page';
import { targetsOfShop } from '$lib/server/shop/settings';

export const load = async () => ({ targets: await forPage(targetsOfShop()) });
