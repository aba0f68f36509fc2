import { removedAnswer } from '$lib/api/answers';
import { pairChangeSchema, pairKeptAnswer } from '$lib/api/keep-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { changePair, removePair } from '$lib/server/shop/pairs';

export const PUT = write(
  { needs: 'fit', summary: 'Change what is kept of a pair; a version seen and outdated is a conflict', body: pairChangeSchema, answer: pairKeptAnswer },
  (body, event) => changePair(idOf(event, 'id', 'pair'), body, fitterOf(event))
);
export const DELETE = act({ needs: 'fit', summary: 'Take a pair away that was never theirs, with its life line', answer: removedAnswer }, async (event) => {
  await removePair(idOf(event, 'id', 'pair'), fitterOf(event));
  return { removed: true };
});
