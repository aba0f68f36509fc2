import { costsAnswer } from '$lib/api/keep-schema';
import { get } from '$lib/server/endpoint';
import { shopToday } from '$lib/server/shop/settings';
import { costsOfShop } from '$lib/server/shop/turns';

export const GET = get({ needs: 'people', summary: 'What pairs cost, by production and by season', answer: costsAnswer }, async () =>
  costsOfShop(await shopToday())
);
