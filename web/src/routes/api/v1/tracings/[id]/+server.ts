import { removedAnswer } from '$lib/api/answers';
import { act, idOf } from '$lib/server/endpoint';
import { removeTracing } from '$lib/server/shop/tracings';

export const DELETE = act({ needs: 'fit', summary: 'Take a traced outline away', answer: removedAnswer }, async (event) => {
  await removeTracing(idOf(event, 'id', 'tracing'));
  return { removed: true };
});
