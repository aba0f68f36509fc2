import { trySchema } from '$lib/api/shop-schema';
import { idOf, write } from '$lib/server/endpoint';
import { addTry } from '$lib/server/shop/tries';

export const POST = write(
  trySchema,
  async (body, event) => {
    const tried = await addTry(idOf(event, 'id', 'fitting'), body);
    return { id: tried.id, tried };
  },
  201
);
