import { forPage } from '$lib/server/page';
import { savedMatrices } from '$lib/server/shop/size-matrices';
import { scalesOfLasts } from '$lib/compare-shoes';
import { allLasts, allMakers, allStyles } from '$lib/server/shop/stockroom';

export const load = async () => {
  const [lasts, makers, matrices, styles] = await forPage(Promise.all([allLasts(), allMakers(), savedMatrices(), allStyles()]));
  return { lasts, makers, matrices, scales: scalesOfLasts(styles) };
};
