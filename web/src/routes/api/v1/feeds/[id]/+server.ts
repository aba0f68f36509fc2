import { removedAnswer } from '$lib/api/answers';
import { act, idOf } from '$lib/server/endpoint';
import { removeFeed } from '$lib/server/shop/feeds';

export const DELETE = act({ needs: 'shop', summary: 'Take the address of a calendar back', answer: removedAnswer }, async (event) => {
  await removeFeed(idOf(event, 'id', 'calendar'));
  return { removed: true };
});
