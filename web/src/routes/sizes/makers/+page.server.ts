import { forPage } from '$lib/server/page';
import { allMakers, allMakerScales } from '$lib/server/shop/maker-scales';

export const load = async () => {
  const [makers, scales] = await forPage(Promise.all([allMakers(), allMakerScales()]));
  return { makers, scales };
};
