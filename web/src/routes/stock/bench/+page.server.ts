import { forPage } from '$lib/server/page';
import { allCustomers } from '$lib/server/shop/customers';
import { allLasts, allMakers, allStyles } from '$lib/server/shop/stockroom';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const [lasts, makers, styles, people] = await forPage(Promise.all([allLasts(), allMakers(), allStyles(), allCustomers()]));
  return {
    lasts,
    makers,
    styles,
    people: people.filter((p) => p.leftMm !== null || p.rightMm !== null).map(({ id, name }) => ({ id, name })),
    asked: (url.searchParams.get('shoes') ?? '').split(',').filter(Boolean),
    person: Number(url.searchParams.get('person')) || null
  };
};
