import { briefOf } from '$lib/style-brief';
import { forPage } from '$lib/server/page';
import { allStyles } from '$lib/server/shop/stockroom';

/** Of the stockroom the page gets what it filters and names by; the worker that ranks it fetches the rest itself. */
export const load = async () => ({ styles: (await forPage(allStyles())).map(briefOf) });
