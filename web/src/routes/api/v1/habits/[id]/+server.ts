import { removedAnswer } from '$lib/api/answers';
import { act, idOf } from '$lib/server/endpoint';
import { removeHabit } from '$lib/server/shop/habits';

export const DELETE = act({ needs: 'fit', summary: 'Take a report away', answer: removedAnswer }, async (event) => {
  await removeHabit(idOf(event, 'id', 'report'));
  return { removed: true };
});
