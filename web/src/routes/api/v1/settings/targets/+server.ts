import { targetsSchema } from '$lib/api/targets-schema';
import { get, take } from '$lib/server/endpoint';
import { keepTargets, targetsOfShop } from '$lib/server/shop/settings';

export const GET = get(async () => ({ targets: await targetsOfShop() }));
export const PUT = take(targetsSchema, async (body) => {
  await keepTargets(body);
  return { saved: true };
});
