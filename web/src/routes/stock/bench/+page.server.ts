import { forPage } from '$lib/server/page';
import { customerOf, peoplePage } from '$lib/server/shop/customers';
import { allLasts, allMakers, allStyles } from '$lib/server/shop/stockroom';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const asked = Number(url.searchParams.get('person'));
  // Somebody who is not there any more leaves the bench without a foot.
  const person = Number.isInteger(asked) && asked > 0 ? customerOf(asked).catch(() => null) : null;
  const [lasts, makers, styles, people, who] = await forPage(Promise.all([allLasts(), allMakers(), allStyles(), peoplePage({ measured: true }), person]));
  return {
    lasts,
    makers,
    styles,
    people,
    asked: (url.searchParams.get('shoes') ?? '').split(',').filter(Boolean),
    person: who && !who.erasedAt ? { id: who.id, name: who.name } : null
  };
};
