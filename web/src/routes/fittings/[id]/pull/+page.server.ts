import { forPage } from '$lib/server/page';
import { briefsNow } from '$lib/server/shop/briefs';

/** Of the stockroom the page gets what it filters and names by; the worker that ranks it fetches the rest itself, unless it has it already. */
export const load = () => forPage(briefsNow());
