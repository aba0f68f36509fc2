import { ownAccount } from '$lib/server/doors/own';
import { removeToken } from '$lib/server/doors/tokens';
import { act, idOf } from '$lib/server/endpoint';

export const DELETE = act({ needs: 'self', summary: 'Take one of one’s own tokens back' }, async (event) => {
  await removeToken(idOf(event, 'id', 'token'), ownAccount(event.locals.who).accountId);
});
