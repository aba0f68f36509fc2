import { idOf } from '$lib/server/endpoint';
import { forPage } from '$lib/server/page';
import { keptOf } from '$lib/server/shop/kept-of-person';
import { retentionOfShop } from '$lib/server/shop/settings';

/** What is kept of somebody, to be shown or printed for them. */
export const load = async (event) => {
  const kept = await forPage(Promise.resolve().then(() => keptOf(idOf(event, 'id', 'person'))));
  return { kept, years: await forPage(retentionOfShop()) };
};
