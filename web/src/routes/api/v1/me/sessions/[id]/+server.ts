import { ownAccount } from '$lib/server/doors/own';
import { endSessions } from '$lib/server/doors/sessions';
import { act, idOf } from '$lib/server/endpoint';
import { notFound } from '$lib/server/problems';

export const DELETE = act({ needs: 'self', summary: 'End one of one’s own sessions' }, async (event) => {
  const id = idOf(event, 'id', 'session');
  if ((await endSessions({ id, accountId: ownAccount(event.locals.who).accountId })) === 0) throw notFound(`session ${id} of yours`);
});
