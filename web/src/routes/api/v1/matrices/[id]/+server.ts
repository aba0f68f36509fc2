import { get, idOf } from '$lib/server/endpoint';
import { removeMatrix } from '$lib/server/shop/size-matrices';

export const DELETE = get(async (event) => {
  await removeMatrix(idOf(event, 'id', 'matrix'));
  return { removed: true };
});
