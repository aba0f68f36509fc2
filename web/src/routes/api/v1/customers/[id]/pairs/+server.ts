import { pairKeptAnswer, pairsAnswer, pairSchema } from '$lib/api/keep-schema';
import { likeNow } from '$lib/like-now';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { addPair, aroundOf, pairsOf } from '$lib/server/shop/pairs';
import { shopToday } from '$lib/server/shop/settings';

export const GET = get(
  { needs: 'people', summary: 'Pairs of a person with their life lines, what each costs, and what it is like on today’s feet', answer: pairsAnswer },
  async (event) => {
    const id = idOf(event, 'id', 'person');
    const today = await shopToday();
    const [pairs, { fitting, styles }] = await Promise.all([pairsOf(id, today), aroundOf(id)]);
    return { pairs, now: fitting ? likeNow(pairs, fitting, styles, new Date().toISOString()) : [], today };
  }
);
export const POST = write(
  { needs: 'fit', summary: 'Add a pair: by its style, by its label alone, or by a photograph', body: pairSchema, status: 201, answer: pairKeptAnswer },
  (body, event) => addPair(idOf(event, 'id', 'person'), body, fitterOf(event))
);
