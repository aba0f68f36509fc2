import { act, idOf } from '$lib/server/endpoint';
import { removeReading } from '$lib/server/shop/last-evidence';

export const DELETE = act(async (event) => {
  await removeReading(idOf(event, 'id', 'reading'));
  return { removed: true };
});
