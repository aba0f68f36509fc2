import { removedAnswer } from '$lib/api/answers';
import { occasionChangeSchema, occasionKeptAnswer } from '$lib/api/occasion-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { changeOccasion, removeOccasion } from '$lib/server/shop/occasions';

export const PUT = write(
  { needs: 'fit', summary: 'Change a kept occasion; a version seen and outdated is a conflict', body: occasionChangeSchema, answer: occasionKeptAnswer },
  (body, event) => changeOccasion(idOf(event, 'id', 'occasion'), body, fitterOf(event))
);
export const DELETE = act({ needs: 'fit', summary: 'Take a kept occasion away', answer: removedAnswer }, async (event) => {
  await removeOccasion(idOf(event, 'id', 'occasion'), fitterOf(event));
  return { removed: true };
});
