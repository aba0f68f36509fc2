import { act, idOf } from '$lib/server/endpoint';
import { removeMakerScale } from '$lib/server/shop/maker-scales';

export const DELETE = act(async (event) => {
  await removeMakerScale(idOf(event, 'id', 'scale'));
  return { removed: true };
});
