import { KIND } from '@chiave/core/fit';
import { forPage } from '$lib/server/page';
import { benchPeople } from '$lib/server/shop/bench-people';
import { allStyles } from '$lib/server/shop/stockroom';
import { pointeStock } from '$lib/server/shop/pointe';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => ({
  ...(await benchPeople(url)),
  stock: await forPage(pointeStock()),
  slippers: (await forPage(allStyles())).filter((s) => KIND[s.kind].slipper)
});
