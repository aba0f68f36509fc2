import { z } from 'zod';
import { sessionRow } from '$lib/api/door-schema';
import { sessionsOf } from '$lib/server/doors/sessions';
import { get } from '$lib/server/endpoint';

export const GET = get({ needs: 'shop', summary: 'Where everybody is signed in', answer: z.object({ sessions: z.array(sessionRow) }) }, async ({ locals }) => ({
  sessions: await sessionsOf(null, locals.who?.sessionId ?? null)
}));
