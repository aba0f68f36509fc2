import { removedAnswer } from '$lib/api/answers';
import { act, idOf } from '$lib/server/endpoint';
import { removeReading } from '$lib/server/shop/last-evidence';

export const DELETE = act({ needs: 'stock', summary: 'Take a reading away', answer: removedAnswer }, async (event) => {
  await removeReading(idOf(event, 'id', 'reading'));
  return { removed: true };
});
