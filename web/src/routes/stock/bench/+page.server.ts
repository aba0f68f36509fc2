import { forPage } from '$lib/server/page';
import { benchPeople } from '$lib/server/shop/bench-people';
import { allLasts, allMakers, allStyles } from '$lib/server/shop/stockroom';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const [lasts, makers, styles, people] = await forPage(Promise.all([allLasts(), allMakers(), allStyles(), benchPeople(url)]));
  return { lasts, makers, styles, ...people, asked: (url.searchParams.get('shoes') ?? '').split(',').filter(Boolean) };
};
