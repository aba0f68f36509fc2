import { pairKeptAnswer, wishesAnswer, wishSchema } from '$lib/api/keep-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { wishes } from '$lib/server/shop/person-rows';
import { wishesOf } from '$lib/server/shop/turns';

export const GET = get(
  { needs: 'people', summary: 'What a person wishes for, first things first, with how many the stockroom has', answer: wishesAnswer },
  async (event) => ({
    wishes: await wishesOf(idOf(event, 'id', 'person'))
  })
);
export const POST = write({ needs: 'fit', summary: 'Keep a wish with a person', body: wishSchema, status: 201, answer: pairKeptAnswer }, (body, event) =>
  wishes.add(idOf(event, 'id', 'person'), body, fitterOf(event))
);
