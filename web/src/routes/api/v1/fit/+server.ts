import { fitAnswer } from '$lib/api/answers';
import { fitSchema } from '$lib/api/fit-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';
import { targetsOfShop } from '$lib/server/shop/settings';

export const POST = take({ needs: 'look', summary: 'Both feet against the stockroom, best first', body: fitSchema, answer: fitAnswer }, async (body) =>
  heavy('rank', { body, targets: await targetsOfShop() })
);
