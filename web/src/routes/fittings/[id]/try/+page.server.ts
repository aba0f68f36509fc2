import { forPage } from '$lib/server/page';
import { handsOfShop } from '$lib/server/shop/settings';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async () => ({ styles: await forPage(allStyles()), hands: await forPage(handsOfShop()) });
