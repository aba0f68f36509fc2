import { forPage } from '$lib/server/page';
import { allMakerScales } from '$lib/server/shop/maker-scales';
import { stripsOfShop } from '$lib/server/shop/settings';

export const load = async () => {
  const [strips, makerScales] = await forPage(Promise.all([stripsOfShop(), allMakerScales()]));
  return { strips, makerScales };
};
