import { act, idOf } from '$lib/server/endpoint';
import { removeHabit } from '$lib/server/shop/habits';

export const DELETE = act(async (event) => {
  await removeHabit(idOf(event, 'id', 'report'));
  return { removed: true };
});
