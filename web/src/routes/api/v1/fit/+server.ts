import { fitSchema } from '$lib/api/fit-schema';
import { take } from '$lib/server/endpoint';
import { rankForApi } from '$lib/server/fit-api';
import { targetsOfShop } from '$lib/server/shop/settings';
import { allStyles } from '$lib/server/shop/stockroom';

export const POST = take(fitSchema, async (body) => {
  const [styles, targets] = await Promise.all([allStyles(), targetsOfShop()]);
  return rankForApi(body, styles, targets);
});
