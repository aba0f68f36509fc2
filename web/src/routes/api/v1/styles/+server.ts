import { get } from '$lib/server/endpoint';
import { allStyles } from '$lib/server/shop/stockroom';

export const GET = get(async () => ({ styles: await allStyles() }));
