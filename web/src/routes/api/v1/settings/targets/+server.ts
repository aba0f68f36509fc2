import { targetsSchema } from '$lib/api/targets-schema';
import { get, write } from '$lib/server/endpoint';
import { keepTargets, targetsOfShop } from '$lib/server/shop/settings';

export const GET = get(async () => ({ targets: await targetsOfShop() }));
export const PUT = write(targetsSchema, async (body) => {
  await keepTargets(body);
  return { saved: true };
});
