import { forPage } from '$lib/server/page';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async () => ({ styles: (await forPage(allStyles())).map(({ id, name }) => ({ id, name })) });
