import { triedAnswer } from '$lib/api/answers';
import { trySchema } from '$lib/api/shop-schema';
import { fitterOf, idOf, writePrepared } from '$lib/server/endpoint';
import { addTry, sayOf } from '$lib/server/shop/tries';

export const POST = writePrepared(
  { needs: 'fit', summary: 'Carry a pair to the chair', body: trySchema, status: 201, answer: triedAnswer },
  (pair, event) => sayOf(idOf(event, 'id', 'fitting'), pair),
  async (said, event) => {
    const tried = await addTry(idOf(event, 'id', 'fitting'), said, fitterOf(event));
    return { id: tried.id, tried };
  }
);
