import { act, idOf } from '$lib/server/endpoint';
import { removeMatrix } from '$lib/server/shop/size-matrices';

export const DELETE = act(async (event) => {
  await removeMatrix(idOf(event, 'id', 'matrix'));
  return { removed: true };
});
