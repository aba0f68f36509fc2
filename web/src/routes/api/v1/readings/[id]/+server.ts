import { get, idOf } from '$lib/server/endpoint';
import { removeReading } from '$lib/server/shop/last-evidence';

export const DELETE = get(async (event) => {
  await removeReading(idOf(event, 'id', 'reading'));
  return { removed: true };
});
