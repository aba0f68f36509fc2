import { removedAnswer } from '$lib/api/answers';
import { act, idOf } from '$lib/server/endpoint';
import { removeMakerScale } from '$lib/server/shop/maker-scales';

export const DELETE = act({ needs: 'stock', summary: 'Take a maker’s scale away', answer: removedAnswer }, async (event) => {
  await removeMakerScale(idOf(event, 'id', 'scale'));
  return { removed: true };
});
