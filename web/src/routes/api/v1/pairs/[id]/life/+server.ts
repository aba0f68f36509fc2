import { lifeKeptAnswer, lifeSchema } from '$lib/api/keep-schema';
import { fitterOf, idOf, write } from '$lib/server/endpoint';
import { addLife } from '$lib/server/shop/pairs';

export const POST = write(
  {
    needs: 'fit',
    summary: 'Note something on a pair’s life line; the same on one day is noted once, unless “again” says it was twice',
    body: lifeSchema,
    status: 201,
    answer: lifeKeptAnswer
  },
  (body, event) => addLife(idOf(event, 'id', 'pair'), body, fitterOf(event))
);
