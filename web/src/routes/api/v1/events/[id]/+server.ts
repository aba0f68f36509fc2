import { removedAnswer } from '$lib/api/answers';
import { eventChangeSchema, pairKeptAnswer } from '$lib/api/keep-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { events } from '$lib/server/shop/person-rows';

export const PUT = write(
  { needs: 'fit', summary: 'Change a kept event; a version seen and outdated is a conflict', body: eventChangeSchema, answer: pairKeptAnswer },
  ({ version, ...body }, event) => events.change(idOf(event, 'id', 'event'), body, version, fitterOf(event))
);
export const DELETE = act({ needs: 'fit', summary: 'Take an event away', answer: removedAnswer }, async (event) => {
  await events.remove(idOf(event, 'id', 'event'), fitterOf(event));
  return { removed: true };
});
