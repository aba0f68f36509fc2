import { packBriefs } from '$lib/style-brief';
import { forPage } from '$lib/server/page';
import { benchPeople } from '$lib/server/shop/bench-people';
import { allPulls } from '$lib/server/shop/pulls';
import { stockroomNow } from '$lib/server/shop/stockroom';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const [people, { stamp, styles }, pulls] = await Promise.all([benchPeople(url), forPage(stockroomNow()), forPage(allPulls())]);
  return { ...people, stamp, pulls, briefs: packBriefs(styles) };
};
