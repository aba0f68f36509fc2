import { forPage } from '$lib/server/page';
import { benchPeople } from '$lib/server/shop/bench-people';
import { customerOf } from '$lib/server/shop/customers';
import { askedAlike, saidAnswers } from '$lib/server/shop/said';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async ({ url }) => {
  const asked = Number(url.searchParams.get('for'));
  const named = Number.isInteger(asked) && asked > 0 ? customerOf(asked).catch(() => null) : null;
  const [answers, alike, styles, { people }, who] = await forPage(Promise.all([saidAnswers(), askedAlike(), allStyles(), benchPeople(url), named]));
  return { answers, alike, styles, people, person: who && !who.erasedAt ? { id: who.id, name: who.name, flags: who.flags } : null };
};
