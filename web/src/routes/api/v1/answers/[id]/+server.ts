import { removedAnswer } from '$lib/api/answers';
import { saidKeptAnswer } from '$lib/api/said-schema';
import { act, idOf } from '$lib/server/endpoint';
import { removeSaid, sayAgain } from '$lib/server/shop/said';

export const POST = act({ needs: 'fit', summary: 'Say an answer again', answer: saidKeptAnswer }, (event) => sayAgain(idOf(event, 'id', 'answer')));
export const DELETE = act({ needs: 'fit', summary: 'Take an answer away', answer: removedAnswer }, async (event) => {
  await removeSaid(idOf(event, 'id', 'answer'));
  return { removed: true };
});
