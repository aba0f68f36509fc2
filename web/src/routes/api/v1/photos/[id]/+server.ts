import { act, get, idOf } from '$lib/server/endpoint';
import { photo, removePhoto } from '$lib/server/shop/style-photos';

export const GET = get((event) => photo(idOf(event, 'id', 'photograph')));
export const DELETE = act(async (event) => {
  await removePhoto(idOf(event, 'id', 'photograph'));
  return { removed: true };
});
