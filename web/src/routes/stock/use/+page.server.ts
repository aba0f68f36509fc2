import { forPage } from '$lib/server/page';
import { benchPeople } from '$lib/server/shop/bench-people';
import { briefsNow } from '$lib/server/shop/briefs';
import { allPulls } from '$lib/server/shop/pulls';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const [people, { stamp, briefs }, pulls] = await Promise.all([benchPeople(url), forPage(briefsNow()), forPage(allPulls())]);
  return { ...people, stamp, pulls, briefs };
};
