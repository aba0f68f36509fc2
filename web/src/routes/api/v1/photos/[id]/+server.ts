import { removedAnswer } from '$lib/api/answers';
import { act, get, idOf } from '$lib/server/endpoint';
import { photo, removePhoto } from '$lib/server/shop/style-photos';

export const GET = get({ needs: 'look', summary: 'One photograph', media: 'image/*' }, (event) => photo(idOf(event, 'id', 'photograph')));
export const DELETE = act({ needs: 'stock', summary: 'Take a photograph away', answer: removedAnswer }, async (event) => {
  await removePhoto(idOf(event, 'id', 'photograph'));
  return { removed: true };
});
