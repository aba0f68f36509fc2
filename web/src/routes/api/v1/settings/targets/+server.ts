import { savedAnswer, targetsAnswer } from '$lib/api/answers';
import { targetsSchema } from '$lib/api/targets-schema';
import { get, write } from '$lib/server/endpoint';
import { keepTargets, targetsOfShop } from '$lib/server/shop/settings';

export const GET = get({ needs: 'look', summary: 'Targets the shop has set for itself', answer: targetsAnswer }, async () => ({
  targets: await targetsOfShop()
}));
export const PUT = write(
  { needs: 'lasts', summary: 'Keep the shop’s own targets; an empty set goes back to ours', body: targetsSchema, answer: savedAnswer },
  async (body) => {
    await keepTargets(body);
    return { saved: true };
  }
);
