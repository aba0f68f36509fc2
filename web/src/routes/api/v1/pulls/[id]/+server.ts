import { removedAnswer } from '$lib/api/answers';
import { act, idOf } from '$lib/server/endpoint';
import { removePull } from '$lib/server/shop/pulls';

export const DELETE = act({ needs: 'fit', summary: 'Take a pull test away', answer: removedAnswer }, async (event) => {
  await removePull(idOf(event, 'id', 'pull test'));
  return { removed: true };
});
