import { get, idOf } from '$lib/server/endpoint';
import { removeHabit } from '$lib/server/shop/habits';

export const DELETE = get(async (event) => {
  await removeHabit(idOf(event, 'id', 'report'));
  return { removed: true };
});
