import { forPage } from '$lib/server/page';
import { savedMatrices } from '$lib/server/shop/size-matrices';
import { allLasts, allMakers } from '$lib/server/shop/stockroom';

export const load = async () => {
  const [lasts, makers, matrices] = await forPage(Promise.all([allLasts(), allMakers(), savedMatrices()]));
  return { lasts, makers, matrices };
};
