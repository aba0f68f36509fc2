import { removedAnswer } from '$lib/api/answers';
import { occasionKeptAnswer } from '$lib/api/occasion-schema';
import { pointePairChangeSchema } from '$lib/api/pointe-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { changePair, removePair } from '$lib/server/shop/pointe';

export const PUT = write(
  {
    needs: 'fit',
    summary: 'Change a kept pair: hours, how it died; a version seen and outdated is a conflict',
    body: pointePairChangeSchema,
    answer: occasionKeptAnswer
  },
  (body, event) => changePair(idOf(event, 'id', 'pair'), body, fitterOf(event))
);
export const DELETE = act({ needs: 'fit', summary: 'Take a kept pair away', answer: removedAnswer }, async (event) => {
  await removePair(idOf(event, 'id', 'pair'), fitterOf(event));
  return { removed: true };
});
