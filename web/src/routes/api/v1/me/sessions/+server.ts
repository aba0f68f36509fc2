import { z } from 'zod';
import { sessionRow } from '$lib/api/door-schema';
import { ownAccount } from '$lib/server/doors/own';
import { sessionsOf } from '$lib/server/doors/sessions';
import { get } from '$lib/server/endpoint';

export const GET = get({ needs: 'self', summary: 'Where one is signed in', answer: z.object({ sessions: z.array(sessionRow) }) }, async ({ locals }) => {
  const { accountId, sessionId } = ownAccount(locals.who);
  return { sessions: await sessionsOf(accountId, sessionId) };
});
