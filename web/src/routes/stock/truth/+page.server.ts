import { forPage } from '$lib/server/page';
import { truthOfShop } from '$lib/server/shop/calibration';

export const load = async () => ({ truth: await forPage(truthOfShop()) });
