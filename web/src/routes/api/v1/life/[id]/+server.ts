import { removedAnswer } from '$lib/api/answers';
import { act, idOf } from '$lib/server/endpoint';
import { removeLife } from '$lib/server/shop/pairs';

export const DELETE = act({ needs: 'fit', summary: 'Take something off a life line again', answer: removedAnswer }, async (event) => {
  await removeLife(idOf(event, 'id', 'note'));
  return { removed: true };
});
