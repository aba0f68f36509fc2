import { forPage } from '$lib/server/page';
import { allMakers } from '$lib/server/shop/stockroom';

export const load = async () => {
  return { makers: await forPage(allMakers()) };
};
