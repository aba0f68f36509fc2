import { pairKeptAnswer, troublesAnswer, troubleSchema } from '$lib/api/keep-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { troubles } from '$lib/server/shop/person-rows';
import { troublesOf } from '$lib/server/shop/turns';

export const GET = get(
  { needs: 'health', summary: 'Troubles brought home, the zones they point to, and sizes in which more than one pair went bad', answer: troublesAnswer },
  async (event) => troublesOf(idOf(event, 'id', 'person'))
);
export const POST = write(
  { needs: 'health', summary: 'Keep a trouble with a person', body: troubleSchema, status: 201, answer: pairKeptAnswer },
  (body, event) => troubles.add(idOf(event, 'id', 'person'), body, fitterOf(event))
);
