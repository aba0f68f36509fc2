import { removedAnswer } from '$lib/api/answers';
import { act, idOf } from '$lib/server/endpoint';
import { removeMatrix } from '$lib/server/shop/size-matrices';

export const DELETE = act({ needs: 'stock', summary: 'Take a matrix away', answer: removedAnswer }, async (event) => {
  await removeMatrix(idOf(event, 'id', 'matrix'));
  return { removed: true };
});
