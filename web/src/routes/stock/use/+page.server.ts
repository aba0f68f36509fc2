import { packBriefs } from '$lib/style-brief';
import { forPage } from '$lib/server/page';
import { benchPeople } from '$lib/server/shop/bench-people';
import { stockroomNow } from '$lib/server/shop/stockroom';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const [people, { stamp, styles }] = await Promise.all([benchPeople(url), forPage(stockroomNow())]);
  return { ...people, stamp, briefs: packBriefs(styles) };
};
