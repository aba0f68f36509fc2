import { removedAnswer, savedVersionAnswer } from '$lib/api/answers';
import { tryPatchSchema } from '$lib/api/shop-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { removeTry, saveTry } from '$lib/server/shop/tries';

export const PATCH = write(
  { needs: 'fit', summary: 'Note what was felt, what became of it and why', body: tryPatchSchema, answer: savedVersionAnswer },
  async (body, event) => ({
    saved: true,
    version: await saveTry(idOf(event, 'id', 'pair tried'), body, fitterOf(event))
  })
);
export const DELETE = act({ needs: 'fit', summary: 'Take a pair off the list', answer: removedAnswer }, async (event) => {
  await removeTry(idOf(event, 'id', 'pair tried'), fitterOf(event));
  return { removed: true };
});
