import { endSessions } from '$lib/server/doors/sessions';
import { act, idOf } from '$lib/server/endpoint';
import { notFound } from '$lib/server/problems';

export const DELETE = act({ needs: 'shop', summary: 'End somebody’s session' }, async (event) => {
  const id = idOf(event, 'id', 'session');
  if ((await endSessions({ id })) === 0) throw notFound(`session ${id}`);
});
