import { pairKeptAnswer, looksAnswer, lookedSchema } from '$lib/api/keep-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { looks } from '$lib/server/shop/person-rows';
import { shopToday } from '$lib/server/shop/settings';
import { looksOf } from '$lib/server/shop/turns';

export const GET = get(
  { needs: 'health', summary: 'Looks at somebody’s feet, and the days of the last four weeks without one', answer: looksAnswer },
  async (event) => looksOf(idOf(event, 'id', 'person'), await shopToday())
);
export const POST = write(
  { needs: 'health', summary: 'Note a look at somebody’s feet', body: lookedSchema, status: 201, answer: pairKeptAnswer },
  (body, event) => looks.add(idOf(event, 'id', 'person'), body, fitterOf(event))
);
